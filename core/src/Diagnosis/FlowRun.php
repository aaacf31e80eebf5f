<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** How far a flow has come: a replay of what was answered, done and counted. */
final readonly class FlowRun
{
    /**
     * @param  list<FlowStep>  $behind steps passed, in order
     * @param  Finding|null  $stoppedBy what was found that forbids the step it stands at
     */
    private function __construct(
        public Flow $flow,
        public FlowStep $at,
        public array $behind,
        public int $counted,
        public ?Finding $stoppedBy,
    ) {
    }

    /**
     * @param  array<string, Finding>  $findings that apply to the family: a step that asks another is passed by, as
     *     for a no
     * @param  array<string, Answer>  $answers
     * @param  array<string, array{counted: int, worked: bool}>  $steps what happened at each step of this flow
     */
    public static function of(
        Flow $flow,
        CarburetorKind $kind,
        array $findings,
        array $answers,
        array $steps,
        Safety $safety,
    ): self {
        $at = $flow->steps[array_key_first($flow->steps)];
        $behind = [];
        // Every step is passed at most once, so this ends even where a flow leads back.
        $passed = [];
        while (! isset($passed[$at->id])) {
            $applies = $kind->isAmong($at->families) && ($at->ask === null || isset($findings[$at->ask]));
            $next = $applies ? self::next($at, $answers, $steps) : $at->otherwise ?? $at->then;
            if ($next === null) {
                break;
            }
            $passed[$at->id] = true;
            if ($applies) {
                $behind[] = $at;
            }
            $at = $flow->steps[$next];
        }

        return new self($flow, $at, $behind, $steps[$at->id]['counted'] ?? 0, $safety->against($at->does));
    }

    /**
     * @param  array<string, Answer>  $answers
     * @param  array<string, array{counted: int, worked: bool}>  $steps
     */
    private static function next(FlowStep $at, array $answers, array $steps): ?string
    {
        if ($at->ask !== null) {
            $answer = $answers[$at->ask] ?? Answer::NotLooked;

            return match (true) {
                ! $answer->isEvidence() => null,
                $answer->isThere() => $at->then,
                default => $at->otherwise,
            };
        }
        $happened = $steps[$at->id] ?? ['counted' => 0, 'worked' => false];

        return match (true) {
            $happened['worked'] => $at->then,
            $at->count !== null && $happened['counted'] >= $at->most => $at->otherwise,
            default => null,
        };
    }
}
