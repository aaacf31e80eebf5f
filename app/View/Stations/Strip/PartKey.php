<?php

declare(strict_types=1);

namespace App\View\Stations\Strip;

use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;

/** The key that takes a part off. */
final readonly class PartKey
{
    /** @param  int  $count 0 for a task, which has nothing to count */
    private function __construct(
        public string $key,
        public string $name,
        public int $count,
        public string $caution,
        public string $on,
    ) {
    }

    public static function of(TrayPart $part, Screws $screws): self
    {
        $cautions = array_filter([
            self::isUncounted($part, $screws) ? 'Not counted in yet: nobody can once it is out' : '',
            $part->heed->caution ?? '',
            $part->heed->never === null ? '' : 'No cleaner on it',
        ], static fn (string $c): bool => $c !== '');

        return new self(
            $part->key,
            $part->name,
            $part->isTask ? 0 : $part->count,
            implode('. ', $cautions),
            $part->on ?? '',
        );
    }

    /** Whether it is a mixture screw that nobody has counted in yet. */
    public static function isUncounted(TrayPart $part, Screws $screws): bool
    {
        $mixture = array_intersect_key($screws->mixture(), array_flip($part->frees->adjusters));

        return array_filter($mixture, static fn (AdjusterState $s): bool => $s->found === null) !== [];
    }
}
