<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\MixtureResult;

/** The fastest point of a mixture run, where it is on the paper. */
final readonly class MixturePeak
{
    private const HIGHEST_LABEL = 22.0;

    private function __construct(public float $x, public float $y, public float $labelY, public string $text)
    {
    }

    public static function of(?MixtureResult $result, Scale $x, Scale $y): ?self
    {
        $at = $x->inside($result?->peak?->turns);
        if ($at === null || $result?->peakRpm === null) {
            return null;
        }
        $top = $y->at($result->peakRpm);

        return new self($at, $top, max(self::HIGHEST_LABEL, $top - 18.0), 'fastest '.Numbers::rpm($result->peakRpm));
    }
}
