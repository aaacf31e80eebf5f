<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\BuildRule;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;
use Symfony\Component\Yaml\Yaml;

/** Reads the strip and build of a family and refuses one whose names or orders do not meet. */
final readonly class StripFile
{
    private Fields $file;

    private function __construct(string $yaml)
    {
        $parsed = Yaml::parse($yaml);
        $this->file = new Fields(is_array($parsed) ? $parsed : []);
    }

    /**
     * @return array<string, StripPlan> by variant
     *
     * @throws UnusableKnowledge If a name dangles.
     * @throws \DustyJet\StripAndBuild\GoesRound If no order of strip or build keeps the rules.
     */
    public static function parse(string $yaml): array
    {
        return (new self($yaml))->plans();
    }

    /** @return array<string, StripPlan> */
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

        return $plans;
    }

    private function plan(string $variant): StripPlan
    {
        $here = array_filter($this->file->maps('parts'), static fn (Fields $p): bool => ! $p->has('only') || in_array($variant, $p->words('only'), true));
        $parts = [];
        foreach ($here as $key => $p) {
            $parts[$key] = new TrayPart(
                $key,
                $p->text('name'),
                $p->has('count') ? (int) $p->number('count') : 1,
                array_values(array_filter($p->words('after'), static fn (string $a): bool => isset($here[$a]))),
                $p->textOrNull('guard'),
                $p->textOrNull('caution'),
                $p->flag('spring'),
                $p->flag('task'),
                $p->flag('stacked'),
                $p->textOrNull('never'),
            );
        }
        $rules = [];
        foreach ($this->file->list('build') as $rule) {
            if (isset($here[$rule->text('first')], $here[$rule->text('then')])) {
                $rules[] = new BuildRule($rule->text('first'), $rule->text('then'), $rule->text('why'));
            }
        }

        return new StripPlan($this->file->text('family'), $variant, $this->file->map('variants')->map($variant)->text('name'), $parts, $rules, $this->file->provenance());
    }

    /** @throws UnusableKnowledge */
    private function refuseDanglingNames(): void
    {
        $parts = $this->file->maps('parts');
        $variants = $this->file->map('variants')->names();
        foreach ($parts as $key => $part) {
            foreach ($part->words('after') as $after) {
                isset($parts[$after]) || throw UnusableKnowledge::dangling("parts.{$key}.after", $after);
            }
            foreach ($part->words('only') as $only) {
                in_array($only, $variants, true) || throw UnusableKnowledge::dangling("parts.{$key}.only", $only);
            }
        }
        foreach ($this->file->list('build') as $i => $rule) {
            foreach (['first', 'then'] as $end) {
                isset($parts[$rule->text($end)]) || throw UnusableKnowledge::dangling("build.{$i}.{$end}", $rule->text($end));
            }
        }
    }
}
