<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\MachineSearch;
use Illuminate\Foundation\Http\FormRequest;

final class ShowMachinesRequest extends FormRequest
{
    private const FROM_LETTERS = 2;

    private const MOST_JOBS = 40;

    private const LONGEST = 60;

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

    /** @return list<Job>|null jobs of machines like what is typed, newest first; null while that is too little */
    public function known(): ?array
    {
        $typed = $this->machine();
        $isEnough = mb_strlen($typed) >= self::FROM_LETTERS;

        return $isEnough ? array_values(MachineSearch::like($typed, self::MOST_JOBS)->all()) : null;
    }

    /** What is typed of a machine, its serial number or its owner. */
    private function machine(): string
    {
        $typed = $this->query('machine');

        return is_string($typed) ? mb_substr(trim(mb_scrub(str_replace("\0", '', $typed))), 0, self::LONGEST) : '';
    }
}
