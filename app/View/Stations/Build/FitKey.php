<?php

declare(strict_types=1);

namespace App\View\Stations\Build;

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Build\BuildOrder;

/** The key that puts a part back, with what must be looked at before it counts. */
final readonly class FitKey
{
    /** @param  list<string>  $looks */
    private function __construct(
        public string $key,
        public string $name,
        public string $label,
        public int $count,
        public int $cell,
        public array $looks,
        public string $why,
        public string $on,
    ) {
    }

    public static function of(Build $build, TrayPart $part): self
    {
        $cell = $build->tray->cell($part->key);
        $count = $cell->count ?? 1;

        return new self(
            $part->key,
            $part->name,
            $part->name.($count > 1 ? ", {$count}" : ''),
            $count,
            $cell->number ?? 0,
            $part->looks(),
            BuildOrder::why($build, $part) ?? 'Reverse of this strip',
            $part->on ?? '',
        );
    }
}
