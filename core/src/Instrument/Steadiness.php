<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

/**
 * What an instrument that wavers shows now, and whether it has settled: the mean of its last second and a half, once that
 * drifts no further than it wavers.
 */
final readonly class Steadiness
{
    private const SECONDS = 1.5;

    private const FEWEST = 12;

    /** Halves may differ by so many standard errors. From memory. */
    private const DRIFTS = 3.0;

    /** And by this share of the reading whatever it wavers. From memory. */
    private const SHARE = 0.002;

    /** @param  float|null  $mean null while it moves, or nothing was heard */
    private function __construct(public ?float $now, public ?float $mean)
    {
    }

    /** @param  list<Sample>  $samples of one channel, oldest first */
    public static function of(array $samples): self
    {
        $last = $samples[count($samples) - 1] ?? null;
        if ($last === null) {
            return new self(null, null);
        }
        $values = [];
        foreach ($samples as $sample) {
            if ($sample->seconds > $last->seconds - self::SECONDS) {
                $values[] = $sample->value;
            }
        }
        $count = count($values);
        $spans = $last->seconds - $samples[0]->seconds >= self::SECONDS;

        return new self(
            $last->value,
            $count >= self::FEWEST && $spans && self::isStill($values) ? array_sum($values) / $count : null,
        );
    }

    /** @param  non-empty-list<float>  $values */
    private static function isStill(array $values): bool
    {
        $half = intdiv(count($values), 2);
        $early = array_slice($values, 0, $half);
        $late = array_slice($values, -$half);
        $mean = array_sum($values) / count($values);
        $squares = array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values));
        $error = sqrt($squares / (count($values) - 1)) * sqrt(2.0 / $half);
        $drift = abs(array_sum($late) - array_sum($early)) / $half;

        return $drift <= max(self::DRIFTS * $error, self::SHARE * abs($mean));
    }
}
