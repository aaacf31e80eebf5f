<?php

declare(strict_types=1);

namespace Tests\Golden;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\FieldType;
use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\Seen;
use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use DustyJet\Rejected;
use DustyJet\Worksheet\BenchTest\Outcome;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A job by someone who logs anything at any time: every kind of entry, mostly what the bench would accept, some of
 * what only a file from elsewhere would hold.
 */
final class RandomJob
{
    private const SPRING = ['wire_mm' => 0.45, 'coil_mm' => 3.2, 'active_coils' => 8.0, 'free_mm' => 14.0, 'installed_mm' => 9.0];

    private Randomizer $chance;

    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<array<string, mixed>> */
    private array $traces = [];

    private CarburetorKind $kind;

    private string $variant;

    public function __construct(
        private readonly Family $family,
        private readonly Catalogue $catalogue,
        private readonly int $seed,
    ) {
        $this->chance = new Randomizer(new Mt19937($seed));
        $this->kind = $catalogue->family($family->id);
        $this->variant = $this->pick(array_keys($family->variants));
    }

    /** @return list<Entry> of every kind, handed back at the end; photos are named, there are no pictures */
    public function log(int $length): array
    {
        $this->logged($length, EntryKind::cases());
        $this->add(EntryKind::HandedBack, [], null);

        return $this->entries;
    }

    /** @param  list<EntryKind>  $kinds */
    private function logged(int $length, array $kinds): void
    {
        $this->add(EntryKind::IntakeTaken, $this->payload(EntryKind::IntakeTaken), null);
        for ($tries = 0; count($this->entries) < $length && $tries < 6 * $length; $tries++) {
            $kind = $this->pick([
                ...$kinds,
                EntryKind::PartOff,
                EntryKind::PartOff,
                EntryKind::PartOff,
                EntryKind::PartOn,
                EntryKind::PartOn,
                EntryKind::ScrewCounted,
                EntryKind::ScrewSet,
                EntryKind::SpeedRead,
                EntryKind::PartInspected,
            ]);
            $this->attempt($kind, $this->payload($kind));
        }
    }

    /** @return array<string, mixed> a job file, without photos */
    public function file(int $length): array
    {
        $isPhoto = static fn (EntryKind $k): bool => in_array($k, [EntryKind::PhotoTaken, EntryKind::PhotoPinned], true);
        $this->logged($length, array_values(array_filter(EntryKind::cases(), static fn (EntryKind $k): bool => ! $isPhoto($k))));

        return [
            'format' => 'dusty-jet-job',
            'version' => 1,
            'job' => [
                'id' => $this->uuid(1),
                'number' => "R-{$this->seed}",
                'family' => $this->family->id,
                'opened_at' => '2026-05-01T09:00:00.000000+00:00',
            ],
            'entries' => array_map(
                static fn (Entry $e): array => [
                    'id' => $e->id,
                    'seq' => $e->seq,
                    'kind' => $e->kind->value,
                    'version' => 1,
                    'payload' => (object) $e->payload->toArray(),
                    'at' => $e->at->format('Y-m-d\TH:i:s.uP'),
                    'by' => $e->by,
                    'supersedes' => $e->supersedes,
                ],
                $this->entries,
            ),
            'traces' => $this->tracesOfEntries(),
        ];
    }

    /** @return list<array<string, mixed>> not those of runs that were refused */
    private function tracesOfEntries(): array
    {
        $named = array_map(static fn (Entry $e): mixed => $e->payload->toArray()['trace'] ?? null, $this->entries);

        return array_values(array_filter($this->traces, static fn (array $t): bool => in_array($t['id'], $named, true)));
    }

    /** @param  array<string, mixed>  $payload */
    private function attempt(EntryKind $kind, array $payload): void
    {
        $supersedes = $kind === EntryKind::Struck ? $this->pick($this->entries)->id : null;
        $same = array_values(array_filter($this->entries, static fn (Entry $e): bool => $e->kind === $kind));
        if ($supersedes === null && $same !== [] && $this->chance->getInt(0, 9) === 0) {
            $supersedes = $this->pick($same)->id;
        }
        $sheet = $this->sheet();
        $draft = new Draft($kind, $payload, $supersedes);
        try {
            $draft->refuseUnlessMeantFor($sheet, new Seen(count($this->entries)));
            (new Triage($this->catalogue, $sheet))->refuseUnlessKnown($draft);
        } catch (Rejected) {
            // A file from elsewhere may hold what this bench would refuse; what closes a job would only end the log.
            if (
                $this->chance->getInt(0, 5) > 0
                || in_array($kind, [EntryKind::HandedBack, EntryKind::IntakeTaken], true)
            ) {
                return;
            }
        }
        $this->add($kind, $payload, $supersedes);
    }

