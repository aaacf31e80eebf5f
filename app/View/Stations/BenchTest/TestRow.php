<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use DustyJet\Carburetor\BenchTest;
use DustyJet\Worksheet\BenchTest\TestRecord;
use DustyJet\Worksheet\BenchTest\Tests;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Worksheet;

/** A test that is looked at, with its last outcome. */
final readonly class TestRow
{
    private function __construct(
        public string $key,
        public string $name,
        public string $do,
        public string $good,
        public string $state,
        public string $note,
        public ?string $inTheWay,
    ) {
    }

    /** @return list<self> */
    public static function all(Worksheet $sheet, BenchTab $tab): array
    {
        $records = $sheet->of(Tests::class)->records;
        $machine = Machine::on($sheet->bench);
        $row = static fn (BenchTest $t): self => self::of(
            $t,
            $records[$t->key] ?? null,
            $machine->inTheWay($t->needs),
        );

        $isHere = static fn (BenchTest $t): bool => BenchTab::ofTest($t->key) === $tab;

        return array_values(array_map($row, array_filter($sheet->family->proof->tests, $isHere)));
    }

    private static function of(BenchTest $test, ?TestRecord $record, ?string $inTheWay): self
    {
        $state = match ($record?->passed) {
            null => 'open',
            true => 'passed',
            false => 'failed',
        };
        $note = $record === null ? '' : Numbers::clock($record->at);

        return new self($test->key, $test->name, $test->do, $test->good, $state, $note, $inTheWay);
    }
}
