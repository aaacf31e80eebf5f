<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\Models\LiveRun;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Move;

/** One test of the bench with what it is measured by; the sheet shows one at a time. */
enum BenchTab: string
{
    case Hold = 'hold';
    case Leaks = 'leak_map';
    case PopOff = 'pop_off';
    case Lever = 'lever_height';
    case Float = 'float_level';
    case CheckValve = 'check_valve';
    case Delivery = 'delivery';
    case Looks = 'looks';

    public function label(): string
    {
        return match ($this) {
            self::Hold => 'Hold',
            self::Leaks => 'Leak map',
            self::PopOff => 'Pop-off',
            self::Lever => 'Lever',
            self::Float => 'Float',
            self::CheckValve => 'Check valve',
            self::Delivery => 'Delivery',
            self::Looks => 'Look and try',
        };
    }

    /** Where a test of the family is taken. */
    public static function ofTest(string $test): self
    {
        return match ($test) {
            Metering::POP_OFF => self::PopOff,
            Metering::LEVER => self::Lever,
            FloatGaps::TEST, 'bulb', 'attitude' => self::Float,
            CheckValve::READING => self::CheckValve,
            Deliveries::READING, 'pulse' => self::Delivery,
            default => self::Looks,
        };
    }

    /** @return list<self> what this family is tested by, in the order of the bench */
    public static function of(Family $family): array
    {
        $tests = array_map(self::ofTest(...), array_keys($family->proof->tests));
        $isOf = static fn (self $tab): bool => match ($tab) {
            self::Hold => $family->proof->hold !== null,
            self::Leaks => $family->proof->leaks !== null,
            default => in_array($tab, $tests, true),
        };

        return array_values(array_filter(self::cases(), $isOf));
    }

    /** The one that is shown: as asked, else the one a gauge is watched on, else where the bench begins. */
    public static function shown(SheetView $view): self
    {
        $all = self::of($view->sheet->family);
        $live = $view->records->gauges->live;
        $watched = $live === null ? null : ($live->isForPops() ? self::PopOff : self::Hold);
        $asked = self::tryFrom($view->look) ?? $watched ?? self::first($view);

        return in_array($asked, $all, true) ? $asked : $all[0];
    }

    /** Whether this run is watched here. */
    public function watches(LiveRun $run): bool
    {
        return $this === ($run->isForPops() ? self::PopOff : self::Hold);
    }

    /** Where a move of this station is made. */
    public static function ofMove(Move $move): self
    {
        return match ($move->key) {
            'test' => self::ofTest($move->target),
            'isolate' => self::Leaks,
            'recheck' => match ($move->target) {
                Metering::POP_OFF => self::PopOff,
                Metering::LEVER => self::Lever,
                FloatGaps::READING => self::Float,
                CheckValve::READING => self::CheckValve,
                Deliveries::READING => self::Delivery,
                IsolatingResults::READING => self::Leaks,
                Holds::READING => self::Hold,
                default => self::Looks,
            },
            default => self::Hold,
        };
    }

    /** The hold test; without one, the first test that is open. */
    private static function first(SheetView $view): self
    {
        $move = $view->plainMoves[0] ?? null;
        $isHere = $move?->station === Station::BenchTest && $view->sheet->family->proof->hold === null;

        return $isHere ? self::ofMove($move) : self::Hold;
    }
}
