<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** After which sample a page wants more; what is no number is from the start. */
final class ShowLiveRunRequest extends FormRequest
{
    /** Of the newest: two minutes of a fast gauge. */
    public const MOST = 2400;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function newerThan(): int
    {
        $after = $this->query('after');

        return is_string($after) && preg_match('/^\d{1,15}$/', $after) === 1 ? (int) $after : 0;
    }
}
