<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\Models\Instrument;
use App\Models\Shop;
use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Instrument\GaugeScenario;
use DustyJet\Worksheet\Metering\Metering;

/** A run that is being watched, or what it takes to begin one. */
final readonly class LivePlate
{
    /**
     * @param  string|null  $watch address that is asked for what came since; null while nothing is watched
     * @param  list<array{id: string, name: string}>  $gauges
     * @param  list<array{value: string, label: string}>  $scenarios of the demo's scripted gauge; none in a real shop
     */
    private function __construct(
        public ?string $watch,
        public string $store,
        public string $standIns,
        public string $name,
        public string $unit,
        public float $kilopascals,
        public string $since,
        public array $gauges,
        public array $scenarios,
        public bool $isOffered,
        public bool $maySeePops,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $run = $view->records->live;
        $unit = Numbers::gaugeUnit($run?->isVacuum() === true);

        return new self(
            watch: $run === null ? null : route('live.show', [$view->job, $run]),
            store: route('live.store', $view->job),
            standIns: route('stand-ins.store', $view->job),
            name: $run->instrument->name ?? '',
            unit: $unit->symbol(),
            kilopascals: $unit->kilopascals(),
            since: $run === null ? '' : Numbers::clock($run->opened_at),
            gauges: array_map(
                static fn (Instrument $i): array => ['id' => $i->id, 'name' => $i->name],
                array_values(array_filter($view->records->gauges, static fn (Instrument $i): bool => ! $i->stands_in)),
            ),
            scenarios: Shop::isDemo() ? self::scenarios() : [],
            isOffered: $run === null && $view->sheet->handedBackAt === null,
            maySeePops: isset($view->sheet->family->proof->tests[Metering::POP_OFF]),
        );
    }

    /** @return list<array{value: string, label: string}> */
    private static function scenarios(): array
    {
        return array_map(
            static fn (GaugeScenario $s): array => ['value' => $s->value, 'label' => $s->label()],
            GaugeScenario::cases(),
        );
    }
}
