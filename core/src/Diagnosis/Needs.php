<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What a check takes before it can be done. */
final readonly class Needs
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $access
     * @param  bool  $startsEngine whether the engine is started for it, or tried
     * @param  bool  $running whether it must run for it
     */
    public function __construct(
        public array $tools,
        public array $access,
        public bool $opensCarburetor,
        public bool $startsEngine,
        public bool $running,
    ) {
    }
}
