<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Worksheet;

/** A part in the list under the drawing, with what the log says of it. */
final readonly class PartChip
{
    public function __construct(
        public string $key,
        public int $number,
        public string $name,
        public string $mark,
        public string $said,
        public string $note,
        public bool $isAsked,
        public bool $isCommon,
        public string $letter,
    ) {
    }

    /**
     * @param  array<string, array{letter: string, percent: int}>  $suspects by part
     *
     * @return list<self>
     */
    public static function all(Worksheet $sheet, string $asked, bool $leaks, array $suspects = []): array
    {
        return array_values(array_map(static fn (Part $part): self => self::of($sheet, $part, $asked, $leaks, $suspects[$part->key] ?? null), $sheet->family->parts));
    }

    /** @param  array{letter: string, percent: int}|null  $suspect */
    private static function of(Worksheet $sheet, Part $part, string $asked, bool $leaks, ?array $suspect): self
    {
        $stale = in_array($part->key, ['needle', 'seat'], true) && $sheet->isStale('needle_hold');
        $done = self::cleaned($sheet, $part->key);
        [$mark, $said] = match (true) {
            $stale => ['stale', 're-check'],
            $leaks && $part->key === 'needle' => ['suspect', 'leaks'],
            $suspect !== null && ! $done => ['suspect', "suspect {$suspect['letter']}, {$suspect['percent']} %"],
            $done => ['ok', 'clean and sound'],
            default => ['', ''],
        };

        return new self($part->key, $part->number, $part->name, $mark, $said, self::note($sheet, $part->key, $said), $part->key === $asked, $part->number <= 7, $suspect['letter'] ?? '?');
    }

    private static function cleaned(Worksheet $sheet, string $part): bool
    {
        $steps = array_filter($sheet->family->stepsAt(Station::Clean), static fn ($s): bool => $s->part === $part);
        $open = array_filter($steps, static fn ($s): bool => ! $sheet->isStepDone(Station::Clean, $s->key));

        return $steps !== [] && $open === [];
    }

    private static function note(Worksheet $sheet, string $part, string $said): string
    {
        foreach ($sheet->adjusters as $state) {
            if ($state->adjuster->part === $part) {
                return 'Found '.Numbers::turns($state->found).', book '.Numbers::turns($state->adjuster->baseline).', now '.Numbers::turns($state->current()).'. In: '.$state->adjuster->sense->turningIn().', out: '.$state->adjuster->sense->turningOut().'.';
            }
        }
        foreach ([Station::Build, Station::Clean, Station::Strip] as $station) {
            foreach ($sheet->family->stepsAt($station) as $step) {
                if ($step->part === $part) {
                    return "{$station->label()}: {$step->do}.";
                }
            }
        }

        return $said === '' ? 'Nothing logged.' : ucfirst($said).'.';
    }
}
