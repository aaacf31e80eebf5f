<?php

declare(strict_types=1);

namespace Tests\Core\Worksheet;

use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\BenchLog\Seen;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\LeakShape;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\ScriptedLeak;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\BenchTest\Outcome;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A bench to write logs on: each call adds one entry, as a technician would. */
final class Bench
{
    public readonly Family $family;

    /** @var list<Entry> */
    public array $entries = [];

    public function __construct(string $family = 'float_pilot_jet', string $sense = 'fuel', ?string $variant = null)
    {
        $this->family = FamilyFiles::shipped()->of($family);
        $variant ??= array_key_first($this->family->variants);
        $this->add(EntryKind::IntakeTaken, [
            'machine' => 'Tilby 46',
            'engine' => '160 cc',
            'complaint' => 'floods',
            'variant' => $variant,
            'idle_sense' => $sense,
        ]);
    }

    /** @param  array<string, mixed>  $payload */
    public function add(EntryKind $kind, array $payload, ?string $supersedes = null): self
    {
        $seq = count($this->entries) + 1;
        $id = sprintf('00000000-0000-4000-8000-%012d', $seq);
        $this->entries[] = Entry::of(
            $id,
            $seq,
            $kind,
            $payload,
            new DateTimeImmutable("2026-05-01 09:00 +{$seq} minutes"),
            'June Halloran',
            $supersedes,
        );

        return $this;
    }

    public function count(string $adjuster, string $turns): self
    {
        return $this->add(EntryKind::ScrewCounted, [
            'adjuster' => $adjuster,
            'units' => Turns::parse($turns)->inUnits(),
        ]);
    }

    /** A bank that is even; a carburetor alone is left as it is. */
    public function balanced(): self
    {
        $bank = Ticket::bankOf($this->sheet()->bench);

        return $bank === [] ? $this : $this
            ->add(EntryKind::ReferenceNamed, ['carburetor' => array_key_first($bank)])
            ->add(EntryKind::BankRead, ['vacuum' => array_map(static fn (): string => '10.0 10.1 9.9', $bank)]);
    }

    public function set(string $adjuster, string $turns, string $station = 'set'): self
    {
        return $this->add(EntryKind::ScrewSet, [
            'adjuster' => $adjuster,
            'units' => Turns::parse($turns)->inUnits(),
            'station' => $station,
        ]);
    }

    public function read(string $adjuster, string $turns, float $rpm): self
    {
        return $this->add(EntryKind::SpeedRead, [
            'adjuster' => $adjuster,
            'units' => Turns::parse($turns)->inUnits(),
            'rpm' => $rpm,
        ]);
    }

    public function off(string ...$parts): self
    {
        foreach ($parts as $part) {
            $this->add(EntryKind::PartOff, [
                'part' => $part,
                'count' => $this->sheet()->of(Parts::class)->build->tray->plan->parts[$part]->count,
            ]);
        }

        return $this;
    }

    public function on(string ...$parts): self
    {
        foreach ($parts as $part) {
            $this->add(EntryKind::PartOn, [
                'part' => $part,
                'count' => $this->sheet()->of(Parts::class)->build->tray->cell($part)?->count ?? 1,
                'looked' => true,
            ]);
        }

        return $this;
    }

    public function inspect(string $inspection, string $condition = 'sound', ?string $reason = null): self
    {
        return $this->add(
            EntryKind::PartInspected,
            array_filter(['inspection' => $inspection, 'condition' => $condition, 'reason' => $reason]),
        );
    }

    /** Takes everything apart, judges everything sound, or builds everything back, in an order that keeps the rules. */
    public function all(Station $station): self
    {
        $sheet = $this->sheet();
        $build = $sheet->of(Parts::class)->build;

        return match ($station) {
            Station::Strip => $this->off(
                ...self::keys(
                    $build->tray->plan->stripOrder(),
                    static fn (TrayPart $p): bool => ! $build->tray->has($p->key),
                ),
            ),
            Station::Clean => array_reduce(
                array_keys(Inspections::on($sheet->bench)->open()),
                static fn (self $b, string $i): self => $b->inspect($i),
                $this,
            ),
            default => $this->on(
                ...self::keys($build->order(), static fn (TrayPart $p): bool => ! isset($build->placed[$p->key])),
            ),
        };
    }

    /**
     * @param  list<TrayPart>  $parts
     * @param  callable(TrayPart): bool  $wanted
     *
     * @return list<string>
     */
    private static function keys(array $parts, callable $wanted): array
    {
        return array_map(static fn (TrayPart $p): string => $p->key, array_values(array_filter($parts, $wanted)));
    }

    public function hold(
        float $millilitresPerMinute = 0.0,
        bool $wetted = false,
        float $stepPsi = 0.02,
        int $seconds = 90,
    ): self {
        $rig = new Rig(Volume::ofMillilitres(18.0));
        $trace = (new ScriptedLeak(
            $rig,
            LeakShape::Linear,
            Flow::ofMillilitresPerMinute($millilitresPerMinute),
            noisePsi: 0.008,
            stepPsi: $stepPsi,
        ))->trace(range(0, $seconds, 2), new Randomizer(new Mt19937(9)));
        $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(0.6));
        $result = HoldTest::judge($trace, $rig, $limits);

        return $this->add(EntryKind::HoldTested, [
            'trace' => sprintf('10000000-0000-4000-8000-%012d', count($this->entries)),
            'method' => 'pressure',
            'volume_ml' => 18.0,
            'limit_ml_min' => 0.6,
            'wetted' => $wetted,
            'result' => Outcome::stored($result, $trace->kilopascals[$trace->count() - 1], $trace->durationSeconds()),
            'fit' => $result->fitted->toArray(),
        ]);
    }

    public function checks(): self
    {
        foreach (array_keys($this->family->proof->checks) as $check) {
            $this->add(EntryKind::CheckDone, ['check' => $check, 'passed' => true]);
        }

        return $this;
    }

    /** Everything but the hand-back, in working order. */
    public function worked(): self
    {
        return $this->count('idle_mixture', '1 3/4')
            ->count('idle_speed', '1')
            ->all(Station::Strip)
            ->hold()
            ->all(Station::Clean)
            ->all(Station::Build)
            ->set('idle_mixture', '1 1/2')
            ->set('idle_speed', '1')
            ->hold()
            ->read('idle_mixture', '1 1/4', 1690)
            ->read('idle_mixture', '1 1/2', 1770)
            ->read('idle_mixture', '1 3/4', 1790)
            ->read('idle_mixture', '2', 1750)
            ->set('idle_mixture', '1 3/4', 'run')
            ->set('idle_speed', '1 1/8', 'run')
            ->checks();
    }

    public function sheet(): Worksheet
    {
        return Worksheet::replay($this->family, Log::of($this->entries));
    }

    /** @param  array<string, mixed>  $payload */
    public function refuse(EntryKind $kind, array $payload, ?int $seen = null, ?string $supersedes = null): void
    {
        (new Draft($kind, $payload, $supersedes))->refuseUnlessMeantFor($this->sheet(), new Seen($seen ?? count($this->entries)));
    }
}
