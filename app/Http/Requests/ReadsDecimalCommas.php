<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A number is typed with a comma or a point, as its author is used to: 7,46 is 7.46. */
trait ReadsDecimalCommas
{
    protected function prepareForValidation(): void
    {
        $points = [];
        foreach ($this->rules() as $name => $rules) {
            $typed = in_array('numeric', $rules, true) ? $this->input($name) : null;
            if (is_string($typed) && preg_match('/^\s*-?\d*,\d+\s*$/', $typed) === 1) {
                $points[$name] = str_replace(',', '.', $typed);
            }
        }
        $this->merge($points);
    }
}
