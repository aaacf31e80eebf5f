<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/**
 * A metering lever against its card: low starves, high floods. Common practice. Millimetres.
 *
 * Low and high are the lever's: where the card reads depth, the larger reading is the lower lever.
 */
final readonly class LeverHeight
{
    private const WIDEST_MILLIMETRES = 50.0;

    /**
     * @param  float  $error measured less target, as the card reads
     * @param  float  $bendTab how far to bend the tab, up where above zero; 0 within the tolerance
     */
    private function __construct(public float $error, public LeverVerdict $verdict, public float $bendTab)
    {
    }

    /**
     * @param  float  $armRatio how far the tab goes for a millimetre at the measured end
     *
     * @throws UnusableLever If a number cannot be.
     */
    public static function of(
        float $measured,
        float $target,
        float $tolerance,
        LeverDatum $datum,
        float $armRatio = 1.0,
    ): self {
        foreach (['measured height' => $measured, 'target' => $target] as $name => $value) {
            abs($value) <= self::WIDEST_MILLIMETRES || throw UnusableLever::number($name, $value, 'within 50 mm of its datum');
        }
        ($tolerance >= 0.0 && $tolerance <= self::WIDEST_MILLIMETRES)
            || throw UnusableLever::number('tolerance', $tolerance, 'from 0 to 50 mm');
        ($armRatio > 0.0 && $armRatio <= 100.0) || throw UnusableLever::number('arm ratio', $armRatio, 'above 0 and at most 100');
        $error = $measured - $target;
        $tooLow = $datum === LeverDatum::Down ? $error : -$error;
        // A reading on the edge of the tolerance is in it, whatever the last digit of a float says.
        $verdict = match (true) {
            abs($error) <= $tolerance + 1e-9 => LeverVerdict::In,
            $tooLow > 0.0 => LeverVerdict::Low,
            default => LeverVerdict::High,
        };

        return new self($error, $verdict, $verdict === LeverVerdict::In ? 0.0 : $tooLow * $armRatio);
    }
}
