<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Something off or open; minutes there and back. */
final readonly class Access
{
    /**
     * @param  list<string>  $needs other access it stands on
     * @param  array<string, float>  $minutesIn what it takes elsewhere, by family or trait
     */
    public function __construct(
        public string $id,
        public string $do,
        public float $minutes,
        public bool $engineRuns,
        public array $needs,
        public string $provenance,
        public array $minutesIn = [],
    ) {
    }

    public function in(CarburetorKind $family): self
    {
        foreach ($this->minutesIn as $where => $minutes) {
            if ($family->isAmong([$where])) {
                return new self($this->id, $this->do, $minutes, $this->engineRuns, $this->needs, $this->provenance);
            }
        }

        return $this;
    }
}
