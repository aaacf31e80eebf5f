<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;

/** How fast the engine ran with the screw there, and what was heard. Half the trade reads no speed: it listens. */
final readonly class MixtureReading
{
    /**
     * @param  RotationalSpeed|null  $speed null where it died, or where it was only listened to
     * @param  list<Mark>  $marks none: nothing was noted, which is not the same as clean
     */
    public function __construct(public Turns $turns, public ?RotationalSpeed $speed, public array $marks = [])
    {
    }

    public static function died(Turns $turns): self
    {
        return new self($turns, null, [Mark::Dies]);
    }

    public function hasDied(): bool
    {
        return $this->isHeard(Mark::Dies);
    }

    public function isSameAs(self $other): bool
    {
        return $this->turns->isSameAs($other->turns)
            && $this->speed?->inRpm() === $other->speed?->inRpm()
            && $this->marks === $other->marks;
    }

    public function isByEar(): bool
    {
        return $this->speed === null && ! $this->hasDied();
    }

    public function rpm(): float
    {
        return $this->speed?->inRpm() ?? 0.0;
    }

    public function isHeard(Mark $mark): bool
    {
        return in_array($mark, $this->marks, true);
    }

    /** -1 where it was heard to be lean, 1 rich, 0 neither; null where nothing was noted. */
    public function side(): ?int
    {
        $sides = array_map(static fn (Mark $m): int => $m->side(), $this->marks);

        return $sides === [] ? null : (min($sides) < 0 ? -1 : max($sides));
    }
}
