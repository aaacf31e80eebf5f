<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/**
 * What an engine lets one hear, see and smell. Where the mixture puts each is from memory, but for the flutter of a
 * two-stroke at full throttle without load, which clears at phi 1.25.
 */
enum Sign: string
{
    case Stalled = 'stalled';
    case OverSpeed = 'over_speed';
    case Pops = 'pops';
    case RoughLean = 'rough_lean';
    case Screams = 'screams';
    case Clean = 'clean';
    case Flutters = 'flutter';
    case RoughRich = 'rough_rich';
    case Smokes = 'smoke';
    case Hesitates = 'hesitates';
    case DiesOnItsSide = 'dies_on_its_side';

    public const FLUTTER = 1.25;

    public const SMOKE = 1.5;

    public const ROUGH_RICH = 1.5;

    public const ROUGH_LEAN = 0.86;

    public const POPS = 0.75;

    private const SCREAMS = 1.0;

    private const HESITATES = 0.95;

    private const DIES_ON_ITS_SIDE = 1.4;

    /** Nearly shut, nearly open, degrees. */
    private const IDLE = 20.0;

    private const FULL = 60.0;

    public function words(): string
    {
        return match ($this) {
            self::Stalled => 'stops',
            self::OverSpeed => 'races: nothing holds it',
            self::Pops => 'pops back',
            self::RoughLean => 'rough, thin and hot',
            self::Screams => 'screams: lean',
            self::Clean => 'clean',
            self::Flutters => 'flutters, four-strokes',
            self::RoughRich => 'rough, lumpy, loads up',
            self::Smokes => 'black smoke',
            self::Hesitates => 'hesitates when the throttle is snapped',
            self::DiesOnItsSide => 'dies when laid on its side',
        };
    }

    /** @return list<self> */
    public static function of(Running $running, Stroke $stroke): array
    {
        if ($running->isStalled()) {
            return [self::Stalled];
        }
        $phi = $running->flows->phi();
        $throttle = $running->setting->throttleDeg;
        $isSaw = $stroke === Stroke::Two && $throttle >= self::FULL;
        $heard = match (true) {
            $phi < self::POPS => [self::RoughLean, self::Pops],
            $phi < self::ROUGH_LEAN => [self::RoughLean],
            $isSaw && $phi < self::SCREAMS => [self::Screams],
            $isSaw && $phi > self::FLUTTER => $phi > self::SMOKE ? [self::Flutters, self::Smokes] : [self::Flutters],
            $phi > self::ROUGH_RICH => [self::RoughRich, self::Smokes],
            default => [self::Clean],
        };
        $idles = match (true) {
            $throttle > self::IDLE => [],
            $phi < self::HESITATES => [self::Hesitates],
            $phi > self::DIES_ON_ITS_SIDE => [self::DiesOnItsSide],
            default => [],
        };

        return [...($running->isOverSpeed() ? [self::OverSpeed] : []), ...$heard, ...$idles];
    }
}
