<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use Illuminate\Foundation\Http\FormRequest;

/** What an instrument sent, whose key was known. */
final class StoreSamplesRequest extends FormRequest
{
    /** @return array<string, list<string>> none: the body is lines of JSON, which the core reads */
    public function rules(): array
    {
        return [];
    }

    public function instrument(): Instrument
    {
        $instrument = $this->attributes->get(Instrument::class);
        \assert($instrument instanceof Instrument);

        return $instrument;
    }

    public function body(): string
    {
        return (string) $this->getContent();
    }
}
