<?php

declare(strict_types=1);

namespace App\View\Library;

use App\Models\Job;

/** A make of machine this shop sees with one kind of carburetor: what is typed of it is the same each time. */
final readonly class KnownModel
{
    private const MOST = 4;

    /** @param  array<string, string>  $fill of the form of a new job */
    private function __construct(public string $name, public string $about, public array $fill)
    {
    }

    /**
     * @param  list<Job>  $jobs newest first
     *
     * @return list<self> those that came most often first
     */
    public static function among(array $jobs): array
    {
        $models = $times = [];
        foreach ($jobs as $job) {
            $key = mb_strtolower("{$job->machine}|{$job->engine}");
            $models[$key] ??= self::of($job);
            $times[$key] = ($times[$key] ?? 0) + 1;
        }
        uksort($models, static fn (string $a, string $b): int => $times[$b] <=> $times[$a]);

        return array_slice(array_values($models), 0, self::MOST);
    }

    private static function of(Job $job): self
    {
        $values = KnownMachine::values($job);

        return new self($job->machine, $values['engine'], array_intersect_key($values, array_flip(['machine', 'engine', 'variant'])));
    }
}
