<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use App\View\Stations\BenchTest\BenchTab;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Idling\Idling;
use DustyJet\Worksheet\LeakMap\IsolatingResults;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Waits\WaitsFor;

/**
 * A move as the next-move plate shows it: on its own station the brass key submits the work, elsewhere it goes there.
 */
final readonly class NextMove
{
    /** Moves on a screw that its own tab must show. */
    private const OF_A_SCREW = ['count', 'set', 'read', 'leave', 'reference', 'bank_read', 'balance_turn', 'governed', 'idle', 'idle_set'];

    private const IN_ONE_TAP = ['needle', 'part_off'];

    private function __construct(
        public string $do,
        public string $why,
        public int $minutes,
        public string $key,
        public string $label,
        public ?string $form,
        public string $href,
        public string $station,
        public bool $isOneTap,
    ) {
    }

    /**
     * @param  string  $asked the screw or the tab asked for; empty for what is to be done next
     *
     * @return list<self>
     */
    public static function all(SheetView $view, string $asked = ''): array
    {
        $screw = self::inHand($view, $asked);
        $moves = array_map(static fn (Move $move): self => self::of($view, $move, $screw), $view->moves);

        $live = $view->records->gauges->live;

        return $live === null || $live->isAtRun() ? $moves : array_slice([self::watching($view), ...$moves], 0, Move::MOST);
    }

    /** While an instrument is on the job, nothing comes before it. */
    private static function watching(SheetView $view): self
    {
        $live = $view->records->gauges->live;
        $isHere = $live !== null && BenchTab::shown($view)->watches($live);

        return new self(
            do: 'Watch the gauge',
            why: 'It says what to do, ends by itself, and is logged.',
            minutes: 1,
            key: 'live',
            label: $isHere ? 'Stop, judge it' : 'Go to the gauge',
            form: $isHere ? 'live-form' : null,
            href: $view->to(Station::BenchTest),
            station: '',
            isOneTap: false,
        );
    }

    private static function of(SheetView $view, Move $move, string $screw): self
    {
        // The key logs what lies open: another screw's tab has to be opened first.
        $isOther = ! in_array(self::screwOf($move, $view->station), ['', $screw], true);
        [$target, $label] = match (true) {
            $move->station !== $view->station && $move->key !== 'wait' => [null, "Go to {$move->station->label()}"],
            $isOther => [null, 'Go to that screw'],
            self::isOnAnotherTab($view, $move) => [null, 'Go to '.lcfirst(BenchTab::ofMove($move)->label())],
            default => self::key($move),
        };
        $isAnchor = $target !== null && str_starts_with($target, '#');

        return new self(
            do: Numbers::unbroken($move->do),
            why: Numbers::unbroken($move->why),
            minutes: $move->minutes,
            key: $move->key,
            label: $label,
            form: $isAnchor ? null : $target,
            href: $isAnchor ? $target : $view->to($move->station, ...self::query($move)),
            station: $move->station->label(),
            isOneTap: in_array($move->key, self::IN_ONE_TAP, true),
        );
    }

    /** The screw or the tab that lies open: the one asked for, else that of the next move. */
    public static function inHand(SheetView $view, string $asked): string
    {
        return $asked === '' ? self::screwOf($view->moves[0] ?? null, $view->station) : $asked;
    }

    /** The screw or the tab that must lie open for it; empty where any may, or where it is not done here. */
    private static function screwOf(?Move $move, Station $here): string
    {
        return $move?->station === $here ? self::query($move)['screw'] ?? '' : '';
    }

    private static function isOnAnotherTab(SheetView $view, Move $move): bool
    {
        return $view->station === Station::BenchTest
            && $move->key !== 'wait'
            && BenchTab::shown($view) !== BenchTab::ofMove($move);
    }

    /** @return array<string, string> */
    private static function query(Move $move): array
    {
        return match (true) {
            in_array($move->key, self::OF_A_SCREW, true) => ['screw' => $move->target],
            $move->key === 'inspect' => ['look' => $move->target],
            $move->station === Station::BenchTest && $move->key !== 'wait' => ['look' => BenchTab::ofMove($move)->value],
            $move->key === 'recheck' && str_starts_with($move->target, 'mixture.') => [
                'screw' => substr($move->target, strlen('mixture.')),
            ],
            $move->key === 'recheck' && $move->target === Balancing::READING => ['screw' => Balancing::READING],
            $move->key === 'recheck' && $move->target === Idling::READING => ['screw' => Idling::TAB],
            default => [],
        };
    }

    /** @return array{0: string, 1: string} the form or the place on the page, and what the key says */
    private static function key(Move $move): array
    {
        return match ($move->key) {
            'intake' => ['work-form', 'Log the intake'],
            'look' => ['#answers', 'Answer it'],
            'danger' => ['#said', 'See what was said'],
            'wait' => ['wait-form', WaitsFor::from($move->target)->ends()],
            'ends' => ['#ends', 'See how it may end'],
            'repair' => ['repair-form', 'Done, log it'],
            'count' => ['work-form', 'Counted, log it'],
            'part_off' => ["off-{$move->target}", 'Off, next cell'],
            'parts_on' => ['rest-form', 'Fitted, looked at'],
            'part_on' => ["on-{$move->target}", 'Fitted, looked at'],
            'inspect' => ["verdict-{$move->target}", 'It is sound'],
            'clock' => ['#clocks', 'See its clock'],
            'account' => ['#left-over', 'See what is left'],
            'test' => ["test-{$move->target}", 'It passes'],
            'hold', 'hold_wet' => ['hold-form', 'Start the run'],
            'recheck' => match ($move->target) {
                Holds::READING => ['hold-form', 'Start the run'],
                Metering::POP_OFF, Metering::LEVER, FloatGaps::READING, IsolatingResults::READING,
                CheckValve::READING, Deliveries::READING => ['#tab', 'Measure it again'],
                Balancing::READING => ['bank-form', 'Log the columns'],
                Idling::READING => ['idle-form', 'Smooth, log it'],
                default => ['work-form', 'Checked, log it'],
            },
            'needle' => ['needle-form', 'Fitted, log it'],
            'isolate' => ['#tab', 'Tried, say what it did'],
            'set' => ['work-form', 'Set, log it'],
            'read' => ['read-form', 'Log the rpm'],
            'leave' => ['work-form', 'Leave it there'],
            'governed' => ['#governed-form', 'Mended, read it again'],
            'idle' => ['#idle-form', 'Mended, read it again'],
            'idle_set' => ['idle-form', 'Smooth, log it'],
            'clean_jet' => ['#h-clean', 'Clean it, run it again'],
            'reference' => ['#reference-form', 'Say which'],
            'bank_read' => ['bank-form', 'Log the columns'],
            'balance_turn' => ['turn-form', 'Turned, log it'],
            'check' => ["check-{$move->target}", 'Checked, it passes'],
            default => ['handback-form', 'Hand it back'],
        };
    }
}
