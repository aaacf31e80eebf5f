<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\HoldRecord;

final readonly class VerdictPlate
{
    public function __construct(public string $class, public string $icon, public string $word, public string $value, public string $unit, public string $band, public string $limit)
    {
    }

    public static function of(HoldRecord $hold, bool $isStale): self
    {
        $gauge = static fn (float $kpa): string => $hold->isVacuum ? Numbers::inHg(abs($kpa)).' inHg' : Numbers::psi(abs($kpa)).' psi';
        $half = 0.5 * ($hold->leakHighMlMin - $hold->leakLowMlMin);
        $band = '± '.Numbers::flow($half).' at '.$gauge($hold->startKpa);
        $limit = 'limit '.Numbers::flow($hold->limitMlMin);
        if ($isStale) {
            return new self('is-gone', 'drop', 'Re-check', '', '', 'was '.strtolower(self::word($hold)), 'something under it changed');
        }

        return match ($hold->verdict) {
            Verdict::Holds => new self('is-holds', 'tick', 'Holds', 'under '.Numbers::flow($hold->leakHighMlMin), 'cc/min', 'at '.$gauge($hold->startKpa), $limit),
            Verdict::Leaks => new self('is-leak', 'drop', self::word($hold), Numbers::flow($hold->leakMlMin), 'cc/min', $band, $limit),
            Verdict::HoldsBelow => new self('is-leak', 'drop', 'Holds below', $gauge($hold->plateauKpa ?? 0.0), '', 'seals only under less', 'needs '.$gauge($hold->startKpa)),
            Verdict::KeepWatching => new self('is-watch', 'clock', 'Keep watching', Numbers::seconds($hold->watchMoreS ?? 0.0), '', Numbers::flow($hold->leakLowMlMin).' to '.Numbers::flow($hold->leakHighMlMin).' cc/min so far', $limit),
        };
    }

    private static function word(HoldRecord $hold): string
    {
        return match (true) {
            $hold->verdict === Verdict::Holds => 'Holds',
            $hold->verdict !== Verdict::Leaks => 'Undecided',
            $hold->leakMlMin > 20.0 * $hold->limitMlMin => 'Open leak',
            default => 'Slow leak',
        };
    }
}
