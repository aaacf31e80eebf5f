<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Move;

/** A move as the next-move plate shows it: on its own station the brass key submits the work, elsewhere it goes there. */
final readonly class NextMove
{
    public function __construct(
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
     * @param  list<Move>  $moves
     *
     * @return list<self>
     */
    public static function all(Job $job, array $moves, Station $here): array
    {
        return array_map(static fn (Move $move): self => self::of($job, $move, $here), $moves);
    }

    private static function of(Job $job, Move $move, Station $here): self
    {
        $query = in_array($move->key, ['count', 'set', 'read', 'leave'], true) ? ['screw' => $move->target] : [];
        $query = $move->key === 'inspect' ? ['look' => $move->target] : $query;
        $query = $move->key === 'recheck' && str_starts_with($move->target, 'mixture.') ? ['screw' => substr($move->target, 8)] : $query;
        [$form, $label] = $move->station === $here ? self::onThisStation($move) : [null, 'Go to '.$move->station->label()];

        $anchor = is_string($form) && str_starts_with($form, '#') ? $form : '';

        return new self($move->do, $move->why, $move->minutes, $move->key, $label, $anchor === '' ? $form : null, $anchor !== '' ? $anchor : route('stations.show', [$job, $move->station->value, ...$query]), $move->station->label(), in_array($move->key, ['needle', 'part_off'], true));
    }

    /** @return array{0: string|null, 1: string} */
    private static function onThisStation(Move $move): array
    {
        return match ($move->key) {
            'intake' => ['work-form', 'Log the intake'],
            'look' => ['#answers', 'Looked, answer it'],
            'repair' => ['repair-form', 'Done, log it'],
            'count' => ['work-form', 'Counted, log it'],
            'part_off' => ['off-'.$move->target, 'Off, next cell'],
            'part_on' => ['on-'.$move->target, 'Fitted, looked at'],
            'inspect' => ['verdict-'.$move->target, 'It is sound'],
            'account' => ['#left-over', 'See what is left'],
            'test' => ['test-'.$move->target, 'It passes'],
            'hold', 'hold_wet' => ['hold-form', 'Start the run'],
            'recheck' => $move->target === 'needle_hold' ? ['hold-form', 'Start the run'] : ['work-form', 'Checked, log it'],
            'needle' => ['needle-form', 'Fitted, log it'],
            'set' => ['work-form', 'Set, log it'],
            'read' => ['read-form', 'Log the rpm'],
            'leave' => ['work-form', 'Leave it there'],
            'check' => ['check-'.$move->target, 'Checked, it passes'],
            default => ['handback-form', 'Hand it back'],
        };
    }
}
