<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** A part of a family as it is stripped and built; or a task done at its place in the strip. */
final readonly class TrayPart
{
    /**
     * @param  int  $count how many of it there should be
     * @param  list<string>  $after parts that must be off before it comes off
     * @param  string|null  $guard what must be looked at before it counts as fitted
     * @param  bool  $isStacked whether it goes back by the rules alone, not in the reverse of the strip
     * @param  string|null  $never what it must not meet
     */
    public function __construct(
        public string $key,
        public string $name,
        public int $count,
        public array $after,
        public ?string $guard,
        public ?string $caution,
        public bool $isSpring,
        public bool $isTask,
        public bool $isStacked,
        public ?string $never,
    ) {
    }
}
