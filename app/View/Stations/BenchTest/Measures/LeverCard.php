<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Metering\LeverDatum;
use DustyJet\Metering\LeverVerdict;
use DustyJet\Worksheet\Metering\LeverReading;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** The metering lever against its card, drawn as far out as it is. View box 320 x 120. */
final readonly class LeverCard implements BenchCard
{
    private const UNITS_A_MILLIMETRE = 32.0;

    private const MOST_UNITS = 44.0;

    private const CARD_Y = 60.0;

    /** @param  list<NumberField>  $numbers */
    private function __construct(
        public array $numbers,
        public string $datum,
        public ?string $says,
        public string $does,
        public float $tipY,
        public float $bandTop,
        public float $bandHeight,
        public string $arrow,
        public string $label,
    ) {
    }

    public function view(): string
    {
        return 'stations.bench-test.lever';
    }

    public static function of(Worksheet $sheet): self
    {
        $lever = $sheet->of(Metering::class)->lever;
        $isOut = $lever !== null && $lever->height->verdict !== LeverVerdict::In;
        // Up in the drawing is up in the chamber, whichever way the card reads.
        $up = $lever === null ? 0.0 : ($lever->datum === LeverDatum::Up ? 1.0 : -1.0) * $lever->height->error;
        $tip = self::CARD_Y - self::bounded($up * self::UNITS_A_MILLIMETRE);
        $half = max(2.0, self::bounded(($lever->tolerance ?? 0.1) * self::UNITS_A_MILLIMETRE));

        return new self(
            numbers: [
                NumberField::required('measured_mm', 'Measured, mm'),
                NumberField::required('target_mm', 'Card, mm', $lever === null ? '' : Numbers::short($lever->target, 2)),
                NumberField::required('tolerance_mm', 'Within, mm', Numbers::short($lever->tolerance ?? 0.1, 2)),
            ],
            datum: ($lever->datum ?? LeverDatum::Down)->value,
            says: $lever === null ? null : self::says($lever),
            does: $lever === null ? '' : self::does($lever->height->verdict),
            tipY: $tip,
            bandTop: self::CARD_Y - $half,
            bandHeight: 2.0 * $half,
            arrow: $isOut ? self::arrow($tip) : '',
            label: $lever === null ? 'The lever at its card' : self::says($lever),
        );
    }

    public static function note(Worksheet $sheet): string
    {
        $lever = $sheet->of(Metering::class)->lever;

        return match (true) {
            $lever === null => 'not measured',
            $sheet->of(Staleness::class)->has(Metering::LEVER) => 're-check',
            default => Numbers::short($lever->measured, 2).' mm',
        };
    }

    /** From where it is to the card, with a head. */
    private static function arrow(float $tip): string
    {
        $back = $tip > self::CARD_Y ? 6.0 : -6.0;

        return sprintf('M262 %.1fV%.1fM257 %.1fL262 %.1fL267 %.1f', $tip, self::CARD_Y, self::CARD_Y + $back, self::CARD_Y, self::CARD_Y + $back);
    }

    private static function bounded(float $units): float
    {
        return max(-self::MOST_UNITS, min(self::MOST_UNITS, $units));
    }

    private static function says(LeverReading $lever): string
    {
        $by = Numbers::short(abs($lever->height->error), 2).' mm';
        $bend = Numbers::short(abs($lever->height->bendTab), 2).' mm';

        return match ($lever->height->verdict) {
            LeverVerdict::In => 'Within its card.',
            LeverVerdict::Low => "Low by {$by}: bend the tab so that it comes up {$bend}.",
            LeverVerdict::High => "High by {$by}: bend the tab so that it goes down {$bend}.",
        };
    }

    private static function does(LeverVerdict $verdict): string
    {
        return match ($verdict) {
            LeverVerdict::In => '',
            LeverVerdict::Low => 'The needle opens late and little: lean, it starves.',
            LeverVerdict::High => 'The needle opens early: rich, it floods.',
        };
    }
}
