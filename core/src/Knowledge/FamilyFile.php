<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Adjuster;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Caution;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Station;
use DustyJet\Carburetor\Step;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;
use DustyJet\Quantity\Turns;
use Symfony\Component\Yaml\Yaml;

/** Reads a family from YAML and refuses one whose names do not meet. */
final readonly class FamilyFile
{
    /** @throws UnusableKnowledge If a value is missing, a name dangles or a provenance word is unknown. */
    public static function parse(string $yaml): Family
    {
        $parsed = Yaml::parse($yaml);
        $file = new Fields(is_array($parsed) ? $parsed : []);
        $family = new Family(
            id: $file->text('id'),
            name: $file->text('name'),
            variants: array_map(static fn (Fields $v): array => ['name' => $v->text('name'), 'look' => $v->text('look'), 'diagnosedAs' => $v->text('diagnosed_as')], $file->maps('variants')),
            adjusters: self::keyed($file->maps('adjusters'), self::adjuster(...)),
            parts: self::keyed($file->maps('parts'), static fn (Fields $p, string $key): Part => new Part($key, (int) $p->number('number'), $p->text('name'))),
            steps: array_map(static fn (Fields $s): array => self::keyed($s->maps('steps'), self::step(...)), $file->maps('stations')),
            stationMinutes: array_map(static fn (Fields $s): int => (int) $s->number('minutes'), $file->maps('stations')),
            stale: self::stale($file->map('stale')),
            checks: array_map(static fn (Fields $c): array => ['do' => $c->text('do'), 'takes' => $c->textOrNull('takes')], $file->maps('handback')),
            cautions: array_map(static fn (Fields $c): Caution => new Caution($c->text('title'), $c->text('text')), $file->maps('cautions')),
            card: self::card($file),
        );
        self::refuseDanglingNames($family);

        return $family;
    }

    /**
     * @template T
     *
     * @param  array<string, Fields>  $maps
     * @param  callable(Fields, string): T  $read
     *
     * @return array<string, T>
     */
    private static function keyed(array $maps, callable $read): array
    {
        $result = [];
        foreach ($maps as $key => $fields) {
            $result[$key] = $read($fields, $key);
        }

        return $result;
    }

    private static function adjuster(Fields $a, string $key): Adjuster
    {
        $sense = $a->text('sense');
        $baseline = $a->map('baseline');

        return new Adjuster(
            key: $key,
            name: $a->text('name'),
            letter: $a->text('letter'),
            does: $a->text('does'),
            part: $a->text('part'),
            isMixture: $a->text('kind') === 'mixture',
            sense: $sense === 'chosen' ? Sense::Fuel : Sense::from($sense),
            senseIsChosen: $sense === 'chosen',
            onlyIn: $a->textOrNull('only_in'),
            baseline: Turns::parse($baseline->text('turns')),
            provenance: $baseline->provenance(),
            cardOffset: Turns::parse($a->textOrNull('card_offset_turns') ?? '0'),
            school: School::from($a->textOrNull('school') ?? 'peak'),
        );
    }

    private static function step(Fields $s, string $key): Step
    {
        return new Step($key, $s->text('do'), $s->text('part'), $s->words('touches'), $s->textOrNull('caution'), $s->words('cures'));
    }

    /** @return array<string, list<string>> */
    private static function stale(Fields $stale): array
    {
        $result = [];
        foreach ($stale->names() as $touched) {
            $result[$touched] = $stale->words($touched);
        }

        return $result;
    }

    private static function card(Fields $file): Card
    {
        $card = $file->map('card');
        $provenance = [];
        foreach ($file->maps('card') as $name => $value) {
            $provenance[$name] = $value->provenance();
        }
        $band = static fn (string $name): array => [$card->map($name)->number('low'), $card->map($name)->number('high')];

        return new Card(
            Flow::ofMillilitresPerMinute($card->map('hold_limit_ml_min')->number('value')),
            GaugePressure::ofPsi($card->map('test_psi')->number('value')),
            GaugePressure::ofPsi($card->map('stop_psi')->number('value')),
            $band('idle_rpm'),
            $band('governed_rpm'),
            Length::ofMetres($card->map('fuel_head_m')->number('value')),
            $provenance,
        );
    }

    /** @throws UnusableKnowledge */
    private static function refuseDanglingNames(Family $family): void
    {
        foreach ($family->adjusters as $key => $adjuster) {
            isset($family->parts[$adjuster->part]) || throw UnusableKnowledge::dangling("adjusters.{$key}.part", $adjuster->part);
            $adjuster->onlyIn === null || isset($family->variants[$adjuster->onlyIn]) || throw UnusableKnowledge::dangling("adjusters.{$key}.only_in", $adjuster->onlyIn);
        }
        foreach ($family->steps as $station => $steps) {
            Station::tryFrom($station)?->hasSteps() === true || throw UnusableKnowledge::dangling('stations', $station);
            foreach ($steps as $key => $step) {
                self::refuseDanglingStep($family, "stations.{$station}.{$key}", $step);
            }
        }
    }

    /** @throws UnusableKnowledge */
    private static function refuseDanglingStep(Family $family, string $where, Step $step): void
    {
        isset($family->parts[$step->part]) || throw UnusableKnowledge::dangling("{$where}.part", $step->part);
        $step->caution === null || isset($family->cautions[$step->caution]) || throw UnusableKnowledge::dangling("{$where}.caution", $step->caution);
        foreach ($step->touches as $touched) {
            isset($family->stale[$touched]) || throw UnusableKnowledge::dangling("{$where}.touches", $touched);
        }
    }
}
