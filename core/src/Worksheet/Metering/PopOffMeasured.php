<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Metering;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\PopOff\Pop;
use DustyJet\PopOff\PopSeries;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The inlet needle was popped a few times: where it opened and where it shut. */
final readonly class PopOffMeasured implements Act
{
    private const MOST_POPS = 20;

    private const MOST_PSI = 60.0;

    /** @param  PopSeries|null  $series null where it cannot be read */
    private function __construct(public ?PopSeries $series, public bool $isWet)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('pops', most: 400)->orSay('Type each pop as it opened and shut: 13/10, and the next.'),
            Field::text('unit')->among('psi', 'kpa')->otherwise('psi'),
            Field::flag('wetted'),
        );
    }

    public static function of(Payload $payload): self
    {
        $unit = $payload->text('unit') === 'kpa' ? PressureUnit::Kilopascal : PressureUnit::Psi;

        return new self(self::read($payload->text('pops'), $unit), $payload->flag('wetted'));
    }

    /** Pairs such as `13/10 12.8/9.9`, a comma, a semicolon or a new line between them. */
    private static function read(string $text, PressureUnit $unit): ?PopSeries
    {
        $words = preg_split('~[\s;]+|,\s+~', trim($text));
        $pops = [];
        foreach ($words === false ? [] : $words as $i => $word) {
            if (preg_match('~^(\d{1,3}(?:[.,]\d{1,3})?)/(\d{1,3}(?:[.,]\d{1,3})?)$~', $word, $found) !== 1) {
                return null;
            }
            $kilopascals = static fn (string $n): float => (float) str_replace(',', '.', $n) * $unit->kilopascals();
            [$pop, $reseat] = [$kilopascals($found[1]), $kilopascals($found[2])];
            if ($pop <= $reseat || $pop > self::MOST_PSI * PressureUnit::Psi->kilopascals()) {
                return null;
            }
            $pops[] = new Pop((float) $i, GaugePressure::ofKilopascals($pop), GaugePressure::ofKilopascals($reseat));
        }

        return $pops === [] || count($pops) > self::MOST_POPS ? null : PopSeries::of($pops);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $test = $sheet->family->proof->tests[Metering::POP_OFF] ?? throw NotAllowedNow::notOfThisFamily('A pop-off');
        $inTheWay = Machine::on($sheet->bench)->inTheWay($test->needs);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->series ?? throw UnreadableEntry::field(
            'pop_off_measured', 'pops', 'pairs such as 13/10, from where it opened to where it shut, at most 20',
        );
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        if ($this->series === null) {
            return $bench;
        }
        $metering = $bench->of(Metering::class);
        $trial = new PopTrial($this->series, $this->isWet, $metering->coilsOff, $entry->at, $entry->id);

        return $bench
            ->with($metering->tried($trial))
            ->renewed(Metering::POP_OFF)
            ->touched(Station::BenchTest, $entry->at);
    }
}
