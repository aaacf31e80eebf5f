<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Diagnosis\Access;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Check;
use DustyJet\Diagnosis\Costs;
use DustyJet\Diagnosis\Cure;
use DustyJet\Diagnosis\Deed;
use DustyJet\Diagnosis\Fault;
use DustyJet\Diagnosis\FaultHere;
use DustyJet\Diagnosis\Finding;
use DustyJet\Diagnosis\Flow;
use DustyJet\Diagnosis\FlowStep;
use DustyJet\Diagnosis\Needs;
use DustyJet\Diagnosis\Risk;
use Symfony\Component\Yaml\Yaml;

/** Reads what a diagnosis knows from YAML; {@see CatalogueRules} refuses what cannot be. */
final readonly class DiagnosisFiles
{
    private Fields $file;

    /** @param  array<string, mixed>  $merged */
    private function __construct(array $merged)
    {
        $this->file = new Fields($merged);
    }

    /**
     * The files as one map. The slow half of reading: its result may be kept.
     *
     * @param  list<string>  $yamls
     *
     * @return array<string, array<array-key, mixed>>
     *
     * @throws UnusableKnowledge If a name is given twice.
     */
    public static function merge(array $yamls): array
    {
        $merged = [];
        foreach ($yamls as $yaml) {
            $parsed = Yaml::parse($yaml);
            foreach (is_array($parsed) ? $parsed : [] as $section => $entries) {
                foreach (is_array($entries) ? $entries : [] as $id => $entry) {
                    ! isset($merged[$section][$id])
                        || throw UnusableKnowledge::impossible("{$section}.{$id}", 'it is there twice');
                    $merged[(string) $section][$id] = $entry;
                }
            }
        }

        return $merged;
    }

    /**
     * @param  array<string, mixed>  $merged
     *
     * @throws UnusableKnowledge If a value is missing, a name dangles or a number cannot be.
     */
    public static function catalogue(array $merged): Catalogue
    {
        $catalogue = (new self($merged))->read();
        CatalogueRules::check($catalogue);

        return $catalogue;
    }

    private function read(): Catalogue
    {
        $faults = $this->file->maps('faults');
        $findings = $this->file->maps('findings');
        $checks = $this->file->maps('checks');
        $families = static fn (Fields $f): array => $f->has('families') ? $f->words('families') : ['all'];

        return new Catalogue(
            families: $this->each(
                'families',
                static fn (Fields $f, string $id): CarburetorKind => new CarburetorKind(
                    $id,
                    $f->text('name'),
                    $f->text('fits'),
                    $f->words('traits'),
                ),
            ),
            access: $this->each(
                'access',
                static fn (Fields $a, string $id): Access => new Access(
                    $id,
                    $a->text('do'),
                    $a->number('minutes'),
                    $a->flag('engine_runs'),
                    $a->words('needs'),
                    $a->provenance(),
                    array_map(static fn (Fields $in): float => $in->number('minutes'), self::elsewhere($a)),
                ),
            ),
            findings: $this->each('findings', self::finding(...)),
            findingFamilies: array_map($families, $findings),
            checks: $this->each('checks', $this->check(...)),
            checkFamilies: array_map($families, $checks),
            faults: $this->each('faults', $this->fault(...)),
            faultFamilies: array_map($families, $faults),
            flows: $this->each('flows', self::flow(...)),
            cautions: array_map(
                static fn (Fields $c): array => ['title' => $c->text('title'), 'text' => $c->text('text')],
                $this->file->maps('cautions'),
            ),
            costs: $this->costs(),
        );
    }

    /**
     * @template T
     *
     * @param  callable(Fields, string): T  $read
     *
     * @return array<string, T>
     */
    private function each(string $section, callable $read): array
    {
        $result = [];
        foreach ($this->file->maps($section) as $id => $fields) {
            $result[$id] = $read($fields, $id);
        }

        return $result;
    }

    private static function finding(Fields $f, string $id): Finding
    {
        return new Finding(
            $id,
            $f->text('group'),
            $f->text('ask'),
            $f->text('because'),
            $f->words('levels'),
            $f->numbers('leak'),
            $f->textOrNull('part'),
            $f->provenance(),
            self::deeds($f, 'forbids'),
            $f->textOrNull('danger'),
        );
    }

    /** @return list<Deed> */
    private static function deeds(Fields $fields, string $name): array
    {
        return array_map(
            static fn (string $word): Deed => Deed::tryFrom($word) ?? throw UnusableKnowledge::dangling($name, $word),
            $fields->words($name),
        );
    }

    private function check(Fields $c, string $id): Check
    {
        $answers = $c->words('answers');
        $risk = $c->has('risk') ? $c->map('risk') : null;

        return new Check(
            id: $id,
            do: $c->text('do'),
            how: $c->text('how'),
            minutes: $c->number('minutes'),
            needs: $this->needs($c, $c->words('access')),
            answers: $answers === [] ? throw UnusableKnowledge::missing("checks.{$id}.answers") : $answers,
            onlyAfter: $c->textOrNull('only_after'),
            risk: new Risk($risk?->number('minutes') ?? 0.0, $risk?->text('what'), $c->textOrNull('caution')),
            station: $c->textOrNull('station'),
            provenance: $c->provenance(),
            needsIn: array_map(fn (Fields $in): Needs => $this->needs($c, $in->words('access')), self::elsewhere($c)),
        );
    }

    /** @param  list<string>  $access */
    private function needs(Fields $c, array $access): Needs
    {
        return new Needs(
            $c->words('tools'),
            $access,
            $this->opensCarburetor($access),
            self::deeds($c, 'does'),
        );
    }

    /** @return array<string, Fields> what is otherwise, by family or trait */
    private static function elsewhere(Fields $fields): array
    {
        return $fields->has('in') ? $fields->maps('in') : [];
    }

    private function fault(Fields $f, string $id): Fault
    {
        $prior = $f->map('prior');
        $rises = [];
        foreach ($prior->has('rises') ? $prior->map('rises')->names() : [] as $fact) {
            $by = $prior->map('rises')->map($fact);
            foreach ($by->names() as $from) {
                $rises[$fact][$from] = $by->number($from);
            }
        }
        $cure = $f->map('cure');

        return new Fault(
            id: $id,
            name: $f->text('name'),
            place: $f->text('place'),
            part: $f->textOrNull('part'),
            chance: $prior->number('chance'),
            rises: $rises,
            shows: $this->shows($f),
            cure: $this->cure($cure, $cure->words('access')),
            flow: $f->textOrNull('flow'),
            scrapsBody: $f->flag('scraps_body'),
            provenance: $f->provenance(),
            here: array_map(fn (Fields $in): FaultHere => $this->here($in, $cure), self::elsewhere($f)),
        );
    }

    private function here(Fields $in, Fields $cure): FaultHere
    {
        return new FaultHere(
            $in->textOrNull('name'),
            $in->has('chance') ? $in->number('chance') : null,
            $in->has('shows') ? self::strengths($in) : [],
            $in->has('access') ? $this->cure($cure, $in->words('access')) : null,
        );
    }

    /** @param  list<string>  $access */
    private function cure(Fields $cure, array $access): Cure
    {
        return new Cure(
            $cure->text('do'),
            $cure->number('minutes'),
            (int) $cure->number('cents'),
            $access,
            $this->opensCarburetor($access),
            self::deeds($cure, 'does'),
        );
    }

    /** @param  list<string>  $names */
    private function opensCarburetor(array $names): bool
    {
        $access = $this->file->maps('access');

        return array_filter(
            $names,
            static fn (string $n): bool => isset($access[$n]) && $access[$n]->flag('opens_carburetor'),
        ) !== [];
    }

    /** @return array<string, non-empty-list<float>> the pattern's strengths, then the fault's own over them */
    private function shows(Fields $fault): array
    {
        $shows = [];
        foreach (
            [
                ...array_map(fn (string $p): Fields => $this->file->map('patterns')->map($p), $fault->words('like')),
                $fault,
            ] as $from
        ) {
            $shows = [...$shows, ...self::strengths($from)];
        }

        return $shows;
    }

    /** @return array<string, non-empty-list<float>> */
    private static function strengths(Fields $from): array
    {
        $shows = [];
        foreach ($from->map('shows')->names() as $finding) {
            $shows[$finding] = $from->map('shows')->numbers($finding);
        }

        return $shows;
    }

    private static function flow(Fields $f, string $id): Flow
    {
        $steps = [];
        foreach ($f->maps('steps') as $key => $s) {
            $steps[$key] = new FlowStep(
                $key,
                $s->textOrNull('do') ?? '',
                $s->textOrNull('ask'),
                $s->textOrNull('count'),
                $s->has('most') ? (int) $s->number('most') : 0,
                $s->textOrNull('then'),
                $s->textOrNull('otherwise'),
                $s->textOrNull('caution'),
                $s->has('families') ? $s->words('families') : ['all'],
                self::deeds($s, 'does'),
            );
        }

        return new Flow(
            $id,
            $f->text('name'),
            $f->text('why'),
            $f->words('families'),
            $f->words('offered_when'),
            $steps === [] ? throw UnusableKnowledge::missing("flows.{$id}.steps") : $steps,
            $f->provenance(),
        );
    }

    private function costs(): Costs
    {
        $cost = function (string $name, string $unit): float {
            $fields = $this->file->map('costs')->map($name);
            $fields->provenance();

            return $fields->number($unit);
        };

        return new Costs(
            $cost('verify', 'minutes'),
            (int) $cost('shop_rate_per_hour', 'cents'),
            (int) $cost('kit', 'cents'),
            (int) $cost('carburetor', 'cents'),
            $cost('rebuild', 'minutes'),
            $cost('replace', 'minutes'),
            (int) $cost('come_back', 'cents'),
            $cost('replacement_fails', 'probability'),
            $cost('rebuild_fails', 'probability'),
        );
    }
}
