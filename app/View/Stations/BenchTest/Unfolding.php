<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Worksheet;

/** How the number of a test comes out: its equation, the numbers in it, how far it is to be trusted, and whose it is. */
final readonly class Unfolding
{
    private function __construct(
        public string $equation,
        public string $numbers,
        public string $uncertainty,
        public string $source,
    ) {
    }

    /** Null where a test has no number, or none yet. */
    public static function of(BenchTab $tab, SheetView $view): ?self
    {
        $sheet = $view->sheet;

        return match ($tab) {
            BenchTab::Hold => self::hold($sheet->of(Holds::class)->latest()),
            BenchTab::Leaks => $view->leaks === null ? null : self::leaks(count($view->leaks->suspects)),
            BenchTab::PopOff => self::popOff($sheet->of(Metering::class)),
            BenchTab::Lever => self::lever($sheet->of(Metering::class)),
            BenchTab::Float => self::float($sheet->of(FloatGaps::class)),
            BenchTab::Delivery => self::delivery($sheet),
            BenchTab::CheckValve, BenchTab::Looks => null,
        };
    }

    private static function hold(?HoldRecord $hold): ?self
    {
        if ($hold === null) {
            return null;
        }
        $setup = $hold->setup;
        $leak = $hold->outcome->leak;
        $knownTo = $setup->volumeKnownToPercent > 0.0 ? ' ± '.Numbers::short($setup->volumeKnownToPercent, 1).' %' : '';

        return new self(
            'Q = V / 101.325 kPa × |dP/dt|, where the test had settled',
            'V '.Numbers::short($setup->volumeMl, 1)." ml{$knownTo}; Q ".Numbers::flow($leak->mlMin).' cc/min at '
                .Numbers::plain(abs($hold->outcome->course->startKpa), 1).' kPa',
            '95 %: '.Numbers::flow($leak->lowMlMin).' to '.Numbers::flow($leak->highMlMin)
                .'. Every reading counts as its gauge step; profile likelihood over every leak law within 2 AICc.',
            'Mass balance of a closed volume; steps as JCGM 100 F.2.2.1; the fitter is checked on NIST StRD.',
        );
    }

    private static function leaks(int $suspects): self
    {
        return new self(
            'chance of each set of joints × likelihood of every test; flows: least squares, none below zero',
            "{$suspects} joints left, alone or two at once; three where no pair fits",
            'Ranges hold 95 %: a joint may leak from nothing to all that its tests saw.',
            'Bayes; Lawson and Hanson, Solving Least Squares Problems. Chances and minutes are from memory.',
        );
    }

    private static function popOff(Metering $metering): ?self
    {
        $series = $metering->latest()?->series;
        $pop = $series?->meanPop();
        $spread = $series?->spreadKilopascals();
        if ($series === null || $pop === null) {
            return null;
        }
        $psi = GaugePressure::ofPsi(1.0)->inKilopascals();

        return new self(
            'Mean of the pops. After a cut: p after / p before = force after / force before, F = k x, k = G d⁴ / (8 D³ N)',
            count($series->pops).' pops, mean '.Numbers::plain($pop->inPsi(), 2).' psi',
            $spread === null
                ? 'One pop says nothing of its spread.'
                : 'Half the spread: ± '.Numbers::short(0.5 * $spread / $psi, 2).' psi; a cut is known to half a coil.',
            'Force balance on the lever; Shigley, Mechanical Engineering Design, ch. 10. Where it shuts is measured, not reckoned.',
        );
    }

    private static function lever(Metering $metering): ?self
    {
        $lever = $metering->lever;

        return $lever === null ? null : new self(
            'error = measured − card; where the card reads depth, more is low',
            Numbers::short($lever->measured, 2).' − '.Numbers::short($lever->target, 2).' mm',
            'Within ± '.Numbers::short($lever->tolerance, 2).' mm it is left alone.',
            'Common practice; the figure is the card\'s.',
        );
    }

    private static function float(FloatGaps $float): ?self
    {
        $gaps = $float->latest?->gaps;
        if ($float->latest === null) {
            return null;
        }

        return new self(
            'tan of the tilt = (front − hinge) / length; tang = error × its arm / the float\'s arm; p = F × arms / seat',
            $gaps === null
                ? Numbers::plain($float->latest->tilt->degrees, 1).'° between two lines on a photo'
                : '('.Numbers::short($gaps->front, 2).' − '.Numbers::short($gaps->rear, 2).') / '
                    .Numbers::short($float->latest->length, 1).' mm',
            'Half a millimetre is called parallel, from memory. A photo taken askew adds its own angle.',
            'Geometry; statics about the hinge, Archimedes. Petrol 745 kg/m³.',
        );
    }

    private static function delivery(Worksheet $sheet): ?self
    {
        $reading = $sheet->of(Deliveries::class)->latest;

        return $reading === null ? null : new self(
            'delivered = ml × 60 / s; drinks = kW × kg/kWh / density; seat = 0.6 A √(2 g h)',
            Numbers::short($reading->typed->millilitres, 0).' ml × 60 / '.Numbers::short($reading->typed->seconds, 0).' s',
            'The can is read to a few millilitres; one and a half times is called enough, from memory.',
            'Torricelli, sharp orifice, half a metre of head; 0.40 and 0.55 kg/kWh from memory.',
        );
    }
}