    /** @param  array<string, mixed>  $payload */
    private function add(EntryKind $kind, array $payload, ?string $supersedes): void
    {
        $seq = count($this->entries) + 1;
        $by = $this->pick(['June Halloran', 'Teo Vanska', 'R. Okafor']);
        $this->entries[] = Entry::of(
            $this->uuid(100 + $seq),
            $seq,
            $kind,
            $payload,
            new DateTimeImmutable("2026-05-01 09:00 +{$seq} minutes"),
            $by,
            $supersedes,
        );
    }

    private function sheet(): Worksheet
    {
        return Worksheet::replay($this->family, Log::of($this->entries));
    }

    /** @return array<string, mixed> */
    private function payload(EntryKind $kind): array
    {
        if ($kind === EntryKind::HoldTested) {
            return $this->held();
        }
        if ($kind === EntryKind::CheckAnswered) {
            $check = $this->pick(array_values($this->catalogue->checksOf($this->kind)));

            return [
                'check' => $check->id,
                'answers' => array_map(
                    fn (string $f): string => $this->pick(['yes', 'no', 'cannot_tell']),
                    array_combine($check->answers, $check->answers),
                ),
            ];
        }
        $payload = [];
        foreach ($kind->shape()->fields as $name => $field) {
            if (! $field->isOptional || $this->chance->getInt(0, 1) === 1) {
                $payload[$name] = $this->value($kind, $name, $field->type);
            }
        }
        if ($kind === EntryKind::FlowStepped) {
            $flow = $this->pick(array_values($this->catalogue->flowsOf($this->kind)));
            $payload = [...$payload, 'flow' => $flow->id, 'step' => $this->pick(array_keys($flow->steps))];
        }

        return $payload;
    }

    private function value(EntryKind $kind, string $name, FieldType $type): mixed
    {
        return match (true) {
            $name === 'units' => $this->chance->getInt(0, 300),
            $name === 'count' => $this->chance->getInt(1, 2),
            $name === 'poles' => $this->pick([2, 4]),
            $name === 'loaded_rpm' => (float) $this->chance->getInt(800, 3600),
            $name === 'minutes' => $this->chance->getInt(1, 90),
            $name === 'rpm' => (float) $this->chance->getInt(900, 13500),
            $name === 'pops' => $this->pick(['13/10 12.8/9.9 13.1/10', '10,5/9 10/9', '95/70']),
            isset(self::SPRING[$name]) => self::SPRING[$name],
            $name === 'vacuum' => $this->vacuum(),
            $type === FieldType::Names => $this->names($kind, $name),
            $type === FieldType::Integer => $this->chance->getInt(0, 400),
            $type === FieldType::Number => $this->chance->getInt(0, 100) / 100.0,
            $type === FieldType::Flag => $this->chance->getInt(0, 3) > 0,
            $name === 'promised_at' => '2026-05-0'.$this->chance->getInt(2, 9).'T15:00:00+00:00',
            $name === 'variant' => $this->variant,
            $name === 'clock' && $type === FieldType::Uuid => $this->earlier(EntryKind::ClockStarted),
            $name === 'promise' => $this->earlier(EntryKind::CheckPromised),
            $name === 'photo' => $this->uuid($this->chance->getInt(9001, 9003)),
            default => $this->word($kind, $name),
        };
    }

    private function word(EntryKind $kind, string $name): string
    {
        $sheet = $this->entries === [] ? null : $this->sheet();
        $known = match ($name) {
            'adjuster' => array_keys($sheet->of(Screws::class)->all ?? []),
            'idle_sense' => ['fuel', 'air'],
            'station' => $kind === EntryKind::ScrewSet ? ['set', 'run', 'run'] : ['set', 'run', 'strip'],
            'part' => $this->parts($kind),
            'inspection' => array_keys($this->family->inspectionsOf($this->variant)),
            'condition' => ['sound', 'sound', 'cleaned', 'replace', 'scrap'],
            'carburetor' => array_keys($this->family->bankOf($this->variant)),
            'holds' => ['steady', 'hunts', 'surges_held'],
            'manner' => ['smooth', 'rough', 'stalls', 'creeps', 'clunks', 'stalls_in_gear'],
            'link' => array_keys($this->family->teardown->links),
            'test' => array_keys($this->family->proof->tests),
            'clock' => array_keys($this->family->guidance->clocks),
            'thing' => array_keys($this->family->upsets->touched),
            'school' => ['peak', 'midpoint'],
            'check' => array_keys($this->family->proof->checks),
            'item' => [
                'needle_hold',
                'pop_off',
                'float_level',
                'idle_speed',
                ...array_map(static fn (string $k): string => "mixture.{$k}", array_keys($this->family->adjusters)),
            ],
            'isolation' => array_keys($this->family->proof->leaks->tests ?? []),
            'outcome' => $kind === EntryKind::StartTried ? ['runs', 'dies', 'nothing'] : ['leaks', 'holds', 'keep_watching'],
            'bubbled' => array_keys($this->family->proof->leaks->joints ?? []),
            'finding' => array_keys($this->catalogue->findingsOf($this->kind)),
            'answer' => ['yes', 'yes', 'no', 'some', 'strong', 'cannot_tell'],
            'fault' => array_keys($this->catalogue->faultsOf($this->kind)),
            default => [],
        };

        return $known === []
            ? $this->pick(['never seen before', 'as the last time', 'soap: no bubbles', 'a rag & a "clip"'])
            : $this->pick($known);
    }

