<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;

final readonly class VerdictPlate
{
    /** A leak this many times the limit is no slow one. */
    private const OPEN_FROM = 20.0;

    public function __construct(
        public string $class,
        public string $icon,
        public string $word,
        public string $value,
        public string $unit,
        public string $band,
        public string $limit,
    ) {
    }

    public static function of(HoldRecord $hold, bool $isStale): self
    {
        if ($isStale) {
            $was = 'was '.strtolower(self::word($hold));

            return new self('is-gone', 'drop', 'Re-check', '', '', $was, 'something under it changed');
        }

        return match ($hold->outcome->verdict) {
            Verdict::Holds => self::holds($hold),
            Verdict::Leaks => self::leaks($hold),
            Verdict::HoldsBelow => self::holdsBelow($hold),
            Verdict::KeepWatching => self::undecided($hold),
        };
    }

    private static function holds(HoldRecord $hold): self
    {
        $under = 'under '.Numbers::flow($hold->outcome->leak->highMlMin);
        $at = 'at '.self::gauge($hold, $hold->outcome->course->startKpa);

        return new self('is-holds', 'tick', 'Holds', $under, 'cc/min', $at, self::limit($hold));
    }

    private static function leaks(HoldRecord $hold): self
    {
        $leak = $hold->outcome->leak;
        $half = Numbers::flow(0.5 * ($leak->highMlMin - $leak->lowMlMin));
        $band = "± {$half} at ".self::gauge($hold, $hold->outcome->course->startKpa);
        $value = Numbers::flow($leak->mlMin);

        return new self('is-leak', 'drop', self::word($hold), $value, 'cc/min', $band, self::limit($hold));
    }

    private static function holdsBelow(HoldRecord $hold): self
    {
        $below = self::gauge($hold, $hold->outcome->leak->plateauKpa ?? 0.0);
        $needs = 'needs '.self::gauge($hold, $hold->outcome->course->startKpa);

        return new self('is-leak', 'drop', 'Holds below', $below, '', 'seals only under less', $needs);
    }

    private static function undecided(HoldRecord $hold): self
    {
        $leak = $hold->outcome->leak;
        $more = Numbers::seconds($hold->outcome->watchMoreS ?? 0.0);
        $band = Numbers::flow($leak->lowMlMin).' to '.Numbers::flow($leak->highMlMin).' cc/min so far';

        return new self('is-watch', 'clock', 'Keep watching', $more, '', $band, self::limit($hold));
    }

    private static function gauge(HoldRecord $hold, float $kilopascals): string
    {
        return Numbers::gaugeWithUnit($kilopascals, $hold->setup->isVacuum);
    }

    private static function limit(HoldRecord $hold): string
    {
        return 'limit '.Numbers::flow($hold->setup->limitMlMin);
    }

    private static function word(HoldRecord $hold): string
    {
        return match (true) {
            $hold->outcome->verdict === Verdict::Holds => 'Holds',
            $hold->outcome->verdict !== Verdict::Leaks => 'Undecided',
            $hold->outcome->leak->mlMin > self::OPEN_FROM * $hold->setup->limitMlMin => 'Open leak',
            default => 'Slow leak',
        };
    }
}
