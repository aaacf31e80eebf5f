<?php

declare(strict_types=1);

namespace App\View\Library;

use App\Models\Job;
use App\View\Numbers;
use DateTimeInterface;

/** A machine that was in this shop before. */
final readonly class KnownMachine
{
    private const LONGEST_COMPLAINT = 60;

    /**
     * @param  array<string, string>|null  $fill where the carburetor is of the form's family; else it is opened anew
     */
    private function __construct(public string $name, public string $about, public ?array $fill, public string $href)
    {
    }

    public static function of(Job $job, string $family, DateTimeInterface $now): self
    {
        $complaint = mb_substr($job->complaint, 0, self::LONGEST_COMPLAINT);
        $last = 'last here '.Numbers::day($job->opened_at, $now).": {$complaint}";
        $isSaid = static fn (?string $s): bool => $s !== null && $s !== '';

        return new self(
            name: $job->machine,
            about: implode(', ', array_filter([$job->customer, $job->serial, $last], $isSaid)),
            fill: $job->family === $family ? self::values($job) : null,
            href: route('jobs.create', ['family' => $job->family, 'from' => $job->id]),
        );
    }

    /** What tells it from another: its serial number, or its name with its owner. */
    public static function key(Job $job): string
    {
        $serial = $job->serial ?? '';

        return mb_strtolower($serial === '' ? "{$job->machine}|{$job->customer}" : $serial);
    }

    /** @return array<string, string> for the form of a new job */
    public static function values(Job $job): array
    {
        return [
            'machine' => $job->machine,
            'engine' => $job->engine ?? '',
            'serial' => $job->serial ?? '',
            'customer' => $job->customer ?? '',
            'variant' => $job->variant ?? '',
        ];
    }
}
