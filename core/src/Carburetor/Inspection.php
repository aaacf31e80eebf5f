<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** Something judged at Clean & inspect: a part by its criterion, or a passage by what must come out of it. */
final readonly class Inspection
{
    /**
     * @param  string  $good what a sound one looks like
     * @param  list<string>  $parts names on the tray that it is, or is seen on; the first that a variant has counts
     * @param  string|null  $on the part of the drawing
     * @param  string|null  $new the part to order when it is replaced
     * @param  Passage|null  $passage how it is tried; null of a part
     * @param  list<string>  $onlyIn the variants that have it; empty when all have
     */
    public function __construct(
        public string $key,
        public string $do,
        public string $good,
        public string $why,
        public array $parts,
        public ?string $on,
        public ?string $picture,
        public Effects $effects,
        public ?string $new,
        public ?string $caution,
        public ?Passage $passage = null,
        public array $onlyIn = [],
    ) {
    }

    /** Whether that can be said of it: what only a new part cures, or what is broken, is never cleaned and then good. */
    public function canBe(Condition $condition): bool
    {
        $onlyRenewed = $this->effects->cures === [] && $this->effects->renews !== [];
        $isBroken = $this->effects->scraps && $this->new !== null;

        return match ($condition) {
            Condition::Sound => true,
            Condition::Cleaned => ! $onlyRenewed && ! $isBroken,
            Condition::Replace, Condition::Renewed => $this->new !== null,
            Condition::Scrap => $this->effects->scraps,
        };
    }

    /** @param  list<string>  $tray parts the variant has */
    public function isOf(string $variant, array $tray): bool
    {
        return ($this->onlyIn === [] || in_array($variant, $this->onlyIn, true))
            && ($this->parts === [] || array_intersect($this->parts, $tray) !== []);
    }

    public function isPassage(): bool
    {
        return $this->passage !== null;
    }
}
