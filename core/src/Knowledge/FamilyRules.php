<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;

/** What must meet inside one family: screws, drawing, tray, cautions and what they touch. */
final readonly class FamilyRules
{
    /** How a layer can be drawn edge-on. */
    private const LAYERS = [
        'body',
        'gasket',
        'diaphragm',
        'spring',
        'screen',
        'cap',
        'plate',
        'cover',
        'washer',
        'nut',
    ];

    /** @throws UnusableKnowledge If a name leads nowhere. */
    public static function check(Family $family): void
    {
        foreach ($family->adjusters as $key => $adjuster) {
            self::refuse("adjusters.{$key}.part", [$adjuster->part], $family->drawing->parts);
            self::refuse("adjusters.{$key}.only_in", $adjuster->onlyIn, $family->variants);
        }
        foreach ($family->upsets->couplings as $i => $coupling) {
            self::refuse("couples.{$i}.moving", [$coupling->moving], $family->adjusters);
            self::refuse("couples.{$i}.only", $coupling->only, $family->variants);
            self::refuse(
                "couples.{$i}.upsets",
                array_map(static fn (string $u): string => str_replace('mixture.', '', $u), $coupling->upsets),
                [...$family->adjusters, ...self::balance($family)],
            );
        }
        self::refuse('tuning.order', $family->guidance->tuning, $family->adjusters);
        foreach ($family->guidance->hazards as $station => $caution) {
            Station::tryFrom($station) !== null || throw UnusableKnowledge::dangling('hazards', $station);
            self::refuse("hazards.{$station}", [$caution], $family->guidance->cautions);
        }
        self::checkLeaks($family);
        self::checkTray($family);
        self::checkInspections($family);
        self::checkStacks($family);
    }

    /** @throws UnusableKnowledge */
    private static function checkStacks(Family $family): void
    {
        $tray = array_merge(...array_map(static fn ($plan): array => $plan->parts, array_values($family->teardown->plans)));
        foreach ($family->drawing->stacks as $name => $layers) {
            foreach ($layers as $layer) {
                in_array($layer->as, self::LAYERS, true)
                    || throw UnusableKnowledge::dangling("stacks.{$name}", $layer->as);
                self::refuse("stacks.{$name}", $layer->part === null ? [] : [$layer->part], $tray);
            }
        }
    }

    /** @throws UnusableKnowledge */
    private static function checkLeaks(Family $family): void
    {
        $joints = $family->proof->leaks->joints ?? [];
        foreach ($joints as $key => $joint) {
            self::refuse("leaks.joints.{$key}.on", [$joint->on], $family->drawing->parts);
        }
        foreach ($family->proof->leaks->tests ?? [] as $key => $test) {
            self::refuse("leaks.tests.{$key}.joints", $test->joints, $joints);
        }
    }

    /** @throws UnusableKnowledge */
    private static function checkTray(Family $family): void
    {
        foreach ($family->teardown->plans as $plan) {
            foreach ($plan->parts as $key => $part) {
                self::refuse("tray.{$key}.on", $part->on === null ? [] : [$part->on], $family->drawing->parts);
                self::refuse("tray.{$key}.adjuster", $part->frees->adjusters, $family->adjusters);
                self::refuse("tray.{$key}.touches", $part->frees->touches, $family->upsets->touched);
            }
        }
    }

    /** @throws UnusableKnowledge */
    private static function checkInspections(Family $family): void
    {
        $tray = array_merge(...array_map(static fn ($plan): array => $plan->parts, array_values($family->teardown->plans)));
        foreach ($family->teardown->inspections as $key => $inspection) {
            self::refuse("inspect.{$key}.on", $inspection->on === null ? [] : [$inspection->on], $family->drawing->parts);
            self::refuse("inspect.{$key}.touches", $inspection->effects->touches, $family->upsets->touched);
            self::refuse(
                "inspect.{$key}.caution",
                $inspection->caution === null ? [] : [$inspection->caution],
                $family->guidance->cautions,
            );
            self::refuse("inspect.{$key}.out", $inspection->passage->out ?? [], $tray);
            self::refuse("inspect.{$key}.only_in", $inspection->onlyIn, $family->variants);
            array_intersect($inspection->parts, array_keys($tray)) !== []
                || throw UnusableKnowledge::dangling("inspect.{$key}.part", implode(', ', $inspection->parts));
        }
    }

    /** @return array<string, true> the balance of a bank can be upset like a screw; a carburetor alone has none */
    private static function balance(Family $family): array
    {
        foreach ($family->variants as $variant) {
            if ($variant->carburetors !== []) {
                return ['balance' => true];
            }
        }

        return [];
    }

    /**
     * @param  list<string>  $names
     * @param  array<string, mixed>  $known
     *
     * @throws UnusableKnowledge
     */
    private static function refuse(string $where, array $names, array $known): void
    {
        foreach ($names as $name) {
            isset($known[$name]) || throw UnusableKnowledge::dangling($where, $name);
        }
    }
}
