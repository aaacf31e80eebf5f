<?php

declare(strict_types=1);

namespace DustyJet\Metering;

use DustyJet\Quantity\Length;

/**
 * The bore of a jet before and after, as written in words. What an orifice passes goes with its area (ISO 5167-1, the
 * same discharge coefficient at the same pressure). A bored jet cannot go back: common practice is the next larger jet.
 */
final readonly class JetBore
{
    /** Number drills in thousandths of an inch: ASME B94.11M. */
    private const DRILLS_THOU = [
        51 => 67.0, 52 => 63.5, 53 => 59.5, 54 => 55.0, 55 => 52.0, 56 => 46.5, 57 => 43.0, 58 => 42.0, 59 => 41.0,
        60 => 40.0, 61 => 39.0, 62 => 38.0, 63 => 37.0, 64 => 36.0, 65 => 35.0, 66 => 33.0, 67 => 32.0, 68 => 31.0,
        69 => 29.2, 70 => 28.0, 71 => 26.0, 72 => 25.0, 73 => 24.0, 74 => 22.5, 75 => 21.0, 76 => 20.0, 77 => 18.0,
        78 => 16.0, 79 => 14.5, 80 => 13.5,
    ];

    private const BORE = '~(?:\bno\.? ?|#)(?<drill>\d\d)\b'
        .'|(?<![\d.,])(?<number>\d*[.,]?\d+) ?(?<unit>mm|inch|in\b|"|thou)?~i';

    /** Wider and narrower than any jet of a small engine. From memory. */
    private const MILLIMETRES = [0.1, 5.0];

    /** Nobody measures a bore finer than this share of what it passes. From memory. */
    private const SAME = 0.005;

    private function __construct(public Length $before, public Length $after)
    {
    }

    /** Null unless two bores are named, each by a unit, a drill's number, or the unit of the other. */
    public static function read(string $words): ?self
    {
        preg_match_all(self::BORE, $words, $found, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        if (count($found) !== 2) {
            return null;
        }
        [$before, $after] = $found;
        $first = self::bore($before, $before['unit'] ?? $after['unit'] ?? null);
        $last = self::bore($after, $after['unit'] ?? $before['unit'] ?? null);

        return $first === null || $last === null ? null : new self($first, $last);
    }

    /** @param  array<array-key, string|null>  $found */
    private static function bore(array $found, ?string $unit): ?Length
    {
        $number = (float) str_replace(',', '.', $found['number'] ?? '');
        $drill = self::DRILLS_THOU[(int) ($found['drill'] ?? 0)] ?? null;
        $bore = match (true) {
            $drill !== null => Length::ofThou($drill),
            $unit === null, ! is_finite($number) => null,
            strtolower($unit) === 'mm' => Length::ofMillimetres($number),
            strtolower($unit) === 'thou' => Length::ofThou($number),
            default => Length::ofInches($number),
        };
        [$least, $most] = self::MILLIMETRES;
        $isJet = $bore !== null && $bore->inMillimetres() >= $least && $bore->inMillimetres() <= $most;

        return $isJet ? $bore : null;
    }

    /** Share that it passes more than before; below nothing less. */
    public function passesMore(): float
    {
        return ($this->after->inMetres() / $this->before->inMetres()) ** 2 - 1.0;
    }

    /** As a technician would say it. */
    public function said(): string
    {
        $more = $this->passesMore();
        $percent = (int) round(abs($more) * 100.0);

        return match (true) {
            abs($more) < self::SAME => 'It passes as much as before.',
            $more > 0.0 => "It passes {$percent} % more. A bored jet cannot go back: the next larger jet comes first.",
            default => "It passes {$percent} % less.",
        };
    }
}
