<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Balancing;

use DustyJet\Bank\Bank;
use DustyJet\Bank\Reading;
use DustyJet\Bank\UnusableBank;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The vacuum of every carburetor at idle was read, once after each blip of the throttle. */
final readonly class BankRead implements Act
{
    /** The check that the ports are closed again, where a family has it. */
    private const PORTS = 'plugs';

    /** @param  array<string, string>  $typed inHg by carburetor, a value a blip */
    private function __construct(public array $typed)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::map('vacuum')->orSay('Type what every column shows.'));
    }

    public static function of(Payload $payload): self
    {
        $typed = [];
        foreach ($payload->map('vacuum') as $carburetor => $values) {
            $typed[(string) $carburetor] = is_scalar($values) ? (string) $values : '';
        }

        return new self($typed);
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $bank = Ticket::bankOf($sheet->bench);
        $bank === [] && throw NotAllowedNow::notOfThisFamily('A bank of carburetors');
        $reference = $sheet->of(Balancing::class)->reference ?? throw NotAllowedNow::noReference();
        $inTheWay = Machine::on($sheet->bench)->inTheWay(Need::Whole);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        new Bank(array_keys($bank), $reference, [new Reading(null, $this->vacuum())]);
    }

    /**
     * @return array<string, non-empty-list<float>> inHg by carburetor
     *
     * @throws UnusableBank If a value is no number.
     */
    private function vacuum(): array
    {
        $vacuum = [];
        foreach ($this->typed as $carburetor => $values) {
            foreach (explode(' ', str_replace([';', '/', "\t"], ' ', trim($values)), Bank::MOST_BLIPS + 2) as $value) {
                $number = str_replace(',', '.', $value);
                preg_match('~^\d{1,3}(?:\.\d{1,4})?$~D', $number) === 1
                    || throw UnusableBank::field("The vacuum of {$carburetor}", 'in inHg, such as 10.1 or 10.1 10.3 9.9');
                $vacuum[$carburetor][] = (float) $number;
            }
        }

        return $vacuum;
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $carburetors = array_keys(Ticket::bankOf($bench));
        $balancing = $bench->of(Balancing::class);
        try {
            $vacuum = $this->vacuum();
            new Bank($carburetors, $balancing->reference ?? '', [new Reading($balancing->turned, $vacuum)]);
        } catch (UnusableBank) {
            // Of another bank, or from elsewhere: nothing is balanced by it.
            return $bench;
        }
        $read = $balancing->read($vacuum);
        $bench = $bench->with($read)->with($bench->of(Proofs::class)->reopened(self::PORTS));
        $bench = $read->isDone($carburetors) ? $bench->renewed(Balancing::READING) : $bench;
        // Every balance screw moves the idle a little.
        $isMoved = $balancing->turned !== null && $read->isDone($carburetors);
        $bench = $isMoved ? $bench->doubting(['idle_speed'], 'The bank was balanced', $entry->at) : $bench;

        return $bench->touched(Station::Run, $entry->at);
    }
}
