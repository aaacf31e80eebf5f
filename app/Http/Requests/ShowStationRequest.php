<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which station's screw or check a page is asked for; what is not a word is not asked. */
final class ShowStationRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function screw(): string
    {
        return $this->word('screw');
    }

    /** The check of an intake or the part under the lens. */
    public function look(): string
    {
        return $this->word('check') !== '' ? $this->word('check') : $this->word('look');
    }

    private function word(string $name): string
    {
        $value = $this->query($name);

        return is_string($value) ? mb_scrub(str_replace("\0", '', $value)) : '';
    }
}
