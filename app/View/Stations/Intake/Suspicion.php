<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\RankedCheck;

/**
 * What is likely, and what would tell: the check in hand, those after it, and the repair when no check pays any more.
 */
final readonly class Suspicion
{
    private const RUNNERS_UP = 4;

    /**
     * @param  bool  $isChosen whether the check in hand is another than the best
     * @param  list<array{do: string, minutes: string, worth: string, href: string}>  $runnersUp
     * @param  list<array{do: string, why: string}>  $notNow
     * @param  list<array{if: string, then: string, href: string}>  $turns answers that would put another suspect at the top
     * @param  array{why: string, fault: string, do: string, minutes: string, strip: string|null, station: string}|null  $repair
     * @param  list<SuspectRow>  $suspects
     */
    private function __construct(
        public ?CheckCard $check,
        public bool $isChosen,
        public array $runnersUp,
        public array $notNow,
        public array $turns,
        public ?array $repair,
        public array $suspects,
        public string $unexplained,
        public Estimate $estimate,
    ) {
    }

    /** @param  string  $chosen the check asked for; empty for the best */
    public static function of(SheetView $view, string $chosen, bool $isCondemned): ?self
    {
        $diagnosis = $view->diagnosis;
        if ($diagnosis === null) {
            return null;
        }
        $best = $diagnosis->nextCheck();
        $ranked = self::asked($diagnosis, $chosen) ?? $best;

        return new self(
            check: $ranked === null ? null : CheckCard::of($view->catalogue, $diagnosis, $ranked),
            isChosen: $ranked !== $best,
            runnersUp: self::runnersUp($view, $diagnosis, $ranked),
            notNow: self::notNow($view->catalogue, $diagnosis),
            turns: self::turns($view, $diagnosis),
            repair: $best === null ? self::repair($view, $diagnosis) : null,
            suspects: SuspectRow::all($view->catalogue, $diagnosis),
            unexplained: (int) round(100.0 * $diagnosis->unexplained).' %',
            estimate: Estimate::of($diagnosis, $view->catalogue->costs, $isCondemned),
        );
    }

    private static function asked(Diagnosis $diagnosis, string $check): ?RankedCheck
    {
        $asked = array_filter($diagnosis->checks, static fn (RankedCheck $r): bool => $r->check->id === $check);

        return array_values($asked)[0] ?? null;
    }

    /** @return list<array{do: string, minutes: string, worth: string, href: string}> */
    private static function runnersUp(SheetView $view, Diagnosis $diagnosis, ?RankedCheck $shown): array
    {
        $inOrder = [
            ...$diagnosis->paying,
            ...array_filter($diagnosis->checks, static fn (RankedCheck $r): bool => $r->gain <= 0.0),
        ];
        $others = array_values(array_filter($inOrder, static fn (RankedCheck $r): bool => $r->check !== $shown?->check));
        $most = $diagnosis->tellsMost()?->check;
        // Some would rather know than save minutes: theirs is the first of the others.
        usort($others, static fn (RankedCheck $a, RankedCheck $b): int => ($b->check === $most) <=> ($a->check === $most));

        return array_map(
            static fn (RankedCheck $r): array => [
                'do' => $r->check->do,
                'minutes' => Numbers::plain($r->minutes, 0),
                'worth' => CheckCard::worth($r, $diagnosis),
                'href' => $view->to(Station::Intake, check: $r->check->id),
            ],
            array_slice($others, 0, self::RUNNERS_UP),
        );
    }

    /** @return list<array{do: string, why: string}> */
    private static function notNow(Catalogue $catalogue, Diagnosis $diagnosis): array
    {
        $rows = [];
        foreach ($diagnosis->notNow as $check => $why) {
            $rows[] = ['do' => $catalogue->checks[$check]->do, 'why' => $why];
        }

        return $rows;
    }

    /** @return list<array{if: string, then: string, href: string}> */
    private static function turns(SheetView $view, Diagnosis $diagnosis): array
    {
        $turns = [];
        foreach (array_slice($diagnosis->turningPoints(), 0, self::RUNNERS_UP) as $point) {
            $leader = $view->catalogue->faults[$point['leader'] ?? '']->name ?? 'No fault of the list';
            $percent = max(1, (int) round(100.0 * $point['probability']));
            $turns[] = [
                'if' => self::ifAnswered($view->catalogue, $point['answers']),
                'then' => "{$leader}, {$percent} % likely",
                'href' => $view->to(Station::Intake, check: $point['check']),
            ];
        }

        return $turns;
    }

    /** @param  array<string, Answer>  $answers */
    private static function ifAnswered(Catalogue $catalogue, array $answers): string
    {
        $said = [];
        foreach ($answers as $finding => $answer) {
            $known = $catalogue->findings[$finding];
            $said[] = $answer->isThere() ? $known->graded($answer) : "not: {$known->because}";
        }

        return ucfirst(implode(', ', $said));
    }

    /** @return array{why: string, fault: string, do: string, minutes: string, strip: string|null, station: string}|null */
    private static function repair(SheetView $view, Diagnosis $diagnosis): ?array
    {
        $repair = $diagnosis->plan[0] ?? null;
        $first = $view->plainMoves[0]->station ?? Station::Strip;
        $name = $repair->name ?? '';

        return $repair === null
            ? null
            : [
                'why' => $diagnosis->paying === []
                    ? "No check would pay any more. {$name} is the likeliest for its minutes."
                    : "{$name}: trying it is quicker than looking further first.",
                'fault' => $repair->id,
                'do' => $repair->do,
                'minutes' => Numbers::plain($repair->minutes, 0),
                'strip' => $repair->fault === null ? $view->to($first) : null,
                'station' => $first->label(),
            ];
    }
}
