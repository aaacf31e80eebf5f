<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\RunPurpose;
use App\View\Charts\ChartPaper;
use App\View\Charts\DialFace;
use App\View\Charts\MixtureChart;
use App\View\Charts\TachBar;
use App\View\Numbers;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\InSentence;
use DustyJet\Mixture\Mark;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;

/** The mixture run: a dial for the screw in hand, one for the idle speed, the tachometer and the curve. */
final readonly class RunWork implements StationWork
{
    /** Screws that are set at full throttle. */
    private const AT_TOP = ['main', 'high'];

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{value: string, name: string, why: string, selected: bool}>  $schools
     * @param  list<array{value: string, name: string, isSpeedless: bool}>  $marks what to listen for, each a key
     * @param  string|null  $stop why the throttle is to be let go now
     * @param  string  $mostRpm without load, on this screw; empty where nobody knows it
     */
    private function __construct(
        public array $tabs,
        public DialFace $dial,
        public DialFace $speedDial,
        public bool $isSpeedSelected,
        public LastReading $last,
        public TachBar $tach,
        public RunPaper $paper,
        public array $schools,
        public array $marks,
        public ?string $stop,
        public string $mostRpm,
        public RunLive $live,
    ) {
    }

    public static function of(SheetView $view, string $screw): self
    {
        $screws = $view->sheet->of(Screws::class);
        $tabs = ScrewTabs::of($view, $screw, 'left ');
        $mixture = self::mixture($tabs->chosen, $screws);
        $adjuster = $mixture->adjuster;
        $speed = $screws->all['idle_speed'] ?? $tabs->chosen;
        $result = $mixture->readings === [] ? null : RunSoFar::judged($mixture, $view->sheet->family->card);
        $band = self::band($mixture, $view->sheet->family->card);
        $next = self::suggested($result, $adjuster->book->step);
        $title = (self::isAtTop($mixture) ? 'Full-throttle rpm' : 'Idle rpm').' by ';

        return new self(
            tabs: RunTabs::of($view, $tabs),
            dial: DialFace::of($mixture, $next ?? $mixture->current() ?? $adjuster->book->turns, $next),
            speedDial: DialFace::of($speed, $speed->current() ?? $speed->adjuster->book->turns),
            isSpeedSelected: ! $tabs->chosen->adjuster->isMixture,
            last: LastReading::of($mixture),
            tach: TachBar::of(LastReading::of($mixture)->inRpm, $band),
            paper: new RunPaper(
                $title.InSentence::name($adjuster->name),
                $mixture->readings === [] ? null : MixtureChart::of($mixture, $result, $band),
                $mixture->readings === [] ? null : MixtureChart::of($mixture, $result, $band, ChartPaper::phone()),
                self::advice($result).($adjuster->judge === null ? '' : " {$adjuster->judge}."),
                $adjuster->sense->outIsRicher(),
            ),
            schools: self::schools($mixture),
            marks: self::marks($mixture),
            mostRpm: self::most(RunSoFar::screw($mixture, $view->sheet->family->card)),
            stop: $result?->reason->isStop() === true ? $result->reason->sentence() : null,
            live: RunLive::of($view, RunPurpose::Speed),
        );
    }

    public function view(): string
    {
        return 'stations.run.work';
    }

    public function fillsTheSheet(): bool
    {
        return true;
    }

    /** The screw in hand, or the first that meters where a stop screw is. */
    private static function mixture(AdjusterState $chosen, Screws $screws): AdjusterState
    {
        return $chosen->adjuster->isMixture
            ? $chosen
            : array_values($screws->mixture())[0]
                ?? throw new \LogicException('A carburetor without a mixture screw has no mixture run.');
    }

    private static function isAtTop(AdjusterState $state): bool
    {
        return in_array($state->adjuster->key, self::AT_TOP, true);
    }

    private static function most(MixtureScrew $screw): string
    {
        return $screw->maximumRpm === null ? '' : Numbers::rpm($screw->maximumRpm);
    }

    /** @return array{0: float, 1: float} rpm wanted */
    private static function band(AdjusterState $state, Card $card): array
    {
        return (self::isAtTop($state) ? $card->topRpm : $card->idleRpm) ?? [0.0, 0.0];
    }

    /** @return list<array{value: string, name: string, why: string, selected: bool}> */
    private static function schools(AdjusterState $state): array
    {
        return array_map(static fn (School $s): array => [
            'value' => $s->value,
            'name' => $s->title(),
            'why' => $s->why(),
            'selected' => $s === $state->school,
        ], $state->adjuster->book->school->choices());
    }

    /** @return list<array{value: string, name: string, isSpeedless: bool}> */
    private static function marks(AdjusterState $state): array
    {
        return array_map(static fn (Mark $m): array => [
            'value' => $m->value,
            'name' => $m->title(),
            'isSpeedless' => $m === Mark::Dies || $state->school !== School::Flutter,
        ], $state->school->marks());
    }

    private static function suggested(?MixtureResult $result, Turns $step): ?Turns
    {
        $turns = $result === null ? null : $result->nextTurns ?? $result->answer?->turns;

        return $turns === null ? null : $step->nearestStepTo($turns);
    }

    private static function advice(?MixtureResult $result): string
    {
        if ($result === null) {
            return 'Warm the engine for two minutes, then log the rpm at each setting.';
        }
        $fallback = ' No rich edge within the screw\'s travel: set from the lean edge.';

        return $result->reason->sentence().($result->edges->isRichMissing ? $fallback : '');
    }
}
