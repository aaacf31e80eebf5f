<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Worksheet;

/** What is looked at and tried without an instrument. */
final readonly class LooksCard implements BenchCard
{
    private function __construct(public string $count)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        return new self(self::note($sheet).' passed');
    }

    public static function note(Worksheet $sheet): string
    {
        $isHere = static fn (string $test): bool => BenchTab::ofTest($test) === BenchTab::Looks;
        $tests = array_filter(array_keys($sheet->family->proof->tests), $isHere);
        $passed = array_filter($tests, $sheet->of(Tests::class)->isPassed(...));

        return count($passed).' of '.count($tests);
    }

    public function view(): string
    {
        return 'stations.bench-test.looks';
    }
}
