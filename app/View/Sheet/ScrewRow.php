<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** A screw as found and as left. */
final readonly class ScrewRow
{
    private function __construct(public string $name, public string $counted, public string $found, public string $left)
    {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet): array
    {
        $row = static fn (AdjusterState $s): self => new self(
            $s->adjuster->name, $s->adjuster->datum()->counted(), Numbers::found($s->found), Numbers::turns($s->left),
        );

        return array_values(array_map($row, $sheet->of(Screws::class)->all));
    }
}
