<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;

/** How the next run is arranged: as the last one was, else as the family is held: a float by its weight, inverted. */
final readonly class ArrangeForm
{
    /**
     * @param  list<array{value: string, label: string, isChosen: bool}>  $attitudes
     * @param  list<array{part: string, label: string, isSealed: bool}>  $seals
     */
    private function __construct(public array $attitudes, public array $seals, public string $said)
    {
    }

    public static function of(?Arrangement $last, Family $family): self
    {
        $chosen = $last->attitude ?? self::usual($family);
        $sealed = $last->sealed ?? [];
        $attitudes = array_map(static fn (Attitude $a): array => [
            'value' => $a->value, 'label' => Arranged::attitude($a), 'isChosen' => $a === $chosen,
        ], Attitude::cases());
        $seals = [];
        foreach ($family->proof->seals as $part => $label) {
            $seals[] = ['part' => $part, 'label' => $label, 'isSealed' => in_array($part, $sealed, true)];
        }
        $words = Arranged::words(new Arrangement(false, $chosen, $sealed), $family);

        return new self($attitudes, $seals, ltrim($words, ', '));
    }

    private static function usual(Family $family): Attitude
    {
        return isset($family->drawing->parts['float']) ? Attitude::Inverted : Attitude::Upright;
    }
}
