<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What a check takes before it can be done. */
final readonly class Needs
{
    /** Whether the engine is started for it, or tried. */
    public bool $startsEngine;

    /** Whether it must run for it. */
    public bool $running;

    /**
     * @param  list<string>  $tools
     * @param  list<string>  $access
     * @param  list<Deed>  $does
     */
    public function __construct(
        public array $tools,
        public array $access,
        public bool $opensCarburetor,
        public array $does = [],
    ) {
        $this->startsEngine = in_array(Deed::Start, $does, true);
        $this->running = in_array(Deed::Run, $does, true);
    }
}
