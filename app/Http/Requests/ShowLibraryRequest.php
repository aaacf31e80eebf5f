<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;

final class ShowLibraryRequest extends FormRequest
{
    private const LATELY = 60;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @return list<int> places of the answers chosen so far */
    public function chosen(): array
    {
        $path = $this->query('a');

        return is_string($path) && preg_match('~^\d{1,2}(?:-\d{1,2}){0,9}$~', $path) === 1
            ? array_map(intval(...), explode('-', $path))
            : [];
    }

    public function family(): ?string
    {
        $family = $this->query('family');

        return is_string($family) && $family !== '' ? $family : null;
    }

    /** The job whose machine comes again. */
    public function from(): ?string
    {
        $job = $this->query('from');

        return is_string($job) && Str::isUuid($job) ? $job : null;
    }

    /** @return list<Job> with a carburetor of the family, newest first */
    public function lately(): array
    {
        return array_values(Job::latestOf($this->family() ?? '', self::LATELY)->all());
    }

    /** Whether it comes back with what was repaired. */
    public function isComeBack(): bool
    {
        return $this->query('back') === '1';
    }

    public function variant(): string
    {
        $variant = $this->query('variant');

        return is_string($variant) ? $variant : '';
    }
}
