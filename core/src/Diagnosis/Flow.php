<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A procedure the trade has a name for: steps that ask, do or count, each leading to the next. */
final readonly class Flow
{
    /**
     * @param  list<string>  $families
     * @param  list<string>  $offeredWhen findings any of which brings it up
     * @param  non-empty-array<string, FlowStep>  $steps the first is where it begins
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $why,
        public array $families,
        public array $offeredWhen,
        public array $steps,
        public string $provenance,
    ) {
    }

    /** @param  array<string, Answer>  $answers */
    public function isOffered(array $answers): bool
    {
        foreach ($this->offeredWhen as $finding) {
            if (($answers[$finding] ?? Answer::NotLooked)->isThere()) {
                return true;
            }
        }

        return false;
    }
}
