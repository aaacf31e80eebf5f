<?php

declare(strict_types=1);

namespace App\View\Log;

use App\View\Numbers;
use DustyJet\BenchLog\Entry;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Worksheet;

/** One entry of the bench log in words. */
final readonly class LogLine
{
    /** The first and the last stand; a strike is struck by logging again. */
    private const STAYS = [
        EntryKind::Struck,
        EntryKind::IntakeTaken,
        EntryKind::HandedBack,
        EntryKind::ReturnedUnrepaired,
    ];

    private function __construct(
        public Entry $entry,
        public string $time,
        public string $day,
        public string $text,
        public string $strong,
        public bool $isSuperseded,
        public bool $mayStrike,
        public bool $isCorrection,
    ) {
    }

    /**
     * @param  int  $most so many
     * @param  int|null  $before only those with a lower number; null for the latest
     *
     * @return list<self> newest first
     */
    public static function latest(Worksheet $sheet, int $most, ?int $before = null): array
    {
        $superseded = $sheet->log->superseded();
        $isOpen = $sheet->handedBackAt === null;
        $words = LogWords::of($sheet->family);
        $until = max(0, min($before === null ? PHP_INT_MAX : $before - 1, $sheet->log->length()));
        $from = max(0, $until - $most);
        $newestFirst = array_reverse(array_slice($sheet->log->entries, $from, $until - $from));
        $line = static fn (Entry $e): self => self::of($e, $words->phrase($e), isset($superseded[$e->id]), $isOpen);

        return array_map($line, $newestFirst);
    }

    private static function of(Entry $entry, Phrase $phrase, bool $isSuperseded, bool $isOpen): self
    {
        return new self(
            entry: $entry,
            time: Numbers::clock($entry->at),
            day: $entry->at->format('M j'),
            text: $phrase->text,
            strong: $phrase->strong,
            isSuperseded: $isSuperseded,
            mayStrike: $isOpen && ! $isSuperseded && ! in_array($entry->kind, self::STAYS, true),
            isCorrection: $entry->supersedes !== null,
        );
    }
}
