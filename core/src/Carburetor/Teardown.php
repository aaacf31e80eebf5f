<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

use DustyJet\StripAndBuild\StripPlan;

/** How a family comes apart and together again, and what is looked at in between. */
final readonly class Teardown
{
    /**
     * @param  non-empty-array<string, StripPlan>  $plans by variant
     * @param  array<string, Inspection>  $inspections parts first, then passages
     * @param  array<string, string>  $links what to note of rods, springs and hoses before they come off
     * @param  list<string>  $tools
     */
    public function __construct(
        public array $plans,
        public array $inspections,
        public array $links,
        public Kit $kit,
        public array $tools,
    ) {
    }
}
