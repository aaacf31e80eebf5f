<?php

declare(strict_types=1);

namespace App\View\Stations;

use App\View\Stations\BenchTest\BenchTestWork;
use App\View\Stations\Build\BuildWork;
use App\View\Stations\Clean\CleanWork;
use App\View\Stations\HandBack\HandBackWork;
use App\View\Stations\Intake\IntakeWork;
use App\View\Stations\Run\BalanceWork;
use App\View\Stations\Run\GovernedWork;
use App\View\Stations\Run\HeldWork;
use App\View\Stations\Run\IdleWork;
use App\View\Stations\Run\MayRun;
use App\View\Stations\Run\RunWork;
use App\View\Stations\Run\StartWork;
use App\View\Stations\Run\TogetherWork;
use App\View\Stations\Screws\NoScrews;
use App\View\Stations\Screws\ScrewWork;
use App\View\Stations\Strip\StripWork;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Governing\Governing;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Starting\Starting;

/** Which work a station has on this carburetor. */
final readonly class Works
{
    /**
     * @param  string  $screw the one asked for; empty for the first that is open
     */
    public static function at(SheetView $view, string $screw): StationWork
    {
        return match ($view->station) {
            Station::Intake => IntakeWork::of($view, $view->look),
            Station::AsFound, Station::Set => self::screws($view, $screw),
            Station::Strip => StripWork::of($view->sheet),
            Station::Clean => CleanWork::of($view, $view->look),
            Station::Build => BuildWork::of($view->sheet),
            Station::BenchTest => BenchTestWork::of($view),
            Station::Run => self::run($view, $screw),
            Station::HandBack => HandBackWork::of($view),
        };
    }

    private static function screws(SheetView $view, string $screw): StationWork
    {
        return $view->sheet->of(Screws::class)->all === []
            ? new NoScrews('Nothing here is turned: it has no screw.')
            : ScrewWork::of($view, $screw);
    }

    /** What starts or runs the engine only where it may; the first start says by itself what is still in the way. */
    private static function run(SheetView $view, string $screw): StationWork
    {
        $notNow = $screw === Starting::TAB ? '' : MayRun::notNow($view);

        return $notNow === '' ? self::running($view, $screw) : HeldWork::of($view, $screw, $notNow);
    }

    /** A mixture screw is run by its readings, a stop screw alone is only set. */
    private static function running(SheetView $view, string $screw): StationWork
    {
        $screws = $view->sheet->of(Screws::class);

        return match (true) {
            $screws->all === [] => new NoScrews(
                'It has no screw to set. Run the engine it feeds, then prove it at Hand back.',
            ),
            $screw === Starting::TAB => StartWork::of($view),
            $screw === TogetherWork::TAB && TogetherWork::isFor($view) => TogetherWork::of($view),
            $screw === Idling::TAB && $view->sheet->family->card->idleRpm !== null => IdleWork::of($view),
            $screw === Governing::TAB && $view->sheet->family->card->isGoverned => GovernedWork::of($view),
            Balancing::isInHand($view->sheet, $screw) => BalanceWork::of($view),
            $screws->mixture() === [] => ScrewWork::of($view, $screw),
            default => RunWork::of($view, $screw),
        };
    }
}
