<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Library\OrderOfWork;
use App\View\Library\WhatGoesWrong;
use App\View\Sheet\CutawayState;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\StripAndBuild\StripPlan;

/** One family: how it comes apart, how it goes together, what goes wrong with it and what tells. */
final readonly class FamilySheetPage
{
    /**
     * @param  list<array{name: string, href: string, selected: bool}>  $variants
     * @param  list<Circuit>  $circuits
     * @param  list<array{do: string, how: string}>  $tests
     */
    private function __construct(
        public string $title,
        public string $fits,
        public array $variants,
        public CutawayState $cutaway,
        public array $circuits,
        public OrderOfWork $order,
        public array $tests,
        public string $has,
        public string $lacks,
        public string $tools,
        public WhatGoesWrong $wrong,
        public string $provenance,
    ) {
    }

    public static function of(Catalogue $catalogue, CarburetorKind $kind, Family $family, string $variant): self
    {
        $plan = $family->plan($variant);

        return new self(
            title: $kind->name,
            fits: $kind->fits,
            variants: self::variants($kind, $family, $plan),
            cutaway: CutawayState::ofFamily($family, $variant),
            circuits: array_values($family->drawing->circuits),
            order: OrderOfWork::of($plan),
            tests: array_values(array_map(self::test(...), $family->proof->tests)),
            has: implode(', ', $family->teardown->kit->has),
            lacks: implode(', ', $family->teardown->kit->lacks),
            tools: implode(', ', $family->teardown->tools),
            wrong: WhatGoesWrong::with($kind, $catalogue),
            provenance: $plan->provenance,
        );
    }

    /** @return list<array{name: string, href: string, selected: bool}> */
    private static function variants(CarburetorKind $kind, Family $family, StripPlan $shown): array
    {
        return array_values(array_map(static fn (StripPlan $p): array => [
            'name' => $p->name,
            'href' => route('library.show', [$kind->id, 'variant' => $p->variant]),
            'selected' => $p === $shown,
        ], $family->teardown->plans));
    }

    /** @return array{do: string, how: string} */
    private static function test(BenchTest $test): array
    {
        return ['do' => $test->name, 'how' => "{$test->do}. {$test->good}."];
    }
}
