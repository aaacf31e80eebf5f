<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\Date;

/** The head of a sheet: whose machine it is, and what is wrong with it. */
final readonly class JobHead
{
    private function __construct(
        public string $id,
        public string $number,
        public string $machine,
        public string $about,
        public string $promised,
        public bool $isClosed,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        $intake = $sheet->intake;

        return new self(
            id: $job->id,
            number: $job->number,
            machine: $intake->machine ?? $job->machine,
            about: $intake === null ? '' : self::about($intake->engine, $sheet->family->name, $intake->complaint),
            promised: $intake?->promisedAt === null ? 'no date' : Numbers::day($intake->promisedAt, Date::now()),
            isClosed: $sheet->handedBackAt !== null,
        );
    }

    private static function about(string $engine, string $family, string $complaint): string
    {
        return "{$engine}, ".lcfirst($family).'. '.ucfirst(rtrim($complaint, '.')).'.';
    }
}
