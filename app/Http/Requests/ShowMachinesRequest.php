<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ShowMachinesRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** The family of the form that asks; empty where none is chosen yet. */
    public function family(): string
    {
        $family = $this->query('family');

        return is_string($family) ? $family : '';
    }

    /** What is typed of a machine, its serial number or its owner. */
    public function machine(): string
    {
        $typed = $this->query('machine');

        return is_string($typed) ? mb_substr(trim(mb_scrub(str_replace("\0", '', $typed))), 0, 60) : '';
    }
}
