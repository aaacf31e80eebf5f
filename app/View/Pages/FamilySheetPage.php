<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Check;
use DustyJet\Diagnosis\Fault;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;

/** One family: how it comes apart, how it goes together, what goes wrong with it and what tells. */
final readonly class FamilySheetPage
{
    /**
     * @param  list<array{name: string, href: string, selected: bool}>  $variants
     * @param  list<array{name: string, works: string}>  $circuits
     * @param  list<array{do: string, how: string}>  $tests
     * @param  list<array{name: string, note: string, spring: bool}>  $strip
     * @param  list<array{name: string, note: string}>  $build
     * @param  list<string>  $keepDry
     * @param  list<array{name: string, cure: string}>  $faults
     * @param  list<array{do: string, how: string}>  $checks
     */
    private function __construct(
        public string $title,
        public string $fits,
        public array $variants,
        public CutawayState $cutaway,
        public array $circuits,
        public string $has,
        public string $lacks,
        public string $tools,
        public array $tests,
        public array $strip,
        public string $springs,
        public array $build,
        public array $keepDry,
        public array $faults,
        public array $checks,
        public string $provenance,
    ) {
    }

    public static function of(Catalogue $catalogue, CarburetorKind $kind, Family $family, string $variant): self
    {
        $plan = $family->plan($variant);
        $tray = Tray::empty($plan);
        foreach ($plan->stripOrder() as $part) {
            $tray = $tray->takeOff($part->key);
        }
        $faults = array_filter($catalogue->faultsOf($kind), static fn (Fault $f): bool => ! $f->isOutsideTheCarburetor());

        return new self(
            title: $kind->name,
            fits: $kind->fits,
            variants: array_values(array_map(static fn (StripPlan $p): array => ['name' => $p->name, 'href' => route('library.show', [$kind->id, 'variant' => $p->variant]), 'selected' => $p === $plan], $family->plans)),
            cutaway: CutawayState::ofFamily($family, $variant),
            circuits: array_values(array_map(static fn ($c): array => ['name' => $c->name, 'works' => $c->works], $family->circuits)),
            has: implode(', ', $family->kit->has),
            lacks: implode(', ', $family->kit->lacks),
            tools: implode(', ', $family->tools),
            tests: array_values(array_map(static fn ($t): array => ['do' => $t->name, 'how' => "{$t->do}. {$t->good}."], $family->tests)),
            strip: array_map(static fn (TrayPart $p): array => ['name' => self::name($p), 'note' => $p->caution ?? '', 'spring' => $p->isSpring], $plan->stripOrder()),
            springs: (string) $tray->springs()['expected'],
            build: array_map(static fn (TrayPart $p): array => ['name' => self::name($p), 'note' => $p->guard ?? ''], Build::from($tray)->order()),
            keepDry: array_values(array_map(self::name(...), array_filter($plan->parts, static fn (TrayPart $p): bool => $p->never !== null))),
            faults: array_values(array_map(static fn (Fault $f): array => ['name' => $f->name, 'cure' => $f->cure->do], $faults)),
            checks: array_values(array_map(static fn (Check $c): array => ['do' => $c->do, 'how' => $c->how], $catalogue->checksOf($kind))),
            provenance: $plan->provenance,
        );
    }

    private static function name(TrayPart $part): string
    {
        return $part->name.($part->count > 1 ? ", {$part->count}" : '');
    }
}
