<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Charts\CutCurve;
use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Metering\PopTrial;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** The ledger of pop-off trials, and what a cut of the spring would do. */
final readonly class PopOffCard implements BenchCard
{
    /** A kart pumper's: popping 10, shutting 8. Common practice. */
    private const USUAL_TARGET_PSI = 10.0;

    /**
     * @param  list<array{no: int, wet: string, coils: string, pop: string, reseat: string, spread: string, trend: string}>  $trials
     * @param  list<NumberField>  $spring what its form is filled with
     * @param  list<NumberField>  $cut
     * @param  list<array{target: string, coils: string, pop: string, band: string}>  $cuts for pop-offs below the present
     */
    private function __construct(
        public array $trials,
        public string $coilsOff,
        public ?string $forbids,
        public array $spring,
        public array $cuts,
        public ?string $refused,
        public ?CutCurve $curve,
        public array $cut,
    ) {
    }

    public function view(): string
    {
        return 'stations.bench-test.pop-off';
    }

    public static function of(Worksheet $sheet): self
    {
        $metering = $sheet->of(Metering::class);
        $cut = $metering->toward(GaugePressure::ofPsi(self::USUAL_TARGET_PSI));

        return new self(
            trials: self::trials($metering->trials),
            coilsOff: $metering->coilsOff > 0.0 ? Numbers::short($metering->coilsOff, 2).' coils are off since it was measured.' : '',
            forbids: $metering->forbidsCut(),
            spring: self::spring($metering),
            cuts: self::cuts($metering),
            curve: CutCurve::of($metering),
            refused: $cut?->refused?->sentence(),
            cut: [
                NumberField::required(
                    'coils',
                    'Coils cut from the tip',
                    $cut?->coils === null || $cut->coils <= 0.0 ? '0.5' : Numbers::short($cut->coils, 1),
                ),
            ],
        );
    }

    public static function note(Worksheet $sheet): string
    {
        $metering = $sheet->of(Metering::class);
        $latest = $metering->latest();
        $pop = $latest?->series->meanPop();

        return match (true) {
            $latest === null || $pop === null => 'not measured',
            $sheet->of(Staleness::class)->has(Metering::POP_OFF) => 're-check',
            default => self::psi($pop).' psi'.($latest->isWet ? '' : ', dry'),
        };
    }

    /**
     * @param  list<PopTrial>  $trials
     *
     * @return list<array{no: int, wet: string, coils: string, pop: string, reseat: string, spread: string, trend: string}>
     */
    private static function trials(array $trials): array
    {
        $rows = [];
        $before = null;
        foreach ($trials as $i => $trial) {
            $pop = $trial->series->meanPop();
            $spread = $trial->series->spreadKilopascals();
            $moved = $pop === null || $before === null ? 0.0 : $pop->inPsi() - $before;
            $rows[] = [
                'no' => $i + 1,
                'wet' => $trial->isWet ? 'wet' : 'dry',
                'coils' => $trial->coilsOff > 0.0 ? Numbers::short($trial->coilsOff, 2).' off' : 'uncut',
                'pop' => self::psi($pop),
                'reseat' => self::psi($trial->series->meanReseat()),
                'spread' => $spread === null ? 'one pop' : '± '.Numbers::short(0.5 * $spread / GaugePressure::ofPsi(1.0)->inKilopascals(), 2),
                'trend' => match (true) {
                    abs($moved) < 0.05 => '',
                    $moved < 0.0 => Numbers::short(-$moved, 1).' down',
                    default => Numbers::short($moved, 1).' up',
                },
            ];
            $before = $pop?->inPsi() ?? $before;
        }

        return $rows;
    }

    /** @return list<NumberField> */
    private static function spring(Metering $metering): array
    {
        $of = $metering->spring;

        return [
            NumberField::required('wire_mm', 'Wire, mm', self::number($of?->wire)),
            NumberField::required('coil_mm', 'Coil, middle to middle, mm', self::number($of?->coil)),
            NumberField::required('active_coils', 'Coils that spring', self::number($of?->activeCoils)),
            NumberField::required('free_mm', 'Free, mm', self::number($of?->free)),
            NumberField::required('installed_mm', 'Installed, mm', self::number($of?->installed)),
        ];
    }

    /** @return list<array{target: string, coils: string, pop: string, band: string}> */
    private static function cuts(Metering $metering): array
    {
        $present = $metering->latest()?->series->meanPop()?->inPsi() ?? 0.0;
        $rows = [];
        for ($psi = floor($present - 0.01); $psi >= max(1.0, $present - 5.0); $psi--) {
            $cut = $metering->toward(GaugePressure::ofPsi($psi));
            if ($cut === null || $cut->refused !== null) {
                return [];
            }
            $rows[] = [
                'target' => Numbers::short($psi, 0),
                'coils' => Numbers::short($cut->coils ?? 0.0, 1),
                'pop' => self::psi($cut->pop),
                'band' => self::psi($cut->low).' to '.self::psi($cut->high),
            ];
        }

        return $rows;
    }

    private static function psi(?GaugePressure $pressure): string
    {
        return $pressure === null ? '–' : Numbers::plain($pressure->inPsi(), 1);
    }

    private static function number(?float $value): string
    {
        return $value === null ? '' : rtrim(rtrim(sprintf('%.3f', $value), '0'), '.');
    }
}
