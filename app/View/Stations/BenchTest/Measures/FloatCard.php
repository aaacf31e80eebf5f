<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
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

    /** @param  list<NumberField>  $numbers */
    private function __construct(
        public array $numbers,
        public ?string $says,
        public string $does,
        public float $degrees,
        public string $label,
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
            ],
            says: $says,
            does: $reading === null ? '' : self::does($reading),
            // The gap opens upward in the drawing: the front of the float sinks.
            degrees: max(-self::MOST_DEGREES, min(self::MOST_DEGREES, $reading->tilt->degrees ?? 0.0)),
            label: $says ?? 'The float, parallel to the face',
        );
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
        $error = $reading->tilt->heightError;
        $by = Numbers::short(abs($error), 2).' mm, '.Numbers::plain(abs($reading->tilt->degrees), 1).'°';

        return match (true) {
            abs($error) <= self::PARALLEL_MM => "Parallel, within {$by}.",
            $error > 0.0 => "The front gap is larger by {$by}: the float rides high in use.",
            default => "The front gap is smaller by {$by}: the float rides low in use.",
        };
    }

    private static function does(FloatReading $reading): string
    {
        $error = $reading->tilt->heightError;

        return match (true) {
            abs($error) <= self::PARALLEL_MM => '',
            $error > 0.0 => 'It shuts early: a low fuel level, lean. Bend the tang away from the needle; a plastic float is not bent.',
            default => 'It shuts late: a high fuel level, rich or flooding. Bend the tang toward the needle; a plastic float is not bent.',
        };
    }
}
