<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\MixtureResult;

/** The fastest point of a mixture run, where it is on the paper: its tick ends there. */
final readonly class MixturePeak
{
    private const HIGHEST_LABEL = 17.0;

    /** The tick between label and curve, in drawing units: room under the label, its length, room over the curve. */
    private const UNDER_LABEL = 4.0;

    private const TICK = 10.0;

    private const OVER_CURVE = 4.0;

    /** @param  float  $tick how long it is; nothing where the label stands too near */
    private function __construct(
        public float $x,
        public float $y,
        public float $labelY,
        public float $tick,
        public string $text,
    ) {
    }

    public static function of(?MixtureResult $result, Scale $x, Scale $y): ?self
    {
        $at = $x->inside($result?->peak?->turns);
        if ($at === null || $result?->peakRpm === null) {
            return null;
        }
        $top = $y->at($result->peakRpm);
        $label = max(self::HIGHEST_LABEL, $top - self::OVER_CURVE - self::TICK - self::UNDER_LABEL);
        $tick = max(0.0, $top - self::OVER_CURVE - $label - self::UNDER_LABEL);

        return new self($at, $top - self::OVER_CURVE, $label, $tick, 'fastest '.Numbers::rpm($result->peakRpm));
    }
}
