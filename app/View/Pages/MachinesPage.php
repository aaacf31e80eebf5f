<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use Illuminate\Support\Facades\Date;

/** Machines of this shop whose name, serial number or owner begins like what is typed, with their last visit. */
final readonly class MachinesPage
{
    private const FROM_LETTERS = 2;

    private const MOST = 5;

    /** @param  list<array{name: string, about: string, fill: array<string, string>|null, href: string}>  $machines filled in place where the carburetor is of the form's family, else opened anew */
    private function __construct(public array $machines, public bool $isAsked)
    {
    }

    public static function of(string $typed, string $family): self
    {
        if (mb_strlen($typed) < self::FROM_LETTERS) {
            return new self([], false);
        }
        $machines = [];
        foreach (Job::ofMachinesLike($typed, 40) as $job) {
            $key = mb_strtolower($job->serial === null || $job->serial === '' ? "{$job->machine}|{$job->customer}" : $job->serial);
            $machines[$key] ??= [
                'name' => $job->machine,
                'about' => implode(', ', array_filter([$job->customer, $job->serial, 'last here '.Numbers::day($job->opened_at, Date::now()).': '.mb_substr($job->complaint, 0, 60)], static fn (?string $s): bool => $s !== null && $s !== '')),
                'href' => route('jobs.create', ['family' => $job->family, 'from' => $job->id]),
                'fill' => $job->family !== $family ? null : ['machine' => $job->machine, 'engine' => $job->engine ?? '', 'serial' => $job->serial ?? '', 'customer' => $job->customer ?? '', 'variant' => $job->variant ?? ''],
            ];
        }

        return new self(array_slice(array_values($machines), 0, self::MOST), true);
    }
}
