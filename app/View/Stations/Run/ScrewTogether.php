<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\View\Charts\Scale;
use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Station;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Run\RunSoFar;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Stale\StaleItem;
use DustyJet\Worksheet\Stale\Staleness;

/** A screw among the others: a small dial, a small chart of its readings, and what is still to be done with it. */
final readonly class ScrewTogether
{
    /** The small chart. */
    public const WIDTH = 240;

    public const HEIGHT = 64;

    private const EDGE = 6.0;

    /** A chart spans this much at least, so that what wavers does not look like a hill. */
    private const LEAST_TURNS = 0.5;

    private const LEAST_RPM = 200.0;

    /**
     * @param  float  $angle of the slot, degrees clockwise from upright
     * @param  list<array{0: float, 1: float}>  $dots readings on the small chart
     * @param  string  $curve its path; empty where there is none
     * @param  float|null  $answer where the answer lies on it
     * @param  string  $revisit why its setting no longer holds; empty where it does
     */
    private function __construct(
        public string $name,
        public string $href,
        public string $now,
        public float $angle,
        public string $story,
        public array $dots,
        public string $curve,
        public ?float $answer,
        public string $todo,
        public string $revisit,
    ) {
    }

    public static function of(SheetView $view, AdjusterState $state): self
    {
        $adjuster = $state->adjuster;
        $card = $view->sheet->family->card;
        $result = self::judged($state, $card);
        $speeds = array_values(array_filter($state->readings, static fn (MixtureReading $r): bool => $r->speed !== null));
        $now = $state->current();
        $out = $adjuster->datum()->countsIn() ? 1.0 : -1.0;
        [$x, $y] = self::scales($speeds);
        $best = $result?->answer;

        return new self(
            name: $adjuster->name,
            href: $view->to(Station::Run, screw: $adjuster->key),
            now: $now === null ? 'not counted' : Numbers::inTurns($now),
            angle: round($out * 360.0 * fmod($now?->inTurns() ?? 0.0, 1.0), 1),
            story: self::story($state),
            dots: array_map(
                static fn (MixtureReading $r): array => [$x->at($r->turns->inTurns()), $y->at($r->rpm())],
                $speeds,
            ),
            curve: self::path($result->curve ?? [], $x, $y),
            answer: $best === null ? null : $x->inside($best->turns),
            todo: self::todo($state, $result),
            revisit: self::revisit($view, $adjuster->reading()),
        );
    }

    private static function judged(AdjusterState $state, Card $card): ?MixtureResult
    {
        return $state->readings === [] ? null : RunSoFar::judged($state, $card);
    }

    private static function story(AdjusterState $state): string
    {
        $said = array_filter([
            'found' => $state->found,
            'book' => $state->adjuster->book->turns,
            'left' => $state->left,
        ]);

        return implode(', ', array_map(
            static fn (string $what, Turns $t): string => "{$what} ".Numbers::turns($t),
            array_keys($said),
            $said,
        ));
    }

    private static function todo(AdjusterState $state, ?MixtureResult $result): string
    {
        $step = $state->adjuster->book->step;

        return match (true) {
            $state->left !== null => 'left',
            $result === null => $state->adjuster->isMixture ? 'no reading yet' : 'last of all',
            $result->done && $result->answer !== null => "leave it at {$step->nearestStepTo($result->answer->turns)}",
            $result->nextTurns !== null => "next {$step->nearestStepTo($result->nextTurns)}",
            default => 'no answer yet',
        };
    }

    private static function revisit(SheetView $view, string $reading): string
    {
        foreach ($view->sheet->of(Staleness::class)->items() as $item) {
            if ($item->key === $reading) {
                return self::since($item);
            }
        }

        return '';
    }

    private static function since(StaleItem $item): string
    {
        return "Again: {$item->because}";
    }

    /**
     * @param  list<MixtureReading>  $speeds
     *
     * @return array{0: Scale, 1: Scale} turns and rpm
     */
    private static function scales(array $speeds): array
    {
        $turns = array_map(static fn (MixtureReading $r): float => $r->turns->inTurns(), $speeds) ?: [0.0];
        $rpm = array_map(static fn (MixtureReading $r): float => $r->rpm(), $speeds) ?: [0.0];
        $x = self::wide(min($turns), max($turns), self::LEAST_TURNS);
        $y = self::wide(min($rpm), max($rpm), self::LEAST_RPM);

        return [
            Scale::between($x[0], $x[1], self::EDGE, self::WIDTH - self::EDGE, 0.1),
            Scale::between($y[0], $y[1], self::HEIGHT - self::EDGE, self::EDGE, 0.1),
        ];
    }

    /** @return array{0: float, 1: float} */
    private static function wide(float $low, float $high, float $least): array
    {
        $more = max(0.0, 0.5 * ($least - ($high - $low)));

        return [$low - $more, $high + $more];
    }

    /** @param  list<array{0: float, 1: float}>  $curve turns and rpm */
    private static function path(array $curve, Scale $x, Scale $y): string
    {
        $points = array_map(static fn (array $p): string => "{$x->at($p[0])} {$y->at($p[1])}", $curve);

        return $points === [] ? '' : 'M'.implode('L', $points);
    }
}
