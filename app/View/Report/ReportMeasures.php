<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Log\Words\FlowWords;
use App\View\Numbers;
use DateTimeImmutable;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Flow\ValveTrial;
use DustyJet\Worksheet\LeakMap\IsolatingResult;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Metering\PopTrial;
use DustyJet\Worksheet\Worksheet;

/** What was measured besides the hold: pops, lever, float, and which joint. */
final readonly class ReportMeasures
{
    /** @return list<array{when: string, what: string, result: string}> */
    public static function of(Worksheet $sheet): array
    {
        return [
            ...array_map(self::trial(...), $sheet->of(Metering::class)->trials),
            ...self::lever($sheet),
            ...self::float($sheet),
            ...self::weight($sheet),
            ...array_map(self::valve(...), $sheet->of(CheckValve::class)->trials),
            ...self::delivered($sheet),
            ...array_values(array_map(
                static fn (IsolatingResult $r): array => self::isolated($sheet, $r),
                $sheet->of(IsolatingResults::class)->all,
            )),
        ];
    }

    /** @return array{when: string, what: string, result: string} */
    private static function trial(PopTrial $trial): array
    {
        $psi = static fn (?GaugePressure $p): string => $p === null ? '–' : Numbers::plain($p->inPsi(), 1).' psi';

        return self::row(
            $trial->at,
            'Pop-off, '.($trial->isWet ? 'wet' : 'dry').', mean of '.count($trial->series->pops),
            'Opens at '.$psi($trial->series->meanPop()).', shuts at '.$psi($trial->series->meanReseat()),
        );
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function lever(Worksheet $sheet): array
    {
        $lever = $sheet->of(Metering::class)->lever;
        if ($lever === null) {
            return [];
        }
        $card = Numbers::short($lever->target, 2).' mm, within '.Numbers::short($lever->tolerance, 2);

        return [self::row($lever->at, 'Metering lever', Numbers::short($lever->measured, 2)." mm (card {$card})")];
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function float(Worksheet $sheet): array
    {
        $float = $sheet->of(FloatGaps::class)->latest;

        return $float === null ? [] : [self::row(
            $float->at,
            'Float level',
            $float->gaps === null
                ? Numbers::plain($float->tilt->degrees, 1).'° to the face, by a photo'
                : Numbers::short($float->gaps->front, 2).' mm at the front, '.Numbers::short($float->gaps->rear, 2).' at the hinge',
        )];
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function weight(Worksheet $sheet): array
    {
        $float = $sheet->of(FloatGaps::class);
        [$weighed, $at] = [$float->weighed, $float->weighedAt];
        $drunk = $weighed?->hasDrunk() === true ? ', heavier than a sound one' : '';

        return $weighed === null || $at === null ? [] : [self::row($at, 'Float weighed', Numbers::short($weighed->grams, 2)." g{$drunk}")];
    }

    /** @return array{when: string, what: string, result: string} */
    private static function valve(ValveTrial $trial): array
    {
        $where = $trial->isInBody ? 'in the body' : 'out of the body';

        return self::row(
            $trial->at,
            "Check valve, {$where}",
            ucfirst(FlowWords::valve($trial->holdsVacuum, $trial->passesPressure)),
        );
    }

    /** @return list<array{when: string, what: string, result: string}> */
    private static function delivered(Worksheet $sheet): array
    {
        $reading = $sheet->of(Deliveries::class)->latest;
        if ($reading === null) {
            return [];
        }
        $demand = $reading->demand === null
            ? ''
            : ' (drinks '.Numbers::plain($reading->demand->millilitresPerMinute, 0).')';
        $flow = Numbers::plain($reading->delivery->millilitresPerMinute, 0)." ml/min{$demand}";

        return [self::row($reading->at, 'Fuel delivery', $flow)];
    }

    /** @return array{when: string, what: string, result: string} */
    private static function isolated(Worksheet $sheet, IsolatingResult $result): array
    {
        $leaks = $sheet->family->proof->leaks;
        $joints = array_map(static fn (string $j): string => lcfirst($leaks->joints[$j]->name ?? $j), $result->bubbled);
        $came = match ($result->outcome) {
            Outcome::Leaks => 'Leaks',
            Outcome::Holds => 'Holds',
            Outcome::KeepWatching => 'Undecided',
        };

        return self::row(
            $result->at,
            $leaks->tests[$result->test]->do ?? 'Isolating test',
            $joints === [] ? $came : 'Bubbles at '.implode(', ', $joints),
        );
    }

    /** @return array{when: string, what: string, result: string} */
    private static function row(DateTimeImmutable $at, string $what, string $result): array
    {
        return ['when' => Numbers::moment($at), 'what' => $what, 'result' => $result];
    }
}
