<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Adjuster;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Caution;
use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\Clock;
use DustyJet\Carburetor\Coupling;
use DustyJet\Carburetor\Disturbance;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\HoldAsked;
use DustyJet\Carburetor\Kit;
use DustyJet\Carburetor\Layer;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Variant;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\Length;
use DustyJet\Quantity\Turns;
use Symfony\Component\Yaml\Yaml;

/** Reads a family from YAML, with what all families share, and refuses one whose names do not meet. */
final readonly class FamilyFile
{
    private function __construct(private Fields $file, private Fields $shared)
    {
    }

    /**
     * @param  string  $yaml the family
     * @param  string  $shared YAML of stale, cautions, handback, tests and clocks
     * @param  string  $inspect YAML of the inspections
     *
     * @throws UnusableKnowledge If a value is missing, a name dangles or a provenance word is unknown.
     * @throws \DustyJet\StripAndBuild\GoesRound If no order of strip or build keeps the rules.
     */
    public static function parse(string $yaml, string $shared, string $inspect): Family
    {
        $file = self::fields($yaml);
        $family = (new self($file, self::fields($shared)))->family(Inspections::of($file, self::fields($inspect)));
        FamilyRules::check($family);

        return $family;
    }

    private static function fields(string $yaml): Fields
    {
        $parsed = Yaml::parse($yaml);

        return new Fields(is_array($parsed) ? $parsed : []);
    }

    /** @param  array<string, \DustyJet\Carburetor\Inspection>  $inspections */
    private function family(array $inspections): Family
    {
        $file = $this->file;
        $variants = self::keyed($file->maps('variants'), static fn (Fields $v, string $k): Variant => new Variant($k, $v->text('name'), $v->text('look'), $v->textOrNull('picture')));

        return new Family(
            id: $file->text('id'),
            name: $file->text('name'),
            fits: $file->text('fits'),
            drawing: $file->text('drawing'),
            choose: $file->text('choose'),
            variants: $variants === [] ? throw UnusableKnowledge::missing('variants') : $variants,
            adjusters: self::keyed($file->maps('adjusters'), self::adjuster(...)),
            couplings: array_map(static fn (Fields $c): Coupling => new Coupling($c->text('moving'), $c->words('upsets'), $c->words('only')), $file->list('couples')),
            parts: $this->parts(),
            circuits: self::keyed($file->maps('circuits'), static fn (Fields $c, string $k): Circuit => new Circuit($k, $c->text('name'), $c->text('swatch'), $c->text('works'))),
            plans: StripPlans::of($file),
            inspections: $inspections,
            links: $file->texts('links'),
            stacks: $this->stacks(),
            kit: new Kit($file->map('kit')->words('has'), $file->map('kit')->words('lacks')),
            tools: $file->words('tools'),
            tests: $this->shared('tests', static fn (Fields $t, string $k): BenchTest => new BenchTest($k, $t->text('name'), $t->text('do'), $t->text('good')), $file->words('tests')),
            hold: $file->has('hold') ? new HoldAsked($file->map('hold')->text('name'), $file->map('hold')->text('do'), $file->map('hold')->text('why')) : null,
            stationMinutes: array_map(static fn (string $name): int => (int) $file->map('minutes')->number($name), array_combine($file->map('minutes')->names(), $file->map('minutes')->names())),
            stale: $this->shared('stale', static fn (Fields $s): Disturbance => new Disturbance($s->text('because'), $s->words('doubts'))),
            checks: $this->shared('handback', static fn (Fields $c): array => ['do' => $c->text('do'), 'takes' => $c->textOrNull('takes')], $file->words('handback')),
            cautions: $this->shared('cautions', static fn (Fields $c): Caution => new Caution($c->text('title'), $c->text('text'))),
            hazards: $file->texts('hazards'),
            clocks: $this->shared('clocks', static fn (Fields $c, string $k): Clock => new Clock($k, $c->text('name'), (int) $c->number('minutes'), $c->text('do'), $c->provenance())),
            coach: $this->shared->texts('coach'),
            card: $this->card(),
        );
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

    /**
     * @template T
     *
     * @param  callable(Fields, string): T  $read
     * @param  list<string>|null  $names which of them, in this order; all when null
     *
     * @return array<string, T>
     *
     * @throws UnusableKnowledge If one is not there.
     */
    private function shared(string $section, callable $read, ?array $names = null): array
    {
        $all = $this->shared->maps($section);
        $wanted = [];
        foreach ($names ?? array_keys($all) as $name) {
            $wanted[$name] = $all[$name] ?? throw UnusableKnowledge::dangling($section, $name);
        }

        return self::keyed($wanted, $read);
    }

    /** @return array<string, Part> numbered as they stand in the file; a name alone is a part of every variant */
    private function parts(): array
    {
        $named = $this->file->map('parts');
        $parts = [];
        foreach ($named->names() as $key) {
            $only = $named->isMap($key) ? $named->map($key)->words('only') : [];
            $parts[$key] = new Part($key, count($parts) + 1, $named->isMap($key) ? $named->map($key)->text('name') : $named->text($key), $only);
        }

        return $parts;
    }

    /** @return array<string, list<Layer>> */
    private function stacks(): array
    {
        $stacks = [];
        foreach ($this->file->has('stacks') ? $this->file->map('stacks')->names() : [] as $name) {
            $stacks[$name] = array_map(fn (Fields $l): Layer => new Layer($l->text('as'), $l->textOrNull('name') ?? $this->file->map('tray')->map($l->text('part'))->text('name'), $l->textOrNull('part')), $this->file->map('stacks')->list($name));
        }

        return $stacks;
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
            onlyIn: $a->words('only_in'),
            baseline: Turns::parse($baseline->text('turns')),
            provenance: $baseline->provenance(),
            cardOffset: Turns::parse($a->textOrNull('card_offset_turns') ?? '0'),
            school: School::from($a->textOrNull('school') ?? 'peak'),
            hint: $a->textOrNull('hint'),
        );
    }

    private function card(): Card
    {
        $card = $this->file->map('card');
        $number = static fn (string $name, float $else): float => $card->has($name) ? $card->map($name)->number('value') : $else;
        $band = static fn (string $name): ?array => $card->has($name) ? [$card->map($name)->number('low'), $card->map($name)->number('high')] : null;

        return new Card(
            Flow::ofMillilitresPerMinute($number('hold_limit_ml_min', 0.6)),
            GaugePressure::ofPsi($number('test_psi', 5.0)),
            GaugePressure::ofPsi($number('stop_psi', 8.0)),
            $band('idle_rpm'),
            $band('top_rpm'),
            $card->has('top_rpm') ? $card->map('top_rpm')->text('name') : '',
            Length::ofMetres($number('fuel_head_m', 0.5)),
            array_map(static fn (Fields $value): string => $value->provenance(), $this->file->maps('card')),
        );
    }
}
