<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Governing;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Governor\GovernedSpeed;
use DustyJet\Governor\Steadiness;
use DustyJet\Governor\UnusableSpeed;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The governed speed was read: without load, and under load where there was one. */
final readonly class GovernedSpeedRead implements Act
{
    private function __construct(
        public float $rpm,
        public ?float $loadedRpm,
        public ?int $poles,
        public string $holds,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::rpm(),
            Field::number('loaded_rpm', 0, 25_000)->optional(),
            Field::integer('poles', 2, 6)->optional(),
            Field::text('holds')->among(...array_column(Steadiness::cases(), 'value'))->otherwise('steady'),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->number('rpm'),
            $payload->numberOrNull('loaded_rpm'),
            $payload->integerOrNull('poles'),
            $payload->text('holds'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $inTheWay = Machine::on($sheet->bench)->inTheWay(Need::Whole);
        $inTheWay === null || throw NotAllowedNow::inTheWay($inTheWay);
        $this->speed($sheet->family->card->governedRpm() ?? throw NotAllowedNow::notOfThisFamily('A governor'));
    }

    /**
     * @param  array{0: float, 1: float}  $wanted rpm without load
     *
     * @throws UnusableSpeed If a number cannot be.
     */
    private function speed(array $wanted): GovernedSpeed
    {
        $holds = Steadiness::tryFrom($this->holds) ?? Steadiness::Steady;

        return GovernedSpeed::of($wanted, $this->rpm, $this->loadedRpm, $this->poles, $holds);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $wanted = $bench->family->card->governedRpm();
        try {
            return $wanted === null ? $bench : $bench
                ->with(new Governing($this->speed($wanted), $this))
                ->touched(Station::Run, $entry->at);
        } catch (UnusableSpeed) {
            return $bench;
        }
    }
}
