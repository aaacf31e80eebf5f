<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\FloatLevel;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Station;
use DustyJet\FloatLevel\FloatValve;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** The float was weighed and its lever measured: what it can shut off follows. */
final readonly class FloatWeighed implements Act
{
    /** Heavier than a sound one by more than this, it has drunk. From memory. */
    private const HEAVIER = 0.05;

    private function __construct(
        public float $grams,
        public ?float $soundGrams,
        public float $armFloat,
        public float $armTang,
        public float $seat,
        public ?float $millilitres,
        public ?float $submergedPercent,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::number('mass_g', 0.1, 1000),
            Field::number('sound_g', 0.1, 1000)->optional(),
            Field::number('arm_float_mm', 0.1, 300),
            Field::number('arm_tang_mm', 0.1, 300),
            Field::number('seat_mm', 0.1, 20),
            Field::number('volume_ml', 0.1, 1000)->optional(),
            Field::number('submerged_percent', 1, 100)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->number('mass_g'),
            $payload->numberOrNull('sound_g'),
            $payload->number('arm_float_mm'),
            $payload->number('arm_tang_mm'),
            $payload->number('seat_mm'),
            $payload->numberOrNull('volume_ml'),
            $payload->numberOrNull('submerged_percent'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->family->proof->tests[FloatGaps::TEST]) || throw NotAllowedNow::notOfThisFamily('A float');
        $this->shutsOffKilopascals();
    }

    /** @throws Rejected If a number cannot be. */
    public function valve(): FloatValve
    {
        return new FloatValve($this->grams, $this->armFloat, $this->armTang, $this->seat);
    }

    /**
     * In fuel; null where its volume was not said.
     *
     * @throws Rejected If a number cannot be.
     */
    public function shutsOffKilopascals(): ?float
    {
        $valve = $this->valve();

        return $this->millilitres === null
            ? null
            : $valve->shutsOff($this->millilitres, ($this->submergedPercent ?? 100.0) / 100.0);
    }

    public function hasDrunk(): bool
    {
        return $this->soundGrams !== null && $this->grams > $this->soundGrams * (1.0 + self::HEAVIER);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        try {
            $this->shutsOffKilopascals();
        } catch (Rejected) {
            return $bench;
        }

        return $bench->with($bench->of(FloatGaps::class)->weighed($this, $entry->at))->touched(Station::BenchTest, $entry->at);
    }
}
