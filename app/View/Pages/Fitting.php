<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Worksheet;

/** One station on the fuel line. */
final readonly class Fitting
{
    public function __construct(
        public string $href,
        public int $number,
        public string $name,
        public string $note,
        public string $state,
        public string $hose,
        public string $label,
        public bool $isHere,
    ) {
    }

    /** @return list<self> */
    public static function line(Job $job, Worksheet $sheet, Station $here): array
    {
        $reached = $sheet->station()->number();
        $fittings = [];
        foreach (Station::cases() as $station) {
            $state = $sheet->stations[$station->value];
            $note = match (true) {
                $state->stale > 0 => "re-check {$state->stale}",
                $state->of === 0 => 'nothing here',
                $state->doneAt !== null => Numbers::clock($state->doneAt),
                $state->of > 1 && $state->done > 0 => "{$state->done} of {$state->of}",
                default => "{$state->minutes} min",
            };
            $kind = match (true) {
                $station === $here => 'here',
                $state->stale > 0 => 'stale',
                $state->isDone() => 'done',
                default => 'todo',
            };
            $said = ['here' => 'open now', 'stale' => 'must be re-checked', 'done' => 'done', 'todo' => $state->done > 0 ? 'begun' : 'not started'][$kind];
            $hose = match (true) {
                $station->number() < $reached || $state->isDone() => 'wet',
                $station->number() === $reached => 'half',
                default => 'dry',
            };
            $fittings[] = new self(route('stations.show', [$job, $station->value]), $station->number(), $station->label(), $note, $kind, $hose, "{$station->number()} {$station->label()}: {$said}, {$note}", $station === $here);
        }

        return $fittings;
    }
}
