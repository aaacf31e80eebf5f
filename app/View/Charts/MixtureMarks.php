<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Mixture\MixtureResult;
use DustyJet\Worksheet\Screws\AdjusterState;

/** Settings marked on a mixture run: the next one, the book, as found. */
final readonly class MixtureMarks
{
    /** The flag of the next setting, in drawing units: half its width, its height, its top above the axis. */
    public const HALF_FLAG = 56.0;

    public const FLAG_HEIGHT = 27.0;

    public const ABOVE_AXIS = 48.0;

    /** @param  array{x: float, width: float}|null  $interval of the answer, 95 times in 100 */
    private function __construct(
        public ?float $nextX,
        public float $flagX,
        public float $nextY,
        public string $nextText,
        public ?float $bookX,
        public ?float $foundX,
        public ?array $interval,
    ) {
    }

    public static function of(AdjusterState $state, ?MixtureResult $result, Scale $x, float $nextY, ChartPaper $on): self
    {
        $next = self::next($result);
        $does = $result?->done === true ? 'leave at ' : 'next ';

        return new self(
            $x->inside($next),
            self::flagX($x->inside($next) ?? 0.0, $on),
            $nextY,
            $next === null ? '' : $does.Numbers::turns($state->adjuster->book->step->nearestStepTo($next)),
            $x->inside($state->adjuster->book->turns->inTurns()),
            $x->inside($state->found?->inTurns()),
            self::interval($result, $x),
        );
    }

    /** The middle of the flag: over its setting, as near as the paper lets it. */
    public static function flagX(float $nextX, ChartPaper $on): float
    {
        return max($on->left + self::HALF_FLAG, min($on->width - self::HALF_FLAG - 2.0, $nextX));
    }

    /** The setting that is proposed, in turns. */
    public static function next(?MixtureResult $result): ?float
    {
        return $result === null ? null : $result->nextTurns ?? $result->answer?->turns;
    }

    /** @return array{x: float, width: float}|null */
    private static function interval(?MixtureResult $result, Scale $x): ?array
    {
        if ($result?->answer === null) {
            return null;
        }
        $ends = [$x->near($result->answer->low), $x->near($result->answer->high)];

        return ['x' => min($ends), 'width' => max(2.0, max($ends) - min($ends))];
    }
}
