<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

use DateTimeImmutable;

/** The append-only list of a job's entries. */
final class Log
{
    /** @var list<Entry>|null what holds, once it was asked for: of a long log more than once a page */
    private ?array $effective = null;

    /** @param  list<Entry>  $entries in order */
    private function __construct(public readonly array $entries)
    {
    }

    /** @param  list<Entry>  $entries in order of seq */
    public static function of(array $entries): self
    {
        return new self($entries);
    }

    public function length(): int
    {
        return count($this->entries);
    }

    /** When the latest entry was made. */
    public function lastAt(): ?DateTimeImmutable
    {
        return $this->entries === [] ? null : $this->entries[count($this->entries) - 1]->at;
    }

    /** The same log with one entry more at its end. */
    public function with(Entry $entry): self
    {
        return new self([...$this->entries, $entry]);
    }

    /**
     * What holds now: struck entries are gone, a correction stands in the place of what it corrects.
     *
     * @return list<Entry>
     */
    public function effective(): array
    {
        return $this->effective ??= $this->standing();
    }

    /** @return list<Entry> */
    private function standing(): array
    {
        $standing = [];
        $places = [];
        foreach ($this->entries as $entry) {
            $place = $entry->supersedes === null ? $entry->seq : $places[$entry->supersedes] ?? null;
            if ($place === null) {
                continue;
            }
            $places[$entry->id] = $place;
            $standing[$place] = $place === $entry->seq ? $entry : $entry->standingAt($place);
        }
        ksort($standing);

        return array_values(array_filter($standing, static fn (Entry $e): bool => ! $e->kind->isStrike()));
    }

    /**
     * The last entry that holds and is asked for.
     *
     * @param  callable(Entry): bool  $isAskedFor
     */
    public function latest(callable $isAskedFor): ?Entry
    {
        $all = $this->effective();
        for ($i = count($all) - 1; $i >= 0; $i--) {
            if ($isAskedFor($all[$i])) {
                return $all[$i];
            }
        }

        return null;
    }

    /** @return array<string, true> ids that no longer hold */
    public function superseded(): array
    {
        $ids = [];
        foreach ($this->entries as $entry) {
            if ($entry->supersedes !== null) {
                $ids[$entry->supersedes] = true;
            }
        }

        return $ids;
    }

    /**
     * Refuses a correction of something that is not there, already corrected, or of another kind.
     *
     * @throws UnreadableEntry If it is one.
     */
    public function refuseBadCorrection(Kind $kind, ?string $supersedes): void
    {
        if ($supersedes === null) {
            ! $kind->isStrike() || throw UnreadableEntry::corrects('A strike must name the entry it strikes.');

            return;
        }
        foreach ($this->entries as $entry) {
            if ($entry->id === $supersedes) {
                $this->refuseCorrectionOf($entry, $kind);

                return;
            }
        }

        throw UnreadableEntry::corrects('The entry to correct is not in this log.');
    }

    /** @throws UnreadableEntry */
    private function refuseCorrectionOf(Entry $entry, Kind $kind): void
    {
        $why = match (true) {
            isset($this->superseded()[$entry->id]) => 'That entry was corrected already. Look at the log again.',
            ! $kind->isStrike() && $kind !== $entry->kind => 'A correction must be of the same kind as what it corrects.',
            $entry->kind->isStrike() => 'A strike cannot be struck. Log the reading again.',
            default => null,
        };
        $why === null || throw UnreadableEntry::corrects($why);
    }
}
