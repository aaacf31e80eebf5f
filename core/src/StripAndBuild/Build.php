<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/**
 * Putting back what the tray holds: the reverse of this strip, under the rules of the family.
 *
 * A part with a guard is in only when what it asks was looked at. Nothing is done until the tray is empty or accounted
 * for.
 */
final readonly class Build
{
    /**
     * @param  array<string, int>  $placed count by part
     * @param  array<string, string>  $accounted what became of parts that do not go back
     */
    private function __construct(public Tray $tray, public array $placed, public array $accounted)
    {
    }

    public static function from(Tray $tray): self
    {
        return new self($tray, [], []);
    }

    /**
     * One order of build that keeps the rules and is nearest the reverse of the strip.
     *
     * @return list<TrayPart>
     *
     * @throws GoesRound If the rules of the family contradict each other.
     */
    public function order(): array
    {
        $left = array_reverse(
            array_values(
                array_filter(
                    array_map(static fn (TrayCell $c): string => $c->key, $this->tray->cells),
                    fn (string $k): bool => $this->goesBack($k),
                ),
            ),
        );
        $order = [];
        while ($left !== []) {
            $at = null;
            foreach ($left as $i => $key) {
                if (array_intersect(array_keys($this->tray->plan->before($key)), $left) === []) {
                    $at = $i;
                    break;
                }
            }
            $at ?? throw GoesRound::among($left);
            $order[] = $this->tray->plan->parts[$left[$at]];
            unset($left[$at]);
            $left = array_values($left);
        }

        return $order;
    }

    /**
     * @param  bool  $looked whether its guard was looked at
     * @param  int|null  $count how many went in; all that are on the tray when not said
     *
     * @throws NotYet If something must be in before it, its guard was not looked at, or it is not on the tray.
     */
    public function place(string $key, bool $looked = false, ?int $count = null): self
    {
        $cell = $this->tray->cell($key) ?? throw NotYet::unknown($key);
        $part = $this->tray->plan->parts[$key] ?? throw NotYet::unknown($key);
        ! isset($this->placed[$key]) || throw NotYet::twice($part->name);
        foreach ($this->tray->plan->before($key) as $first => $why) {
            $name = $this->tray->plan->parts[$first]->name;
            ! $this->isLost($first) || throw NotYet::missing($part->name, $name);
            ! $this->waits($first) || throw NotYet::first($part->name, $name, $why);
        }
        $part->looks() === [] || $looked || throw NotYet::guarded($part->name, implode('. ', $part->looks()));
        ($count ?? $cell->count) <= $cell->count || throw NotYet::more($part->name, $cell->count);

        return new self($this->tray, [...$this->placed, $key => $count ?? $cell->count], $this->accounted);
    }

    /**
     * Opened up once more: a placed part comes off again, into the cell it had.
     *
     * @throws NotYet If it is not in, or something that is in is in its way.
     */
    public function reopen(string $key): self
    {
        $part = $this->tray->plan->parts[$key] ?? throw NotYet::unknown($key);
        isset($this->placed[$key]) || throw NotYet::twice($part->name);
        foreach ($part->after as $first) {
            ! isset($this->placed[$first]) || throw NotYet::behind($part->name, $this->tray->plan->parts[$first]->name);
        }

        return new self($this->tray, array_diff_key($this->placed, [$key => 0]), $this->accounted);
    }

    /** The same build with more on the tray. */
    public function with(Tray $tray): self
    {
        return new self($tray, $this->placed, $this->accounted);
    }

    /** A part that does not go back, and what became of it. */
    public function account(string $key, string $became): self
    {
        $this->tray->has($key) || isset($this->tray->notSeen[$key]) || throw NotYet::unknown($key);

        return new self($this->tray, $this->placed, [...$this->accounted, $key => $became]);
    }

    /** @return list<TrayPart> what may go in now */
    public function ready(): array
    {
        return array_values(
            array_filter($this->order(), function (TrayPart $part): bool {
                $first = array_filter(
                    array_keys($this->tray->plan->before($part->key)),
                    fn (string $k): bool => $this->waits($k) || $this->isLost($k),
                );

                return ! isset($this->placed[$part->key]) && ! isset($this->accounted[$part->key]) && $first === [];
            }),
        );
    }

    /**
     * What may go in next, one after the other, up to and with the first that has a guard: what each asks is looked at by
     * itself.
     *
     * @return list<TrayPart>
     */
    public function run(): array
    {
        $build = $this;
        $run = [];
        while (($next = $build->ready()[0] ?? null) !== null) {
            $run[] = $next;
            if ($next->looks() !== []) {
                break;
            }
            $build = $build->place($next->key);
        }

        return $run;
    }

    /**
     * What stands between this build and its end: parts left over, too few placed, parts never accounted for.
     *
     * @return list<string> sentences
     */
    public function leftOver(): array
    {
        $left = [];
        foreach ($this->tray->cells as $cell) {
            $placed = $this->placed[$cell->key] ?? 0;
            if (
                ($this->goesBack($cell->key) || ! $cell->isExpected)
                && $placed < $cell->count
                && ! isset($this->accounted[$cell->key])
            ) {
                $left[]
                    = 'Left on the tray, cell '
                    .$cell->number
                    .": {$cell->name}"
                    .($cell->count > 1 ? ', '.($cell->count - $placed)." of {$cell->count}" : '')
                    .'.';
            }
        }
        foreach ($this->tray->notSeen as $key => $said) {
            if (! isset($this->accounted[$key]) && ! isset($this->placed[$key])) {
                $left[] = "Never found: {$this->tray->plan->parts[$key]->name} ({$said}).";
            }
        }
        foreach ($this->tray->miscounts() as $wrong) {
            if ($wrong['found'] < $wrong['expected'] && ! isset($this->accounted[$wrong['key']])) {
                $left[] = "Only {$wrong['found']} of {$wrong['expected']} came off: {$wrong['name']}.";
            }
        }

        return $left;
    }

    /** Whether a part was never found, or a spring is short, and nobody said what became of it: nothing closes over it. */
    public function isLost(string $key): bool
    {
        $part = $this->tray->plan->parts[$key];
        $isShort = $part->isSpring && ($this->tray->cell($key)->count ?? $part->count) < $part->count;

        return ! isset($this->accounted[$key]) && ($isShort || isset($this->tray->notSeen[$key]));
    }

    /** @return list<string> parts that nothing may close over */
    public function lost(): array
    {
        return array_values(array_filter(array_keys($this->tray->plan->parts), $this->isLost(...)));
    }

    /** Whether a part lies on the tray and has still to go in. */
    public function waits(string $key): bool
    {
        return $this->tray->has($key) && ! isset($this->placed[$key]) && ! isset($this->accounted[$key]);
    }

    public function isDone(): bool
    {
        return $this->leftOver() === [];
    }

    public function goesBack(string $key): bool
    {
        return isset($this->tray->plan->parts[$key]) && ! $this->tray->plan->parts[$key]->isTask;
    }
}
