<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Notes;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/** The last word on each fact of the record. */
final readonly class Facts implements Ledger
{
    /** @param  array<string, string>  $all what was written, by fact */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(Fact $fact, string $text): self
    {
        return new self(array_replace($this->all, [$fact->value => $text]));
    }

    /** @return list<array{fact: Fact, text: string, follows: string|null}> in the order of the work, with what follows */
    public function inOrder(): array
    {
        $noted = array_filter(Fact::cases(), fn (Fact $f): bool => isset($this->all[$f->value]));
        $said = fn (Fact $f): array => [
            'fact' => $f, 'text' => $this->all[$f->value], 'follows' => $f->follows($this->all[$f->value]),
        ];

        return array_values(array_map($said, $noted));
    }
}
