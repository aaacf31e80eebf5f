<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Worksheet\Worksheet;

/** A test that is looked at, with its last outcome. */
final readonly class TestRow
{
    private function __construct(public string $key, public string $name, public string $do, public string $good, public string $state, public string $note)
    {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet): array
    {
        return array_values(array_map(static function (BenchTest $test) use ($sheet): self {
            $record = $sheet->rebuild->tests[$test->key] ?? null;

            return new self($test->key, $test->name, $test->do, $test->good, $record === null ? 'open' : ($record->passed ? 'passed' : 'failed'), $record === null ? '' : Numbers::clock($record->at));
        }, $sheet->family->tests));
    }
}
