<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\BuildRule;
use DustyJet\StripAndBuild\Frees;
use DustyJet\StripAndBuild\Heed;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;

/** Reads `tray` and `build` of a family file and refuses what does not meet or goes round. */
final readonly class StripPlans
{
    private function __construct(private Fields $file)
    {
    }

    /**
     * @return non-empty-array<string, StripPlan> by variant
     *
     * @throws UnusableKnowledge If a name dangles or there is no variant.
     * @throws \DustyJet\StripAndBuild\GoesRound If no order of strip or build keeps the rules.
     */
    public static function of(Fields $file): array
    {
        return (new self($file))->plans();
    }

    /** @return non-empty-array<string, StripPlan> */
    private function plans(): array
    {
        $this->refuseDanglingNames();
        $plans = [];
        foreach ($this->file->map('variants')->names() as $variant) {
            $plans[$variant] = $plan = $this->plan($variant);
            $tray = Tray::empty($plan);
            foreach ($plan->stripOrder() as $part) {
                $tray = $tray->takeOff($part->key);
            }
            Build::from($tray)->order();
        }

        return $plans === [] ? throw UnusableKnowledge::missing('variants') : $plans;
    }

    private function plan(string $variant): StripPlan
    {
        $here = array_filter(
            $this->file->maps('tray'),
            static fn (Fields $p): bool => ! $p->has('only') || in_array($variant, $p->words('only'), true),
        );
        $parts = [];
        foreach ($here as $key => $p) {
            $parts[$key] = $this->part($key, $p, array_keys($here), $variant);
        }
        $rules = [];
        foreach ($this->file->list('build') as $rule) {
            if (isset($here[$rule->text('first')], $here[$rule->text('then')])) {
                $rules[] = new BuildRule($rule->text('first'), $rule->text('then'), $rule->text('why'));
            }
        }

        return new StripPlan(
            $this->file->text('id'),
            $variant,
            $this->file->map('variants')->map($variant)->text('name'),
            $parts,
            $rules,
            $this->file->provenance(),
        );
    }

    /** @param  list<string>  $here parts the variant has */
    private function part(string $key, Fields $p, array $here, string $variant): TrayPart
    {
        $adjusters = $p->has('adjuster') ? [$p->text('adjuster')] : $p->words('adjusters');
        $isHere = fn (string $adjuster): bool => $this->hasScrew($adjuster, $variant);

        return new TrayPart(
            key: $key,
            name: $p->text('name'),
            count: $this->count($p, $variant),
            after: array_values(array_intersect($p->words('after'), $here)),
            isSpring: $p->flag('spring'),
            isTask: $p->flag('task'),
            isStacked: $p->flag('stacked'),
            isOptional: $p->flag('optional'),
            on: $p->textOrNull('on'),
            heed: new Heed(
                $p->textOrNull('caution'),
                $p->textOrNull('never'),
                $p->textOrNull('guard'),
                $p->textOrNull('tighten'),
            ),
            frees: new Frees(
                array_values(array_filter($adjusters, $isHere)),
                $p->words('touches'),
                $p->textOrNull('opens'),
            ),
        );
    }

    /** `count` of them, or `each` of a bank's carburetors so many. */
    private function count(Fields $p, string $variant): int
    {
        if (! $p->has('each')) {
            return $p->has('count') ? (int) $p->number('count') : 1;
        }
        $bank = $this->file->map('variants')->map($variant)->words('carburetors');

        return (int) $p->number('each') * max(1, count($bank));
    }

    private function hasScrew(string $adjuster, string $variant): bool
    {
        $only = ($this->file->maps('adjusters')[$adjuster] ?? null)?->words('only_in') ?? [];

        return $only === [] || in_array($variant, $only, true);
    }

    /** @throws UnusableKnowledge */
    private function refuseDanglingNames(): void
    {
        $parts = $this->file->maps('tray');
        $variants = $this->file->map('variants')->names();
        foreach ($parts as $key => $part) {
            foreach ($part->words('after') as $after) {
                isset($parts[$after]) || throw UnusableKnowledge::dangling("tray.{$key}.after", $after);
            }
            foreach ($part->words('only') as $only) {
                in_array($only, $variants, true) || throw UnusableKnowledge::dangling("tray.{$key}.only", $only);
            }
        }
        foreach ($this->file->list('build') as $i => $rule) {
            foreach (['first', 'then'] as $end) {
                isset($parts[$rule->text($end)])
                    || throw UnusableKnowledge::dangling("build.{$i}.{$end}", $rule->text($end));
            }
        }
    }
}
