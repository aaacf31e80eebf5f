<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** The parts in the order they came off, each in its numbered cell. */
final readonly class Tray
{
    /**
     * @param  list<TrayCell>  $cells
     * @param  array<string, string>  $notSeen expected parts that were not there, with what was said of it
     */
    private function __construct(public StripPlan $plan, public array $cells, public array $notSeen)
    {
    }

    public static function empty(StripPlan $plan): self
    {
        return new self($plan, [], []);
    }

    /**
     * @param  int|null  $count how many came off; all that are expected when not said
     *
     * @throws NotYet If something is still in its way, or it is off already.
     */
    public function takeOff(string $key, ?int $count = null): self
    {
        $part = $this->plan->parts[$key] ?? throw NotYet::unknown($key);
        ! $this->has($key) || throw NotYet::twice($part->name);
        $inTheWay = array_values(array_diff($part->after, $this->off()));
        $inTheWay === [] || throw NotYet::behind($part->name, $this->plan->parts[$inTheWay[0]]->name);
        $count ??= $part->count;
        $count >= 1 || throw NotYet::none($part->name);

        $cell = new TrayCell($part->isTask ? 0 : $this->nextNumber(), $key, $part->name, $count, true);

        return new self($this->plan, [...$this->cells, $cell], array_diff_key($this->notSeen, [$key => '']));
    }

    /** A part the family should not have: it gets a cell all the same. */
    public function unexpected(string $name, int $count = 1): self
    {
        $number = $this->nextNumber();

        return new self(
            $this->plan,
            [...$this->cells, new TrayCell($number, "unexpected_{$number}", $name, $count, false)],
            $this->notSeen,
        );
    }

    /** An expected part that was not there when its turn came. */
    public function isMissing(string $key, string $said): self
    {
        $part = $this->plan->parts[$key] ?? throw NotYet::unknown($key);
        ! in_array($key, $this->off(), true) || throw NotYet::twice($part->name);

        return new self($this->plan, $this->cells, [...$this->notSeen, $key => $said]);
    }

    /** @return list<string> parts out of the way: off, or never there */
    public function off(): array
    {
        return [...array_map(static fn (TrayCell $c): string => $c->key, $this->cells), ...array_keys($this->notSeen)];
    }

    public function has(string $key): bool
    {
        return $this->cell($key) !== null;
    }

    public function cell(string $key): ?TrayCell
    {
        foreach ($this->cells as $cell) {
            if ($cell->key === $key) {
                return $cell;
            }
        }

        return null;
    }

    /**
     * @return list<TrayPart> expected, neither seen nor said to be missing; what comes off only for a reason is not
     *     expected
     */
    public function unaccounted(): array
    {
        return array_values(
            array_filter(
                $this->plan->parts,
                fn (TrayPart $p): bool => ! $p->isOptional && ! in_array($p->key, $this->off(), true),
            ),
        );
    }

    /** @return list<TrayPart> what is left, as it may come off one after the other; not what comes off only for a reason */
    public function rest(): array
    {
        $tray = $this;
        $rest = [];
        while (($next = $tray->next()) !== null) {
            $rest[] = $next;
            $tray = $tray->takeOff($next->key);
        }

        return $rest;
    }

    private function next(): ?TrayPart
    {
        $ready = array_filter($this->plan->ready($this->off()), static fn (TrayPart $p): bool => ! $p->isOptional);

        return array_values($ready)[0] ?? null;
    }

    /**
     * Parts of which fewer or more came off than the family has.
     *
     * @return list<array{key: string, name: string, found: int, expected: int}>
     */
    public function miscounts(): array
    {
        $wrong = [];
        foreach ($this->cells as $cell) {
            $expected = $this->plan->parts[$cell->key]->count ?? 0;
            if ($cell->count !== $expected) {
                $wrong[] = [
                    'key' => $cell->key,
                    'name' => $cell->name,
                    'found' => $cell->count,
                    'expected' => $expected,
                ];
            }
        }

        return $wrong;
    }

    /**
     * Springs in the tray, and how many there should be at the end: one that comes off only for a reason counts once it is
     * off.
     *
     * @return array{found: int, expected: int}
     */
    public function springs(): array
    {
        $springs = array_filter(
            $this->plan->parts,
            fn (TrayPart $p): bool => $p->isSpring && (! $p->isOptional || $this->has($p->key)),
        );
        $found = array_sum(array_map(fn (TrayPart $p): int => $this->cell($p->key)->count ?? 0, $springs));

        return [
            'found' => $found,
            'expected' => array_sum(array_map(static fn (TrayPart $p): int => $p->count, $springs)),
        ];
    }

    /** The cell the next part goes into. */
    public function nextNumber(): int
    {
        return 1 + count(array_filter($this->cells, static fn (TrayCell $c): bool => $c->number > 0));
    }
}
