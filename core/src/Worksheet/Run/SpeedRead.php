<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\OrderOfMarks;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Screws\TurnsScrew;
use DustyJet\Worksheet\Screws\Upset;
use DustyJet\Worksheet\Worksheet;

/** The engine ran this fast with the screw there, or sounded so. */
final readonly class SpeedRead implements TurnsScrew
{
    private function __construct(
        public string $adjuster,
        public Turns $turns,
        public ?RotationalSpeed $speed,
        public ?string $mark,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('adjuster', most: 40),
            Field::turns(),
            Field::rpm()->optional(),
            Field::text('mark', most: 40)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        $rpm = $payload->numberOrNull('rpm');
        $mark = $payload->textOrNull('mark');

        return new self(
            $payload->text('adjuster'),
            Turns::ofUnits($payload->integer('units')),
            $rpm === null || $mark === Mark::Dies->value ? null : RotationalSpeed::ofRpm($rpm),
            $mark,
        );
    }

    /** What was heard; a mark of an old log that nobody knows today is passed over. */
    public function heard(): ?Mark
    {
        return Mark::tryFrom($this->mark ?? '');
    }

    private function reading(): MixtureReading
    {
        $mark = $this->heard();
        $marks = $mark === null ? [] : [$mark];

        return new MixtureReading($this->turns, $this->speed, $marks);
    }

    public function adjuster(): string
    {
        return $this->adjuster;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $state = $sheet->of(Screws::class)->named($this->adjuster);
        $mark = $this->heard();
        $mark !== null || $this->mark === null || throw UnreadableEntry::unknownName('mark', $this->mark);
        $this->speed !== null || $mark !== null || throw NotAllowedNow::noSpeed();
        $isByEar = $this->reading()->isByEar();
        ! $isByEar || $state->school !== School::Flutter || throw NotAllowedNow::notByEar();
        $inTheWay = Machine::on($sheet->bench)->inTheWay(Need::Whole);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $all = [...self::readingsBut($corrects, $state, $sheet), $this->reading()];
        OrderOfMarks::check($all, RunSoFar::screw($state, $sheet->family->card));
    }

    /** @return list<MixtureReading> of that screw, without the one that is corrected */
    private static function readingsBut(?string $corrected, AdjusterState $state, Worksheet $sheet): array
    {
        $entry = $corrected === null ? null : $sheet->log->latest(static fn (Entry $e): bool => $e->id === $corrected);
        $wrong = $entry === null ? null : EntryKind::actOf($entry);
        $readings = $state->readings;
        foreach ($readings as $i => $reading) {
            // By what it says: a reading does not know its entry.
            if ($wrong instanceof self && $reading->isSameAs($wrong->reading())) {
                unset($readings[$i]);
                break;
            }
        }

        return array_values($readings);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $screws = $bench->of(Screws::class);
        $state = $screws->all[$this->adjuster] ?? null;
        if ($state === null) {
            return $bench;
        }
        $after = $state->read($this->reading());
        $bench = $bench->with($screws->with($after))->touched(Station::Run, $entry->at);

        return Upset::by($state, $this->turns, $bench, $entry);
    }
}
