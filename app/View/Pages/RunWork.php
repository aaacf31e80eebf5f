<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Charts\DialFace;
use App\View\Charts\MixtureChart;
use App\View\Charts\TachBar;
use App\View\Numbers;
use DustyJet\Carburetor\InSentence;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\AdjusterState;
use DustyJet\Worksheet\NextMoves;
use DustyJet\Worksheet\Worksheet;

/** The mixture run: a dial for the screw in hand, one for the idle speed, the tachometer and the curve. */
final readonly class RunWork
{
    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{value: string, name: string, why: string, selected: bool}>  $schools
     */
    public function __construct(
        public array $tabs,
        public DialFace $dial,
        public DialFace $speedDial,
        public bool $isSpeedSelected,
        public string $rpm,
        public string $steady,
        public TachBar $tach,
        public ?MixtureChart $chart,
        public string $chartTitle,
        public string $advice,
        public array $schools,
        public string $screw,
        public string $suggested,
        public bool $outIsRicher,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet, string $screw): self
    {
        $chosen = ScrewWork::choose($sheet, $screw, static fn (AdjusterState $s): bool => $s->left === null);
        $mixture = $chosen->adjuster->isMixture ? $chosen : array_values(array_filter($sheet->adjusters, static fn (AdjusterState $s): bool => $s->adjuster->isMixture))[0] ?? throw new \LogicException('A carburetor without a mixture screw has no mixture run.');
        $speed = $sheet->adjusters['idle_speed'] ?? $chosen;
        $result = $mixture->readings === [] ? null : NextMoves::judge($mixture);
        $atTop = in_array($mixture->adjuster->key, ['main', 'high'], true);
        $band = ($atTop ? $sheet->family->card->topRpm : null) ?? $sheet->family->card->idleRpm ?? [0.0, 0.0];
        $last = $mixture->readings[count($mixture->readings) - 1] ?? null;
        $next = self::suggested($result);

        return new self(
            tabs: self::tabs($job, $sheet, $chosen),
            dial: DialFace::of($mixture, $next ?? $mixture->current() ?? $mixture->adjuster->baseline, $next),
            speedDial: DialFace::of($speed, $speed->current() ?? $speed->adjuster->baseline),
            isSpeedSelected: ! $chosen->adjuster->isMixture,
            rpm: $last === null ? '–' : Numbers::rpm($last->speed->inRpm()),
            steady: $last === null ? 'No reading yet' : 'at '.Numbers::turns($last->turns).' turns, reading '.count($mixture->readings),
            tach: TachBar::of($last?->speed->inRpm(), $band),
            chart: $mixture->readings === [] ? null : MixtureChart::of($mixture, $result, $band),
            chartTitle: ($atTop ? 'Full-throttle rpm' : 'Idle rpm').' by '.InSentence::name($mixture->adjuster->name),
            advice: self::advice($result),
            schools: array_map(static fn (School $s): array => ['value' => $s->value, 'name' => ucfirst($s->value), 'why' => $s->why(), 'selected' => $s === $mixture->school], School::cases()),
            screw: $mixture->adjuster->key,
            suggested: $next === null ? '' : (string) $next,
            outIsRicher: $mixture->adjuster->sense->outIsRicher(),
        );
    }

    /** @return list<array{key: string, name: string, note: string, href: string, selected: bool}> */
    private static function tabs(Job $job, Worksheet $sheet, AdjusterState $chosen): array
    {
        $tabs = [];
        foreach ($sheet->adjusters as $key => $state) {
            $tabs[] = ['key' => $key, 'name' => str_replace([' screw', ' needle'], '', $state->adjuster->name), 'note' => $state->left === null ? 'to set' : 'left '.Numbers::turns($state->left), 'href' => route('stations.show', [$job, 'run', 'screw' => $key]), 'selected' => $key === $chosen->adjuster->key];
        }

        return $tabs;
    }

    private static function suggested(?MixtureResult $result): ?Turns
    {
        $turns = $result === null ? null : $result->nextTurns ?? $result->recommendedTurns;

        return $turns === null ? null : Turns::nearestEighthTo($turns);
    }

    private static function advice(?MixtureResult $result): string
    {
        if ($result === null) {
            return 'Warm the engine for two minutes, then log the rpm at each setting.';
        }
        $fallback = $result->richEdgeMissing ? ' No rich edge within the screw\'s travel: set from the lean edge.' : '';

        return $result->reason->sentence().$fallback;
    }
}
