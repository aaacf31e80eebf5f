<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/**
 * One step of a flow: it asks a finding, has something done, counts up to a limit, or ends.
 *
 * `then` follows a yes, a thing done or a count that worked; `otherwise` follows a no or a count run out.
 */
final readonly class FlowStep
{
    /**
     * @param  string|null  $ask finding
     * @param  string|null  $count what is counted, one at a time
     * @param  int  $most the count at which to stop
     * @param  list<string>  $families where it applies; elsewhere it is passed by
     * @param  list<Deed>  $does
     */
    public function __construct(
        public string $id,
        public string $do,
        public ?string $ask,
        public ?string $count,
        public int $most,
        public ?string $then,
        public ?string $otherwise,
        public ?string $caution,
        public array $families,
        public array $does = [],
    ) {
    }

    public function isEnd(): bool
    {
        return $this->then === null && $this->otherwise === null;
    }
}
