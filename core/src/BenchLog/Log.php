<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** The append-only list of a job's entries. */
final readonly class Log
{
    /** @param  list<Entry>  $entries in order */
    private function __construct(public array $entries)
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

    /**
     * What holds now: struck entries are gone, a correction stands in the place of what it corrects.
     *
     * @return list<Entry>
     */
    public function effective(): array
    {
        $standing = [];
        $places = [];
        foreach ($this->entries as $entry) {
            if ($entry->supersedes === null) {
                $standing[$entry->seq] = $entry;
                $places[$entry->id] = $entry->seq;

                continue;
            }
            $place = $places[$entry->supersedes] ?? null;
            if ($place === null) {
                continue;
            }
            unset($standing[$place]);
            $places[$entry->id] = $place;
            if ($entry->kind !== EntryKind::Struck) {
                $standing[$place] = $entry->standingAt($place);
            }
        }
        ksort($standing);

        return array_values($standing);
    }

    /** The last that holds of some kinds. */
    public function latestOf(EntryKind ...$kinds): ?Entry
    {
        foreach (array_reverse($this->effective()) as $entry) {
            if (in_array($entry->kind, $kinds, true)) {
                return $entry;
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
    public function refuseBadCorrection(EntryKind $kind, ?string $supersedes): void
    {
        if ($supersedes === null) {
            $kind !== EntryKind::Struck || throw UnreadableEntry::corrects('A strike must name the entry it strikes.');

            return;
        }
        foreach ($this->entries as $entry) {
            if ($entry->id === $supersedes) {
                ! isset($this->superseded()[$supersedes]) || throw UnreadableEntry::corrects('That entry was corrected already. Look at the log again.');
                $kind === EntryKind::Struck || $kind === $entry->kind || throw UnreadableEntry::corrects('A correction must be of the same kind as what it corrects.');
                $entry->kind !== EntryKind::Struck || throw UnreadableEntry::corrects('A strike cannot be struck. Log the reading again.');

                return;
            }
        }

        throw UnreadableEntry::corrects('The entry to correct is not in this log.');
    }
}
