<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Numerics\NormalDistribution;

/**
 * What was heard or seen at a reading, and how likely that is at a mixture.
 *
 * The flutter of a two-stroke at full throttle without load clears at phi 1.25, and an ear places it to 0.03. Where the
 * others begin is from memory.
 */
enum Mark: string
{
    case Flutter = 'flutter';
    case Clean = 'clean';
    case RoughLean = 'rough_lean';
    case RoughRich = 'rough_rich';
    case Smoke = 'smoke';
    case Pops = 'pop';
    case Hesitates = 'hesitates';
    case DiesOnItsSide = 'dies_on_its_side';
    case Dies = 'dies';

    public const FLUTTER_PHI = 1.25;

    private const ROUGH_LEAN_PHI = 0.86;

    private const ROUGH_RICH_PHI = 1.5;

    /** An engine that stops is leaner or richer than these. */
    private const DIES_PHI = [0.75, 1.7];

    private const FLUTTER_NOISE = 0.03;

    private const NOISE = 0.06;

    /** One tick in a hundred is a slip of the thumb. */
    private const SLIP = 0.01;

    /** As a technician says it. */
    public function title(): string
    {
        return match ($this) {
            self::Flutter => 'Flutters',
            self::Clean => 'Clean',
            self::RoughLean => 'Rough lean',
            self::RoughRich => 'Rough rich',
            self::Smoke => 'Smokes',
            self::Pops => 'Pops back',
            self::Hesitates => 'Hesitates',
            self::DiesOnItsSide => 'Dies tilted',
            self::Dies => 'Dies',
        };
    }

    /** -1 where it is heard of a lean mixture, 1 of a rich one, 0 of neither. */
    public function side(): int
    {
        return match ($this) {
            self::RoughLean, self::Pops, self::Hesitates => -1,
            self::Flutter, self::RoughRich, self::Smoke, self::DiesOnItsSide => 1,
            self::Clean, self::Dies => 0,
        };
    }

    /** Whether both cannot be heard at once. */
    public function contradicts(self $other): bool
    {
        return $this->side() * $other->side() < 0
            || ($this === self::Clean && $other !== self::Clean)
            || ($other === self::Clean && $this !== self::Clean);
    }

    /** Whether it is heard of a leaner mixture than the other: lean before clean before rich. */
    public function isLeanerThan(self $other): bool
    {
        return $this !== self::Dies && $other !== self::Dies && $this->side() < $other->side();
    }

    /**
     * How likely it is at a mixture.
     *
     * @param  float  $phi equivalence ratio
     * @param  bool  $flutters whether this engine would flutter: a two-stroke at full throttle without load
     */
    public function chance(float $phi, bool $flutters): float
    {
        $heard = match ($this) {
            self::Flutter => self::richOf($phi, self::FLUTTER_PHI, self::FLUTTER_NOISE),
            self::Clean => $flutters
                ? 1.0 - self::richOf($phi, self::FLUTTER_PHI, self::FLUTTER_NOISE)
                : self::richOf($phi, self::ROUGH_LEAN_PHI) * (1.0 - self::richOf($phi, self::ROUGH_RICH_PHI)),
            self::RoughLean => 1.0 - self::richOf($phi, self::ROUGH_LEAN_PHI),
            self::RoughRich, self::Smoke => self::richOf($phi, self::ROUGH_RICH_PHI),
            self::Pops => 1.0 - self::richOf($phi, 0.75),
            self::Hesitates => 1.0 - self::richOf($phi, 0.95),
            self::DiesOnItsSide => self::richOf($phi, 1.4),
            self::Dies => 1.0 - self::richOf($phi, self::DIES_PHI[0]) + self::richOf($phi, self::DIES_PHI[1]),
        };

        return self::SLIP + (1.0 - 2.0 * self::SLIP) * $heard;
    }

    private static function richOf(float $phi, float $edge, float $noise = self::NOISE): float
    {
        return NormalDistribution::below(($phi - $edge) / $noise);
    }
}
