<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Rejected;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\FloatLevel\FloatReading;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** The float against the body face, carburetor inverted. View box 320 x 120. */
final readonly class FloatCard implements BenchCard
{
    /** Parallel is what most cards ask: within this over its length. From memory. */
    private const PARALLEL_MM = 0.5;

    private const MOST_DEGREES = 14.0;

    /**
     * @param  list<NumberField>  $numbers
     * @param  list<NumberField>  $sight
     */
    private function __construct(
        public array $numbers,
        public array $sight,
        public ?string $says,
        public string $does,
        public float $degrees,
        public string $label,
        public string $tang,
        public FloatWeight $weight,
        public string $falsePass,
    ) {
    }

    public function view(): string
    {
        return 'stations.bench-test.float';
    }

    public static function of(Worksheet $sheet): self
    {
        $reading = $sheet->of(FloatGaps::class)->latest;
        $says = $reading === null ? null : self::says($reading);

        return new self(
            numbers: [
                NumberField::required('front_mm', 'Gap at the front, mm'),
                NumberField::required('rear_mm', 'Gap at the hinge, mm'),
                NumberField::required(
                    'length_mm',
                    'Between the two, mm',
                    $reading === null ? '' : Numbers::short($reading->length, 1),
                ),
                NumberField::optional('target_mm', 'Card, mm', hint: 'Empty: equal all around'),
            ],
            sight: [
                NumberField::required(
                    'length_mm',
                    'Float, hinge to front, mm',
                    $reading === null ? '' : Numbers::short($reading->length, 1),
                ),
            ],
            says: $says,
            does: $reading === null ? '' : self::does($reading),
            // The gap opens upward in the drawing: the front of the float sinks.
            degrees: max(-self::MOST_DEGREES, min(self::MOST_DEGREES, $reading->tilt->degrees ?? 0.0)),
            label: $says ?? 'The float, parallel to the face',
            tang: self::tang($sheet->of(FloatGaps::class)),
            weight: FloatWeight::of($sheet->of(FloatGaps::class)->weighed, $sheet->family->card),
            falsePass: self::falsePass($sheet),
        );
    }

    /** Of the height a card gives, else of being parallel. */
    private static function error(FloatReading $reading): float
    {
        return $reading->gaps?->heightError() ?? $reading->tilt->heightError;
    }

    /** How far the tang goes at the needle, where the arms are known. */
    private static function tang(FloatGaps $float): string
    {
        $error = $float->latest === null ? 0.0 : self::error($float->latest);
        if (abs($error) <= self::PARALLEL_MM || $float->weighed === null) {
            return '';
        }
        try {
            $by = abs($float->weighed->valve()->tangCorrection($error));
        } catch (Rejected) {
            return '';
        }

        return 'At the needle the tang moves '.Numbers::short($by, 2).' mm: the error times '
            .Numbers::short($float->weighed->armTang, 1).' / '.Numbers::short($float->weighed->armFloat, 1).', the two arms.';
    }

    /** One good fill on a level bench does not prove it on the engine. Common practice. */
    private static function falsePass(Worksheet $sheet): string
    {
        $tests = $sheet->of(Tests::class);
        $hasAttitude = isset($sheet->family->proof->tests['attitude']);

        return $hasAttitude && $tests->isPassed('bulb') && ! $tests->isPassed('attitude')
            ? 'Passed on a level bench only: a false pass where it hangs tilted. Fill it three times in its real attitude.'
            : '';
    }

    public static function note(Worksheet $sheet): string
    {
        $reading = $sheet->of(FloatGaps::class)->latest;

        return match (true) {
            $reading === null => 'not measured',
            $sheet->of(Staleness::class)->has(FloatGaps::READING) => 're-check',
            default => Numbers::plain($reading->tilt->degrees, 1).'°',
        };
    }

    private static function says(FloatReading $reading): string
    {
        $error = self::error($reading);
        $by = Numbers::short(abs($error), 2).' mm, '.Numbers::plain(abs($reading->tilt->degrees), 1).'°';

        return match (true) {
            abs($error) <= self::PARALLEL_MM => $reading->gaps?->target === null
                ? "Parallel, within {$by}."
                : "At its card, within {$by}.",
            $error > 0.0 => "The front gap is larger by {$by}: the float rides high in use.",
            default => "The front gap is smaller by {$by}: the float rides low in use.",
        };
    }

    private static function does(FloatReading $reading): string
    {
        $error = self::error($reading);

        return match (true) {
            abs($error) <= self::PARALLEL_MM => '',
            $error > 0.0 => 'It shuts early: a low fuel level, lean. Bend the tang away from the needle; a plastic float is not bent.',
            default => 'It shuts late: a high fuel level, rich or flooding. Bend the tang toward the needle; a plastic float is not bent.',
        };
    }
}
