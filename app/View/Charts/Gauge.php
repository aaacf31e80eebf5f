<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Carburetor\Card;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/**
 * A dial gauge over 270 degrees. Pressure in psi with kPa inside, vacuum in inHg with kPa inside. View box 8 6 224
 * 226.
 */
final readonly class Gauge
{
    /** Where a vacuum test starts. From memory. */
    private const VACUUM_TARGET_INHG = 15.0;

    /** What a kart pumper is set to, and a face it fits on. Common practice. */
    private const POPS_TARGET_PSI = 10.0;

    public const POPS_FULL_PSI = 20.0;

    /**
     * @param  list<array{path: string, major: bool}>  $ticks
     * @param  list<array{text: string, x: float, y: float}>  $numbers
     * @param  list<array{path: string, text: string, x: float, y: float}>  $inner
     */
    private function __construct(
        public string $unit,
        public float $full,
        public float $pointerDegrees,
        public ?float $startDegrees,
        public float $targetDegrees,
        public string $passArc,
        public string $hazardArc,
        public array $ticks,
        public array $numbers,
        public array $inner,
        public string $label,
    ) {
    }

    /** At rest, for a run that is about to be watched. */
    public static function atRest(bool $isVacuum, Card $card, bool $forPops = false): self
    {
        if ($forPops) {
            return self::showing(PressureUnit::Psi, 0.0, null, self::POPS_TARGET_PSI, null, self::POPS_FULL_PSI);
        }

        return $isVacuum
            ? self::showing(PressureUnit::InchOfMercury, 0.0, null, self::VACUUM_TARGET_INHG, null)
            : self::showing(PressureUnit::Psi, 0.0, null, $card->test->inPsi(), $card->stop->inPsi());
    }

    /** As it stood when a hold test ended; at rest when there was none. */
    public static function of(?HoldRecord $hold, Card $card): self
    {
        $isVacuum = $hold?->setup->isVacuum === true;
        $unit = Numbers::gaugeUnit($isVacuum);
        $course = $hold?->outcome->course;
        $reading = abs($course->endKpa ?? 0.0) / $unit->kilopascals();
        $start = $course === null ? null : abs($course->startKpa) / $unit->kilopascals();

        return $isVacuum
            ? self::showing($unit, $reading, $start, self::VACUUM_TARGET_INHG, null)
            : self::showing($unit, $reading, $start, $card->test->inPsi(), $card->stop->inPsi());
    }

    /** Reading, start, target and stop in the unit of the gauge. */
    public static function showing(
        PressureUnit $unit,
        float $reading,
        ?float $start,
        float $target,
        ?float $stop,
        ?float $full = null,
    ): self {
        $isVacuum = $unit === PressureUnit::InchOfMercury;
        $full ??= $isVacuum ? 30.0 : 10.0;

        return new self(
            unit: $unit->symbol(),
            full: $full,
            pointerDegrees: self::degrees($reading, $full),
            startDegrees: $start === null ? null : self::degrees($start, $full),
            targetDegrees: self::degrees($target, $full),
            passArc: self::arc(91.0, $target * 0.97, $target * 1.03, $full),
            hazardArc: $stop === null ? '' : self::arc(91.0, $stop, $full, $full),
            ticks: self::ticks($full),
            numbers: self::numbers($full),
            inner: self::inner($full, $unit->kilopascals(), $full > 10.0 ? 25 : 20),
            label: self::label($unit, $reading, $target, $stop),
        );
    }

    private static function label(PressureUnit $unit, float $reading, float $target, ?float $stop): string
    {
        $kind = $unit === PressureUnit::InchOfMercury ? 'Vacuum' : 'Pressure';
        $now = Numbers::plain($reading, 2)." {$unit->symbol()}";
        $wanted = Numbers::plain($target, 0)." {$unit->symbol()}";
        $danger = $stop === null ? '' : ', danger above '.Numbers::plain($stop, 0).' psi';

        return "{$kind} gauge, {$now}, target {$wanted}{$danger}";
    }

    private static function degrees(float $value, float $full): float
    {
        return -135.0 + 270.0 * max(0.0, min(1.0, $value / $full));
    }

    /** @return array{0: float, 1: float} */
    private static function point(float $radius, float $value, float $full): array
    {
        $angle = deg2rad(self::degrees($value, $full));

        return [120.0 + $radius * sin($angle), 120.0 - $radius * cos($angle)];
    }

    private static function arc(float $radius, float $from, float $to, float $full): string
    {
        [$ax, $ay] = self::point($radius, $from, $full);
        [$bx, $by] = self::point($radius, $to, $full);

        return sprintf('M%.2f %.2fA%.0f %.0f 0 0 1 %.2f %.2f', $ax, $ay, $radius, $radius, $bx, $by);
    }

    /** @return list<array{path: string, major: bool}> */
    private static function ticks(float $full): array
    {
        $ticks = [];
        for ($i = 0; $i <= 50; $i++) {
            $major = $i % 10 === 0 || ($full <= 10.0 && $i % 5 === 0);
            [$ax, $ay] = self::point(96.0, ($full * $i) / 50, $full);
            [$bx, $by] = self::point($major ? 82.0 : 90.0, ($full * $i) / 50, $full);
            $ticks[] = ['path' => sprintf('M%.2f %.2fL%.2f %.2f', $ax, $ay, $bx, $by), 'major' => $major];
        }

        return $ticks;
    }

    /** @return list<array{text: string, x: float, y: float}> */
    private static function numbers(float $full): array
    {
        $numbers = [];
        for ($i = 0; $i <= 5; $i++) {
            [$x, $y] = self::point(69.0, ($full * $i) / 5, $full);
            $numbers[] = ['text' => (string) (int) (($full * $i) / 5), 'x' => $x, 'y' => $y + 6.0];
        }

        return $numbers;
    }

    /** @return list<array{path: string, text: string, x: float, y: float}> */
    private static function inner(float $full, float $kilopascals, int $every): array
    {
        $marks = [];
        for ($kpa = 0; $kpa / $kilopascals <= $full; $kpa += $every) {
            [$ax, $ay] = self::point(51.0, $kpa / $kilopascals, $full);
            [$bx, $by] = self::point(44.0, $kpa / $kilopascals, $full);
            [$x, $y] = self::point(34.0, $kpa / $kilopascals, $full);
            $marks[] = [
                'path' => sprintf('M%.2f %.2fL%.2f %.2f', $ax, $ay, $bx, $by),
                'text' => (string) $kpa,
                'x' => $x,
                'y' => $y + 4.5,
            ];
        }

        return $marks;
    }
}
