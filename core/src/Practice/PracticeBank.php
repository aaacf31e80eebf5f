<?php

declare(strict_types=1);

namespace DustyJet\Practice;

use DustyJet\Engine\RandomBank;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A virtual bank out of balance, to practise on; the same seed is the same bank. Made up. */
final readonly class PracticeBank
{
    private const COLUMN_INHG = 30.0;

    private function __construct(private RandomBank $bank)
    {
    }

    /** @param  list<float>  $turns each balance screw has been turned, the top one first */
    public static function of(array $turns, int $seed): self
    {
        $bank = RandomBank::of(new Randomizer(new Mt19937($seed)), count($turns));
        foreach ($turns as $carburetor => $by) {
            $bank = $by === 0.0 ? $bank : $bank->turned($carburetor, $by);
        }

        return new self($bank);
    }

    /** @return list<float> inHg, the top one first; none when it has stalled */
    public function vacuum(): array
    {
        return array_map(static fn (float $inhg): float => min(self::COLUMN_INHG, $inhg), $this->bank->idles()['vacuum_inhg']);
    }
}
