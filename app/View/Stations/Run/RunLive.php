<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\LiveRun;
use App\Models\RunPurpose;
use App\Models\Shop;
use App\View\Stations\SheetView;

/** The tachometer or the vacuum set that is watched at Run, or what it takes to put one on. */
final readonly class RunLive
{
    /**
     * @param  string|null  $watch address that is asked for what it shows; null while nothing is watched
     * @param  string|null  $turn address that is told of the dial, where it is a virtual engine
     * @param  list<array{id: string, name: string}>  $instruments
     * @param  bool  $mayStandIn whether this is the demo
     */
    private function __construct(
        public ?string $watch,
        public ?string $turn,
        public bool $isThrottleOpen,
        public string $name,
        public string $store,
        public string $standIns,
        public array $instruments,
        public bool $mayStandIn,
        public bool $isOffered,
        public string $purpose,
    ) {
    }

    public static function of(SheetView $view, RunPurpose $purpose): self
    {
        $open = $view->records->gauges->live;
        $run = $open?->setUp()->purpose === $purpose ? $open : null;

        return new self(
            watch: $run === null ? null : "{$view->address}/live/{$run->id}",
            turn: self::turn($view, $run),
            isThrottleOpen: $run?->setUp()->practice->isFullThrottle ?? false,
            name: $run->instrument->name ?? '',
            store: "{$view->address}/live",
            standIns: "{$view->address}/stand-ins",
            instruments: $view->records->gauges->offered,
            mayStandIn: Shop::isDemo(),
            isOffered: $run === null && $view->sheet->handedBackAt === null,
            purpose: $purpose->value,
        );
    }

    private static function turn(SheetView $view, ?LiveRun $run): ?string
    {
        $isVirtual = $run?->setUp()->practice !== null && $run->setUp()->purpose === RunPurpose::Speed;

        return $isVirtual ? "{$view->address}/stand-ins/{$run->id}" : null;
    }
}
