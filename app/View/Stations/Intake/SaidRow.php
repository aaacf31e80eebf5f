<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Finding;
use DustyJet\Worksheet\Intake\Findings;
use DustyJet\Worksheet\Intake\Told;
use DustyJet\Worksheet\Worksheet;

/** What was answered to a finding, ready to be taken back. */
final readonly class SaidRow
{
    private function __construct(
        public string $entry,
        public string $finding,
        public string $text,
        public string $by,
        public bool $isThere,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Catalogue $catalogue, Worksheet $sheet): array
    {
        $told = $sheet->of(Findings::class)->told;
        $known = array_filter($told, static fn (Told $t): bool => isset($catalogue->findings[$t->finding]));
        $row = static fn (Told $t): self => new self(
            $t->entryId, $t->finding, self::text($catalogue->findings[$t->finding], $t->answer), $t->by, $t->answer->isThere(),
        );

        return array_reverse(array_values(array_map($row, $known)));
    }

    private static function text(Finding $finding, Answer $answer): string
    {
        return match (true) {
            ! $answer->isEvidence() => rtrim($finding->ask, '?').': '.$finding->word($answer),
            ! $answer->isThere() => "Not: {$finding->because}",
            default => ucfirst($finding->graded($answer)),
        };
    }
}
