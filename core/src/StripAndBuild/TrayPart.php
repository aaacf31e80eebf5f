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
     * @param  bool  $isOptional whether it comes off only when there is a reason
     * @param  string|null  $on the part of the drawing
     * @param  list<string>  $adjusters screws that are lost count of when it comes off
     * @param  list<string>  $touches what its coming off or going in disturbs
     * @param  string|null  $opens what a diagnosis may look at once it is off
     * @param  string|null  $tighten how it is drawn up
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
        public bool $isOptional = false,
        public ?string $on = null,
        public array $adjusters = [],
        public array $touches = [],
        public ?string $opens = null,
        public ?string $tighten = null,
    ) {
    }

    /** @return list<string> what must be looked at before it counts as fitted */
    public function looks(): array
    {
        return array_values(array_filter([$this->guard, $this->tighten], is_string(...)));
    }
}
