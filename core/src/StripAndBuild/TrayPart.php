<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** A part of a family as it is stripped and built; or a task done at its place in the strip. */
final readonly class TrayPart
{
    /**
     * @param  int  $count how many of it there should be
     * @param  list<string>  $after parts that must be off before it comes off
     * @param  bool  $isStacked whether it goes back by the rules alone, not in the reverse of the strip
     * @param  bool  $isOptional whether it comes off only when there is a reason
     * @param  string|null  $on the part of the drawing
     */
    public function __construct(
        public string $key,
        public string $name,
        public int $count,
        public array $after,
        public bool $isSpring,
        public bool $isTask,
        public bool $isStacked,
        public bool $isOptional,
        public ?string $on,
        public Heed $heed,
        public Frees $frees,
    ) {
    }

    /** @return list<string> what must be looked at before it counts as fitted */
    public function looks(): array
    {
        return array_values(array_filter([$this->heed->guard, $this->heed->tighten], is_string(...)));
    }

    /** How many, where it is more than one: `, 4`. */
    public function times(): string
    {
        return $this->count > 1 ? ", {$this->count}" : '';
    }
}
