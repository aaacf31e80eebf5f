<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\FlowStep;

/** A procedure the trade has a name for, at the step it has come to. */
final readonly class FlowCard
{
    /**
     * @param  list<string>  $behind steps passed, in words
     * @param  string  $kind ask, do, count or end
     * @param  array{title: string, text: string}|null  $caution
     */
    private function __construct(
        public string $flow,
        public string $step,
        public string $name,
        public string $why,
        public array $behind,
        public string $kind,
        public string $do,
        public ?string $finding,
        public string $counted,
        public ?array $caution,
        public bool $isBegun,
    ) {
    }

    public static function of(Catalogue $catalogue, FlowRun $run): self
    {
        $at = $run->at;
        $words = static fn (FlowStep $s): string => $s->ask === null ? $s->do : $catalogue->findings[$s->ask]->ask;

        $stop = $run->stoppedBy;

        return new self(
            $run->flow->id,
            $at->id,
            $run->flow->name,
            $run->flow->why,
            array_map($words, $run->behind),
            match (true) {
                $stop !== null => 'end',
                $at->ask !== null => 'ask',
                $at->count !== null => 'count',
                $at->isEnd() => 'end',
                default => 'do',
            },
            $stop === null ? $words($at) : "Not now: {$stop->because}.",
            $at->ask,
            $at->count === null ? '' : "{$run->counted} of at most {$at->most} {$at->count}",
            $catalogue->cautions[$stop->danger ?? $at->caution ?? ''] ?? null,
            $run->behind !== [],
        );
    }
}
