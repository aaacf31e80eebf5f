<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\Models\Shop;
use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Instrument\GaugeScenario;

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
        public string $purpose,
    ) {
    }

    /** Null where no run is watched in this tab. */
    public static function at(BenchTab $tab, SheetView $view): ?self
    {
        return in_array($tab, [BenchTab::Hold, BenchTab::PopOff], true) ? self::of($tab, $view) : null;
    }

    private static function of(BenchTab $tab, SheetView $view): self
    {
        $open = $view->records->gauges->live;
        $run = $open !== null && $tab->watches($open) ? $open : null;
        $unit = Numbers::gaugeUnit($run?->isVacuum() === true);

        return new self(
            watch: $run === null ? null : "{$view->address}/live/{$run->id}",
            store: "{$view->address}/live",
            standIns: "{$view->address}/stand-ins",
            name: $run->instrument->name ?? '',
            unit: $unit->symbol(),
            kilopascals: $unit->kilopascals(),
            since: $run === null ? '' : Numbers::clock($run->opened_at),
            gauges: $view->records->gauges->offered,
            scenarios: Shop::isDemo() ? self::scenarios() : [],
            isOffered: $open === null && $view->sheet->handedBackAt === null,
            purpose: $tab === BenchTab::PopOff ? 'pops' : 'hold',
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
