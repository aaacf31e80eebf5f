<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * What rebuilding and what replacing the carburetor may be expected to cost: parts + minutes * rate + P(failure) *
 * come-back.
 *
 * A body fault no kit cures makes the rebuild fail and the replacement be paid on top of it. Money in cents.
 */
final readonly class RebuildOrReplace
{
    /**
     * @param  float  $inCarburetor chance that some fault lies in the carburetor at all
     * @param  float  $bodyIsScrap chance of a body fault no kit cures
     * @param  int  $breakEvenCents price of a carburetor at which both cost the same; below it, replace
     */
    private function __construct(
        public float $inCarburetor,
        public float $bodyIsScrap,
        public int $rebuildCents,
        public int $replaceCents,
        public int $carburetorCents,
        public int $breakEvenCents,
    ) {
    }

    /** @param  bool  $isCondemned whether someone judged the body as scrap: then it is no matter of chance */
    public static function of(
        Diagnosis $diagnosis,
        Costs $costs,
        ?int $carburetorCents = null,
        bool $isCondemned = false,
    ): self {
        $price = $carburetorCents ?? $costs->carburetorCents;
        $perMinute = $costs->shopRateCentsPerHour / 60.0;
        $replaceBesidesPrice = $costs->replaceMinutes * $perMinute + $costs->replacementFails * $costs->comeBackCents;
        $rebuildBesidesReplacing
            = $costs->kitCents + $costs->rebuildMinutes * $perMinute + $costs->rebuildFails * $costs->comeBackCents;
        $scrap = $isCondemned ? 1.0 : $diagnosis->bodyIsScrap;
        $sound = 1.0 - $scrap;

        return new self(
            $diagnosis->inCarburetor,
            $scrap,
            (int) round($rebuildBesidesReplacing + $scrap * ($price + $replaceBesidesPrice)),
            (int) round($price + $replaceBesidesPrice),
            $price,
            // price + r = b + s (price + r), solved for the price.
            $sound < 1e-9 ? PHP_INT_MAX : (int) round($rebuildBesidesReplacing / $sound - $replaceBesidesPrice),
        );
    }

    /** Whether replacing is the cheaper course at this price. */
    public function favorsReplacing(): bool
    {
        return $this->replaceCents < $this->rebuildCents;
    }
}
