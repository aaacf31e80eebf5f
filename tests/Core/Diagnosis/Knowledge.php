<?php

declare(strict_types=1);

namespace Tests\Core\Diagnosis;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Facts;
use DustyJet\Knowledge\DiagnosisFiles;

/** The real knowledge, read once, and small made-up ones. */
final class Knowledge
{
    private static ?Catalogue $real = null;

    public static function real(): Catalogue
    {
        return self::$real ??= DiagnosisFiles::catalogue(DiagnosisFiles::merge(self::files()));
    }

    /** @return list<string> */
    public static function files(): array
    {
        return array_map(
            static fn (string $f): string => (string) file_get_contents($f),
            glob(__DIR__.'/../../../core/knowledge/diagnosis/*.yaml') ?: [],
        );
    }

    /**
     * @param  array<string, string>  $answers
     * @param  list<string>  $done
     * @param  list<string>  $unavailable
     */
    public static function diagnose(
        string $family,
        array $answers,
        array $done = [],
        array $unavailable = [],
        Facts $facts = new Facts,
    ): Diagnosis {
        return Diagnosis::of(
            self::real(),
            DiagnosisCase::of(
                self::real(),
                $family,
                $facts,
                array_map(Answer::from(...), $answers),
                $done,
                $unavailable,
            ),
        );
    }

    /**
     * A knowledge of made-up faults and findings over one family.
     *
     * @param  array<string, array{chance: float, minutes: float, shows: array<string, float|list<float>>}>  $faults
     * @param  array<string, float|list<float>>  $leaks by finding; those named c… are complaints, a list of two is
     *     graded
     */
    public static function small(
        array $faults,
        array $leaks,
        float $lastResort = 1000.0,
        float $verify = 0.0,
    ): Catalogue {
        $merged = DiagnosisFiles::merge(self::files());
        $merged = [
            'families' => ['f' => ['name' => 'F', 'fits' => 'tests', 'traits' => []]],
            'flows' => [],
            'access' => [
                'open' => [
                    'do' => 'Open it',
                    'minutes' => 5,
                    'engine_runs' => false,
                    'needs' => [],
                    'provenance' => 'from memory',
                ],
            ],
            'costs' => $merged['costs'],
            'cautions' => $merged['cautions'],
        ];
        // Nobody strips a small world for a kit, and its last resort costs so many minutes.
        $merged['costs']['rebuild']['minutes'] = 1e9;
        $merged['costs']['replace']['minutes'] = $lastResort;
        $merged['costs']['carburetor']['cents'] = 0;
        $merged['costs']['come_back']['cents'] = 0;
        $merged['costs']['verify']['minutes'] = $verify;
        foreach ($leaks as $id => $leak) {
            $isComplaint = str_starts_with($id, 'c');
            $merged['findings'][$id]
                = [
                    'group' => $isComplaint ? 'complaint' : 'test',
                    'ask' => $id,
                    'because' => $id,
                    'leak' => $leak,
                    'provenance' => 'from memory',
                ] + (is_array($leak) ? ['levels' => ['a little', 'badly']] : []);
            $isComplaint
                || ($merged['checks'][$id.'_check'] = [
                    'do' => $id,
                    'how' => $id,
                    'minutes' => 1,
                    'answers' => [$id],
                    'provenance' => 'from memory',
                ]);
        }
        foreach ($faults as $id => $fault) {
            // Something must confirm every fault.
            $merged['findings']["see_{$id}"] = [
                'group' => 'test',
                'ask' => $id,
                'because' => $id,
                'leak' => 0.01,
                'provenance' => 'from memory',
            ];
            $merged['checks']["see_{$id}_check"] = [
                'do' => $id,
                'how' => $id,
                'minutes' => 10000,
                'answers' => ["see_{$id}"],
                'provenance' => 'from memory',
            ];
            $merged['faults'][$id] = [
                'name' => $id,
                'place' => 'circuit',
                'families' => ['all'],
                'prior' => ['chance' => $fault['chance']],
                'shows' => $fault['shows'] + ["see_{$id}" => 0.9],
                'cure' => ['do' => $id, 'minutes' => $fault['minutes'], 'cents' => 0],
                'provenance' => 'from memory',
            ];
        }

        return DiagnosisFiles::catalogue($merged);
    }
}
