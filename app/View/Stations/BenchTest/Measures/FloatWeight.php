<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use DustyJet\Carburetor\Card;
use DustyJet\FloatLevel\FloatValve;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Rejected;
use DustyJet\Worksheet\FloatLevel\FloatWeighed;

/** What a float can shut off by its weight and in fuel. */
final readonly class FloatWeight
{
    /**
     * @param  list<NumberField>  $numbers
     * @param  list<string>  $lines what follows from the weight
     */
    private function __construct(public array $numbers, public array $lines, public bool $isWarning)
    {
    }

    public static function of(?FloatWeighed $weighed, Card $card): self
    {
        $said = static fn (?float $number): string => $number === null ? '' : Numbers::short($number, 2);
        $numbers = [
            NumberField::required('mass_g', 'Weighs, g', $said($weighed?->grams)),
            NumberField::optional('sound_g', 'A sound one, g', $said($weighed?->soundGrams)),
            NumberField::required('arm_float_mm', 'Hinge to its middle, mm', $said($weighed?->armFloat)),
            NumberField::required('arm_tang_mm', 'Hinge to the needle, mm', $said($weighed?->armTang)),
            NumberField::required('seat_mm', 'Seat bore, mm', $said($weighed?->seat)),
            NumberField::optional('volume_ml', 'Its volume, ml', $said($weighed?->millilitres)),
            NumberField::optional('submerged_percent', 'Under fuel, %', $said($weighed?->submergedPercent)),
        ];
        try {
            [$lines, $isWarning] = $weighed === null ? [[], false] : self::lines($weighed, $card);
        } catch (Rejected) {
            return new self($numbers, [], false);
        }

        return new self($numbers, $lines, $isWarning);
    }

    /**
     * @return array{0: list<string>, 1: bool}
     *
     * @throws Rejected
     */
    private static function lines(FloatWeighed $weighed, Card $card): array
    {
        $valve = $weighed->valve();
        $isFair = $valve->isFairAt($card->test);
        $closes = 'Inverted, its weight closes up to '.self::psi($valve->airTestCloses()).' psi: a test at '
            .Numbers::plain($card->test->inPsi(), 0).' psi is '
            .($isFair ? 'fair.' : 'not fair: a leak there means nothing.');
        $shuts = $weighed->shutsOffKilopascals();
        $margin = $shuts === null ? 0.0 : FloatValve::marginOverHead($shuts);
        $inFuel = $shuts === null ? [] : ['In fuel it shuts off '.self::psi($shuts).' psi, '
            .Numbers::plain($margin, 1).' times half a metre of petrol.'];
        $drunk = $weighed->hasDrunk() ? ['Heavier than a sound one: it has drunk fuel. Shake it, listen; another goes in.'] : [];

        return [[...$drunk, $closes, ...$inFuel], $drunk !== [] || ! $isFair || $shuts !== null && $margin < 1.0];
    }

    private static function psi(float $kilopascals): string
    {
        return Numbers::plain(GaugePressure::ofKilopascals($kilopascals)->inPsi(), 1);
    }
}
