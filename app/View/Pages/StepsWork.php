<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Worksheet;

/** The ordered, tickable steps of Strip, Clean & inspect or Build. */
final readonly class StepsWork
{
    /**
     * @param  list<array{key: string, number: int, do: string, part: string, partNumber: int, done: bool, at: string, isNext: bool, caution: string}>  $steps
     */
    public function __construct(public string $station, public string $heading, public string $count, public array $steps)
    {
    }

    public static function of(Worksheet $sheet, Station $station): self
    {
        $steps = [];
        $nextFound = false;
        foreach (array_values($sheet->family->stepsAt($station)) as $i => $step) {
            $at = $sheet->stepsDone[$station->value.'.'.$step->key] ?? null;
            $isNext = $at === null && ! $nextFound;
            $nextFound = $nextFound || $isNext;
            $caution = $step->caution === null ? null : $sheet->family->cautions[$step->caution];
            $steps[] = [
                'key' => $step->key,
                'number' => $i + 1,
                'do' => $step->do,
                'part' => $step->part,
                'partNumber' => $sheet->family->parts[$step->part]->number,
                'done' => $at !== null,
                'at' => $at === null ? '' : Numbers::clock($at),
                'isNext' => $isNext,
                'caution' => $caution === null ? '' : $caution->title,
            ];
        }
        $state = $sheet->stations[$station->value];

        return new self($station->value, match ($station) {
            Station::Strip => 'Take it down, in this order',
            Station::Clean => 'Clean and look',
            default => 'Build it back',
        }, "{$state->done} of {$state->of} done", $steps);
    }
}