    /** @return non-empty-list<string> mostly what may come off, go in or be looked at now, one after the other */
    private function names(EntryKind $kind, string $name): array
    {
        $build = $this->sheet()->of(Parts::class)->build;
        $plan = $build->tray->plan;
        $off = $build->tray->off();
        $keys = match (true) {
            $name === 'inspections' => array_keys($this->family->inspectionsOf($this->variant)),
            $kind === EntryKind::PartsOn => array_map(static fn ($p): string => $p->key, $build->order()),
            default => array_values(array_diff(array_map(static fn ($p): string => $p->key, $plan->stripOrder()), $off)),
        };
        $keys = array_slice($keys, 0, $this->chance->getInt(1, 6));
        $twice = static fn (string $key): array => array_fill(0, $plan->parts[$key]->count ?? 1, $key);

        return $keys === [] ? ['never seen before'] : array_merge(...array_map($twice, $keys));
    }

    /** @return list<string> mostly what may come off or go in now */
    private function parts(EntryKind $kind): array
    {
        $build = $this->sheet()->of(Parts::class)->build;
        $ready = $kind === EntryKind::PartOn ? $build->ready() : $build->tray->plan->ready($build->tray->off());
        $names = array_map(static fn ($p): string => $p->key, $ready);

        return $names === [] || $this->chance->getInt(0, 7) === 0 ? array_keys($build->tray->plan->parts) : $names;
    }

    /** @return array<string, string> of every carburetor, or of one nobody knows */
    private function vacuum(): array
    {
        $names = array_keys($this->family->bankOf($this->variant));
        $values = fn (): string => $this->pick(['10.1', '9.6 9.8 9.7', '11,2', '10.1 10.3 10.2 10.0 10.1', '']);

        return array_map($values, array_flip($names === [] ? ['first'] : $names));
    }

    private function earlier(EntryKind $kind): string
    {
        $earlier = array_values(array_filter($this->entries, static fn (Entry $e): bool => $e->kind === $kind));

        return $earlier === [] ? $this->uuid(1) : $this->pick($earlier)->id;
    }

    /** @return array<string, mixed> */
    private function held(): array
    {
        $rig = new Rig(Volume::ofMillilitres($this->pick([12.0, 18.0, 40.0])), $this->pick([0.0, 0.05]));
        $leak = new ScriptedLeak(
            $rig,
            $this->pick(LeakShape::cases()),
            Flow::ofMillilitresPerMinute($this->pick([0.0, 0.05, 0.5, 2.0, 6.0])),
            settlingPsi: 0.2,
            noisePsi: 0.01,
            stepPsi: 0.05,
        );
        $trace = $leak->trace(array_map(floatval(...), range(0, $this->pick([20, 60, 120]), 4)), $this->chance);
        $result = HoldTest::judge($trace, $rig, Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6)));
        $short = static fn (array $values): array => array_map(
            static fn (float $v): float => (float) sprintf('%.9g', $v),
            $values,
        );
        $fit = $result->fitted->toArray();
        $id = $this->uuid(5000 + count($this->traces));
        $psi = \DustyJet\Quantity\PressureUnit::Psi->pascals() / 1000.0;
        $this->traces[] = [
            'id' => $id,
            'unit' => 'psi',
            'vacuum' => false,
            'step' => 0.05,
            'seconds' => $trace->seconds,
            'readings' => array_map(
                static fn (float $k): float => (float) sprintf('%.9g', $k / $psi),
                $trace->kilopascals,
            ),
        ];

        return [
            'trace' => $id,
            'method' => 'pressure',
            'volume_ml' => $rig->volume->inMillilitres(),
            'volume_u_percent' => 100.0 * $rig->relativeUncertainty,
            'limit_ml_min' => 0.6,
            'wetted' => $this->chance->getInt(0, 1) === 1,
            'result' => Outcome::stored($result, $trace->kilopascals[$trace->count() - 1], $trace->durationSeconds()),
            'fit' => [
                ...$fit,
                'best' => $short($fit['best']),
                'low' => $short($fit['low']),
                'high' => $short($fit['high']),
            ],
        ];
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $from
     *
     * @return T
     */
    private function pick(array $from): mixed
    {
        return array_values($from)[$this->chance->getInt(0, count($from) - 1)];
    }

    private function uuid(int $n): string
    {
        return sprintf('%08x-0000-4000-8000-%012x', $this->seed, $n);
    }
}
