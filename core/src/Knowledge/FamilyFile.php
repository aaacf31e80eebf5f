<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Adjuster;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Carburetor\Book;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Caution;
use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\Clock;
use DustyJet\Carburetor\Coupling;
use DustyJet\Carburetor\Disturbance;
use DustyJet\Carburetor\Drawing;
use DustyJet\Carburetor\Drive;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Guidance;
use DustyJet\Carburetor\HoldAsked;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\IsolatingTest;
use DustyJet\Carburetor\Joint;
use DustyJet\Carburetor\Kit;
use DustyJet\Carburetor\Layer;
use DustyJet\Carburetor\LeakPaths;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Proof;
use DustyJet\Carburetor\ProofCheck;
use DustyJet\Carburetor\Sense;
use DustyJet\Carburetor\Teardown;
use DustyJet\Carburetor\Upsets;
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
        $family = (new self($file, self::fields($shared)))->family(InspectionFile::of($file, self::fields($inspect)));
        FamilyRules::check($family);

        return $family;
    }

    private static function fields(string $yaml): Fields
    {
        $parsed = Yaml::parse($yaml);

        return new Fields(is_array($parsed) ? $parsed : []);
    }

    /** @param  array<string, Inspection>  $inspections */
    private function family(array $inspections): Family
    {
        $file = $this->file;
        $variants = self::keyed($file->maps('variants'), self::variant(...));

        return new Family(
            id: $file->text('id'),
            name: $file->text('name'),
            fits: $file->text('fits'),
            choose: $file->text('choose'),
            variants: $variants === [] ? throw UnusableKnowledge::missing('variants') : $variants,
            drawing: $this->drawing(),
            adjusters: self::keyed($file->maps('adjusters'), self::adjuster(...)),
            upsets: $this->upsets(),
            teardown: $this->teardown($inspections),
            proof: $this->proof(),
            guidance: $this->guidance(),
            card: $this->card(),
        );
    }

    private static function variant(Fields $v, string $key): Variant
    {
        $names = $v->has('carburetors') ? $v->words('carburetors') : [];

        return new Variant(
            $key,
            $v->text('name'),
            $v->text('look'),
            $v->textOrNull('picture'),
            array_combine(array_map(mb_strtolower(...), $names), $names),
        );
    }

    private function drawing(): Drawing
    {
        $circuit = static fn (Fields $c, string $key): Circuit => new Circuit(
            $key,
            $c->text('name'),
            $c->text('swatch'),
            $c->text('works'),
        );
        $circuits = self::keyed($this->file->maps('circuits'), $circuit);

        return new Drawing($this->file->text('drawing'), $this->parts(), $circuits, $this->stacks());
    }

    private function upsets(): Upsets
    {
        $coupling = static fn (Fields $c): Coupling => new Coupling(
            $c->text('moving'),
            $c->words('upsets'),
            $c->words('only'),
        );
        $disturbance = static fn (Fields $s): Disturbance => new Disturbance($s->text('because'), $s->words('doubts'));

        return new Upsets(array_map($coupling, $this->file->list('couples')), $this->shared('stale', $disturbance));
    }

    /** @param  array<string, Inspection>  $inspections */
    private function teardown(array $inspections): Teardown
    {
        $kit = $this->file->map('kit');

        return new Teardown(
            plans: StripPlans::of($this->file),
            inspections: $inspections,
            links: $this->file->texts('links'),
            kit: new Kit($kit->words('has'), $kit->words('lacks')),
            tools: $this->file->words('tools'),
        );
    }

    private function proof(): Proof
    {
        $hold = $this->file->has('hold') ? $this->file->map('hold') : null;
        $test = static fn (Fields $t, string $key): BenchTest => new BenchTest(
            $key,
            $t->text('name'),
            $t->text('do'),
            $t->text('good'),
            self::need($t),
            $t->textOrNull('fails'),
            $t->has('answers') ? $t->words('answers') : [],
        );
        $check = static fn (Fields $c): ProofCheck => new ProofCheck(
            $c->text('do'),
            $c->textOrNull('takes') === 'rpm',
            self::need($c),
            $c->flag('runs'),
            $c->textOrNull('fails'),
        );

        return new Proof(
            hold: $hold === null ? null : new HoldAsked(
                $hold->text('name'),
                $hold->text('do'),
                $hold->text('why'),
                self::need($hold),
                $hold->text('fails'),
            ),
            tests: $this->shared('tests', $test, $this->file->words('tests')),
            checks: $this->shared('handback', $check, $this->file->words('handback')),
            valve: $this->file->words('valve'),
            seals: array_intersect_key($this->shared->texts('seals'), $this->parts()),
            leaks: $this->leaks(),
        );
    }

    private function leaks(): ?LeakPaths
    {
        $name = $this->file->textOrNull('leaks');
        if ($name === null) {
            return null;
        }
        $paths = $this->shared->maps('leaks')[$name] ?? throw UnusableKnowledge::dangling('leaks', $name);
        $joint = static fn (Fields $j, string $key): Joint => new Joint(
            $key,
            $j->text('name'),
            $j->number('chance'),
            $j->text('on'),
            $j->textOrNull('shows'),
            $j->flag('beyond'),
        );
        $test = static fn (Fields $t, string $key): IsolatingTest => new IsolatingTest(
            $key,
            $t->text('do'),
            $t->text('why'),
            $t->number('minutes'),
            $t->flag('soap'),
            $t->words('joints'),
        );

        // What lies beyond the needle differs: a joint there is of the families in whose drawing it is.
        $parts = $this->parts();
        $isOf = static fn (Joint $j): bool => ! $j->isBeyond || isset($parts[$j->on]);
        $joints = array_filter(self::keyed($paths->maps('joints'), $joint), $isOf);

        $known = array_keys(self::keyed($paths->maps('joints'), $joint));
        $tests = array_map(
            static fn (IsolatingTest $t): IsolatingTest => $t->without(array_diff($known, array_keys($joints))),
            self::keyed($paths->maps('tests'), $test),
        );

        return new LeakPaths($joints, $tests);
    }

    private static function need(Fields $fields): Need
    {
        $word = $fields->textOrNull('needs') ?? Need::Nothing->value;

        return Need::tryFrom($word) ?? throw UnusableKnowledge::dangling('needs', $word);
    }

    private function guidance(): Guidance
    {
        $minutes = $this->file->map('minutes');
        $stations = $minutes->names();
        $caution = static fn (Fields $c): Caution => new Caution($c->text('title'), $c->text('text'));
        $clock = static fn (Fields $c, string $key): Clock => new Clock(
            $key,
            $c->text('name'),
            (int) $c->number('minutes'),
            $c->text('do'),
            $c->provenance(),
        );

        return new Guidance(
            cautions: $this->shared('cautions', $caution),
            hazards: $this->file->texts('hazards'),
            coach: $this->shared->texts('coach'),
            clocks: $this->shared('clocks', $clock),
            stationMinutes: array_combine(
                $stations,
                array_map(static fn (string $s): int => (int) $minutes->number($s), $stations),
            ),
            tuning: $this->file->has('tuning') ? $this->file->map('tuning')->words('order') : [],
            tuningWhy: $this->file->has('tuning') ? $this->file->map('tuning')->text('why') : '',
            starting: $this->steps('starting'),
            layUp: $this->steps('lay_up'),
        );
    }

    /** @return list<string> named by the family, worded for all */
    private function steps(string $list): array
    {
        $all = $this->shared->texts($list);

        return array_map(
            static fn (string $s): string => $all[$s] ?? throw UnusableKnowledge::dangling($list, $s),
            $this->file->words($list),
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
            $parts[$key] = new Part(
                $key,
                count($parts) + 1,
                $named->isMap($key) ? $named->map($key)->text('name') : $named->text($key),
                $only,
            );
        }

        return $parts;
    }

    /** @return array<string, list<Layer>> */
    private function stacks(): array
    {
        $stacks = [];
        foreach ($this->file->has('stacks') ? $this->file->map('stacks')->names() : [] as $name) {
            $stacks[$name] = array_map(
                fn (Fields $l): Layer => new Layer(
                    $l->text('as'),
                    $l->textOrNull('name') ?? $this->file->map('tray')->map($l->text('part'))->text('name'),
                    $l->textOrNull('part'),
                ),
                $this->file->map('stacks')->list($name),
            );
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
            book: new Book(
                Turns::parse($baseline->text('turns')),
                self::range($baseline),
                $baseline->provenance(),
                Turns::parse($a->textOrNull('card_offset_turns') ?? '0'),
                School::from($a->textOrNull('school') ?? 'peak'),
                Turns::parse($a->textOrNull('step_turns') ?? '1/8'),
            ),
            hint: $a->textOrNull('hint'),
            judge: $a->textOrNull('judge'),
        );
    }

    /** @return array{0: Turns, 1: Turns}|null */
    private static function range(Fields $baseline): ?array
    {
        $range = $baseline->words('range');
        if ($range === []) {
            return null;
        }
        [$from, $to] = [Turns::parse($range[0]), Turns::parse($range[1] ?? '')];
        $turns = Turns::parse($baseline->text('turns'))->inUnits();
        ($from->inUnits() <= $turns && $turns <= $to->inUnits())
            || throw UnusableKnowledge::impossible('baseline.range', 'the start lies in it');

        return [$from, $to];
    }

    private function card(): Card
    {
        $card = $this->file->map('card');
        $number = static fn (string $name, float $else): float => $card->has($name)
            ? $card->map($name)->number('value')
            : $else;
        $band = static fn (string $name): ?array => $card->has($name)
            ? [$card->map($name)->number('low'), $card->map($name)->number('high')]
            : null;

        return new Card(
            Flow::ofMillilitresPerMinute($number('hold_limit_ml_min', 0.6)),
            GaugePressure::ofPsi($number('test_psi', 5.0)),
            GaugePressure::ofPsi($number('stop_psi', 8.0)),
            $band('idle_rpm'),
            $band('top_rpm'),
            $card->has('top_rpm') ? $card->map('top_rpm')->text('name') : '',
            Length::ofMetres($number('fuel_head_m', 0.5)),
            array_map(static fn (Fields $value): string => $value->provenance(), $this->file->maps('card')),
            $card->has('top_rpm') && $card->map('top_rpm')->has('governed') && $card->map('top_rpm')->flag('governed'),
            Drive::from($this->file->textOrNull('drive') ?? 'direct'),
        );
    }
}
