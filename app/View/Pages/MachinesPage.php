<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Library\KnownMachine;
use DateTimeInterface;

/** Machines of this shop whose name, serial number or owner begins like what is typed, with their last visit. */
final readonly class MachinesPage
{
    private const MOST = 5;

    /** @param  list<KnownMachine>  $machines */
    private function __construct(public array $machines, public bool $isAsked)
    {
    }

    /**
     * @param  list<Job>|null  $jobs of machines like it, newest first; null when too little was typed
     * @param  string  $family of the form they are offered to
     */
    public static function of(?array $jobs, string $family, DateTimeInterface $now): self
    {
        $machines = [];
        foreach ($jobs ?? [] as $job) {
            $machines[KnownMachine::key($job)] ??= KnownMachine::of($job, $family, $now);
        }

        return new self(array_slice(array_values($machines), 0, self::MOST), $jobs !== null);
    }
}
