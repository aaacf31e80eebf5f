<?php

declare(strict_types=1);

namespace DustyJet\Governor;

use DustyJet\Carburetor\Drive;

/**
 * An idle as it was read, and what to do about it. The stop screw sets the speed and nothing else: what is rough, stalls or
 * creeps within the band is mixture, air or the drive. Common practice.
 */
final readonly class IdleSpeed
{
    /** Above the band by this share, no stop screw made it so. From memory. */
    private const HIGH = 0.25;

    /** The lowest share of the band, where a gear goes in softest. From memory. */
    private const LOW_END = 0.35;

    /** @param  array{0: float, 1: float}  $wantedRpm */
    private function __construct(
        private array $wantedRpm,
        private Drive $drive,
        public float $rpm,
        public IdleManner $manner,
    ) {
    }

    /**
     * @param  array{0: float, 1: float}  $wantedRpm of the card
     *
     * @throws UnusableSpeed If it does not turn, or nothing behind it can behave so.
     */
    public static function of(array $wantedRpm, Drive $drive, float $rpm, IdleManner $manner = IdleManner::Smooth): self
    {
        $rpm > 0.0 || throw UnusableSpeed::field('The idle speed', 'above 0 rpm');
        in_array($manner, IdleManner::with($drive), true)
            || throw UnusableSpeed::field('How it idles', 'one of what is listed for this machine');

        return new self($wantedRpm, $drive, $rpm, $manner);
    }

    /** It moves what it drives while nobody holds the throttle: before anything else. */
    public function isDangerous(): bool
    {
        return $this->manner === IdleManner::Creeps;
    }

    public function isAsWanted(): bool
    {
        return $this->manner === IdleManner::Smooth && $this->isWithin();
    }

    /** What to do, a sentence or two. */
    public function advice(): string
    {
        return match (true) {
            $this->manner === IdleManner::Creeps => $this->ofCreep(),
            $this->manner === IdleManner::Stalls => 'Not the stop screw alone: idle mixture a quarter richer where it has a screw. Better: it was lean. '
                .'No better: a plugged idle circuit, or air drawn in.',
            $this->rpm > (1.0 + self::HIGH) * $this->wantedRpm[1] => 'Far too fast for a screw: a plate that hangs, a cable too '
                .'short, or air drawn in behind the carburetor. Find that first.',
            $this->rpm > $this->wantedRpm[1] => 'Too fast: stop screw out, an eighth at a time. Off its cam and still fast: air '
                .'drawn in.',
            $this->rpm < $this->wantedRpm[0] => 'Too slow: stop screw in, an eighth at a time.',
            $this->manner === IdleManner::Rough => 'The speed is right, the mixture is not: its screw, or its jet where it has none, then the idle speed '
                .'again.',
            $this->manner === IdleManner::StallsInGear => 'In gear it must pull: idle mixture an eighth richer before more idle speed.',
            $this->manner === IdleManner::Clunks => $this->ofClunk(),
            default => 'As wanted: '.$this->drive->target().'. Leave it.',
        };
    }

    private function ofCreep(): string
    {
        return $this->rpm <= $this->wantedRpm[1]
            ? 'Stop it. The speed is in its band and it drives all the same: a clutch spring or a dragging drum, not a screw. It '
                .'does not go out so.'
            : 'Stop it. Stop screw out until nothing turns, and back into the band: a clutch takes hold above it.';
    }

    private function ofClunk(): string
    {
        $low = $this->wantedRpm[0] + self::LOW_END * ($this->wantedRpm[1] - $this->wantedRpm[0]);

        return $this->rpm > $low
            ? 'Lower, as long as it runs smooth: stop screw out an eighth.'
            : 'It is as low as it goes: look at the shift and its cable, not at the carburetor.';
    }

    private function isWithin(): bool
    {
        return $this->rpm >= $this->wantedRpm[0] && $this->rpm <= $this->wantedRpm[1];
    }
}
