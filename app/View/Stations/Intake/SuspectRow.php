<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use App\View\Numbers;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\Evidence;
use DustyJet\Diagnosis\Suspect;

/** One suspect on the ranked board, with its reasons. */
final readonly class SuspectRow
{
    private const MOST = 6;

    private const LEAST_CHANCE = 0.02;

    /**
     * @param  list<array{sign: string, text: string, times: string, isFor: bool}>  $because
     */
    private function __construct(
        public string $fault,
        public string $letter,
        public string $name,
        public int $percent,
        public string $where,
        public string $cure,
        public array $because,
        public string $provenance,
    ) {
    }

    /** @return list<self> */
    public static function all(Catalogue $catalogue, Diagnosis $diagnosis): array
    {
        $rows = [];
        foreach (self::shown($diagnosis) as $i => $suspect) {
            $fault = $suspect->fault;
            $minutes = Numbers::plain($fault->cure->minutes, 0);
            $parts
                = $fault->cure->partsCents === 0 ? 'no parts' : 'parts about '.Numbers::money($fault->cure->partsCents);
            $rows[] = new self(
                $fault->id,
                chr(65 + $i),
                $fault->name,
                self::percent($suspect),
                $fault->isOutsideTheCarburetor() ? 'outside the carburetor' : '',
                "{$fault->cure->do}: {$minutes} min, {$parts}",
                array_map(static fn (Evidence $e): array => self::reason($catalogue, $e), $suspect->because),
                $fault->provenance,
            );
        }

        return $rows;
    }

    /** @return array<string, array{letter: string, percent: int}> likeliest first, one suspect a part */
    public static function byPart(Diagnosis $diagnosis): array
    {
        $parts = [];
        foreach (self::shown($diagnosis) as $i => $suspect) {
            if ($suspect->fault->part !== null) {
                $parts[$suspect->fault->part] ??= ['letter' => chr(65 + $i), 'percent' => self::percent($suspect)];
            }
        }

        return $parts;
    }

    /** @return list<Suspect> */
    private static function shown(Diagnosis $diagnosis): array
    {
        return array_values(
            array_filter(
                array_slice($diagnosis->suspects, 0, self::MOST),
                static fn (Suspect $s): bool => $s->probability >= self::LEAST_CHANCE,
            ),
        );
    }

    private static function percent(Suspect $suspect): int
    {
        return (int) round(100.0 * $suspect->probability);
    }

    /** @return array{sign: string, text: string, times: string, isFor: bool} */
    private static function reason(Catalogue $catalogue, Evidence $evidence): array
    {
        $finding = $catalogue->findings[$evidence->finding];
        $grade = $finding->isGraded() && $evidence->answer->isThere() ? ', '.$finding->word($evidence->answer) : '';
        $isFor = $evidence->decibans > 0.0;

        return [
            'sign' => $isFor ? 'for' : 'against',
            'text' => $evidence->answer === Answer::No ? 'not: '.$finding->because : $finding->because.$grade,
            'times' => self::times(abs($evidence->decibans), $isFor),
            'isFor' => $isFor,
        ];
    }

    /** The change of its odds: under a tenth it is hardly one. */
    private static function times(float $decibans, bool $isFor): string
    {
        $times = 10.0 ** ($decibans / 10.0);
        $figure = Numbers::plain($times, $times < 10.0 ? 1 : 0);

        return $times < 1.1 ? 'hardly' : "{$figure}× ".($isFor ? 'likelier' : 'less likely');
    }
}
