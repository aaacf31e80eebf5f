<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A way to find out: minutes of the check alone, what must be open for it and what it answers. */
final readonly class Check
{
    /**
     * @param  non-empty-list<string>  $answers one or two findings
     * @param  array<string, Needs>  $needsIn what it takes elsewhere, by family or trait
     * @param  string|null  $onlyAfter a finding that must be there before this means anything
     */
    public function __construct(
        public string $id,
        public string $do,
        public string $how,
        public float $minutes,
        public Needs $needs,
        public array $answers,
        public ?string $onlyAfter,
        public Risk $risk,
        public ?string $station,
        public string $provenance,
        public array $needsIn = [],
    ) {
    }

    /** The check as it is done in a family. */
    public function in(CarburetorKind $family): self
    {
        foreach ($this->needsIn as $where => $needs) {
            if ($family->isAmong([$where])) {
                return new self(
                    $this->id,
                    $this->do,
                    $this->how,
                    $this->minutes,
                    $needs,
                    $this->answers,
                    $this->onlyAfter,
                    $this->risk,
                    $this->station,
                    $this->provenance,
                );
            }
        }

        return $this;
    }
}
