<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** What must be heeded with a part. */
final readonly class Heed
{
    /**
     * @param  string|null  $caution while it comes off
     * @param  string|null  $never what it must not meet
     * @param  string|null  $guard what must be looked at before it counts as fitted
     * @param  string|null  $tighten how it is drawn up
     */
    public function __construct(
        public ?string $caution,
        public ?string $never,
        public ?string $guard,
        public ?string $tighten,
    ) {
    }
}
