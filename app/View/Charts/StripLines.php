<?php

declare(strict_types=1);

namespace App\View\Charts;

/** The lines of a strip chart as paths. */
final readonly class StripLines
{
    private function __construct(
        public string $fit,
        public string $ahead,
        public string $band,
        public string $limit,
    ) {
    }

    public static function of(StripCurves $curves, StripPaper $paper): self
    {
        $isMeasured = static fn (float $t): bool => $t >= $curves->fromS && $t <= $curves->durationS + 1e-6;
        $at = array_filter($curves->grid, $isMeasured);
        $measured = array_values($at);
        $low = self::path($measured, self::picked($curves->fit['low'], $at), $paper);
        $high = self::path(array_reverse($measured), array_reverse(self::picked($curves->fit['high'], $at)), $paper);
        $ahead = array_slice($curves->fit['best'], StripCurves::END);

        return new self(
            fit: $measured === [] ? '' : self::path($measured, self::picked($curves->fit['best'], $at), $paper),
            ahead: self::path(array_slice($curves->grid, StripCurves::END), $ahead, $paper),
            band: $measured === [] ? '' : $low.'L'.substr($high, 1).'Z',
            limit: self::path($curves->limitAt, $curves->limit, $paper),
        );
    }

    /**
     * @param  list<float>  $values
     * @param  array<int, float>  $at
     *
     * @return list<float> those at the same places
     */
    private static function picked(array $values, array $at): array
    {
        return array_values(array_intersect_key($values, $at));
    }

    /**
     * @param  list<float>  $seconds
     * @param  list<float>  $kilopascals
     */
    private static function path(array $seconds, array $kilopascals, StripPaper $paper): string
    {
        $point = static fn (float $t, float $k): string => "{$paper->x->at($t)} {$paper->heightOf($k)}";

        return 'M'.implode('L', array_map($point, $seconds, $kilopascals));
    }
}
