<?php

declare(strict_types=1);

use DustyJet\HoldTest\TraceCsv;
use DustyJet\HoldTest\UnusableTrace;
use DustyJet\Quantity\PressureUnit;

it('reads a trace in every accepted spelling', function (string $csv, bool $isVacuum, float $firstKpa): void {
    $trace = TraceCsv::parse($csv);

    expect($trace->count())
        ->toBe(4)
        ->and($trace->isVacuum)
        ->toBe($isVacuum)
        ->and($trace->kilopascals[0])
        ->toEqualWithDelta($firstKpa, 0.001);
})->with([
    'plain' => ["t_s,psi\n0,5\n10,4.9\n20,4.8\n30,4.7\n", false, 34.474],
    'semicolons and decimal commas' => ["t_s;kpa\n0;34,5\n10;34,0\n20;33,5\n30;33,0", false, 34.5],
    'byte order mark and CRLF' => ["\xEF\xBB\xBFT_S,PSI\r\n0,5\r\n10,5\r\n20,5\r\n30,5\r\n", false, 34.474],
    'vacuum in inHg' => ["t_s,inhg\n0,15\n10,15\n20,14.9\n30,14.9", true, 50.796],
    'vacuum with its sign' => ["t_s,kpa\n0,-50\n10,-49\n20,-48\n30,-47", true, 50.0],
    'quotes, spaces and empty lines' => ["\"t_s\", \"psi\"\n0, 5.0\n\n10,\"4.9\"\n20,4.9\n30,4.8\n\n", false, 34.474],
]);

it('refuses bad input with the line and the reason', function (string $csv, string $reason, string $says): void {
    try {
        TraceCsv::parse($csv);
        $this->fail('it was taken');
    } catch (UnusableTrace $refused) {
        expect($refused->reason())->toBe($reason)->and($refused->getMessage())->toContain($says);
    }
})->with([
    'an empty file' => ['', 'bad_header', 'Line 1'],
    'a wrong unit' => ["t_s,atm\n0,1\n", 'bad_header', 't_s,atm'],
    'columns the other way round' => ["psi,t_s\n5,0\n", 'bad_header', 'Line 1'],
    'a picture' => ["\x89PNG\r\n\x1a\n\0\0", 'bad_header', 'Line 1'],
    'one row' => ["t_s,psi\n0,5\n", 'too_few_readings', 'at least 2'],
    'time going back' => ["t_s,psi\n0,5\n10,5\n5,5\n20,5\n", 'time_goes_back', 'Line 4'],
    'the same time twice' => ["t_s,psi\n0,5\n10,5\n10,5\n20,5\n", 'time_goes_back', 'Line 4'],
    'NaN' => ["t_s,psi\n0,5\n10,NaN\n20,5\n30,5\n", 'bad_number', 'Line 3'],
    'infinity' => ["t_s,psi\n0,5\n10,INF\n20,5\n30,5\n", 'bad_number', 'Line 3'],
    'an exponent beyond all numbers' => ["t_s,psi\n0,5\n10,1e999\n20,5\n30,5\n", 'bad_number', 'Line 3'],
    'a missing column' => ["t_s,psi\n0,5\n10\n20,5\n30,5\n", 'wrong_columns', 'Line 3'],
    'three columns' => ["t_s,psi\n0,5\n10,5,5\n20,5\n", 'wrong_columns', 'Line 3'],
    'below a perfect vacuum' => [
        "t_s,kpa\n0,-120\n10,-120\n20,-119\n30,-118\n",
        'impossible_reading',
        'perfect vacuum',
    ],
    'nothing pumped' => ["t_s,psi\n0,0\n10,0\n20,0\n30,0\n", 'never_pumped', 'Pump the line'],
    'pressure and vacuum mixed' => ["t_s,psi\n0,5\n10,-4\n20,5\n30,5\n", 'both_signs', 'Line 3'],
    'markup' => ["t_s,psi\n0,<script>\n", 'bad_number', '<script>'],
    'too many rows' => [
        "t_s,psi\n".implode("\n", array_map(fn (int $i): string => "{$i},5", range(0, 200_001))),
        'too_many_readings',
        '200,000',
    ],
    'a huge file' => [str_repeat('x', TraceCsv::MOST_BYTES + 1), 'file_too_large', 'right file'],
]);

it('reads typed and tapped lines', function (string $text): void {
    $trace = TraceCsv::typed($text, PressureUnit::Psi, false);

    expect($trace->seconds)
        ->toBe([0.0, 10.0, 20.5, 30.0])
        ->and($trace->kilopascals[3] / 6.894757293168361)
        ->toEqualWithDelta(4.7, 1e-9);
})->with([
    "0 5.0\n10 4.9\n20.5 4.8\n30 4.7",
    "0;5,0\n10;4,9\n20,5;4,8\n30;4,7",
    "0\t5\r\n10\t4.9\r\n20.5\t4.8\r\n30\t4.7\r\n",
    "0, 5\n10, 4.9\n20.5, 4.8\n30, 4.7",
    "0,5\n10,4.9\n20.5,4.8\n30,4.7",
]);

it('names the typed line it cannot read', function (): void {
    expect(fn () => TraceCsv::typed("0 5\n10 five\n", PressureUnit::Psi, false))
        ->toThrow(UnusableTrace::class, 'Line 2')
        ->and(fn () => TraceCsv::typed("0 5\n10\n", PressureUnit::Psi, false))
        ->toThrow(UnusableTrace::class, 'Line 2')
        ->and(fn () => TraceCsv::typed('', PressureUnit::Psi, false))
        ->toThrow(UnusableTrace::class, 'at least 2');
});

it('finds the gauge step from how the readings are written', function (array $values, float $stepPsi): void {
    $text = implode("\n", array_map(fn (string $v, int $i): string => 10 * $i." {$v}", $values, array_keys($values)));

    expect(TraceCsv::typed($text, PressureUnit::Psi, false)->stepKilopascals / 6.894757293168361)
        ->toEqualWithDelta($stepPsi, 1e-9)
        ->and(TraceCsv::typed($text, PressureUnit::Psi, false, 0.3)->stepKilopascals / 6.894757293168361)
        ->toEqualWithDelta(0.3, 1e-9);
})->with([
    'tenths' => [['5.0', '4.9', '4.8', '4.8'], 0.1],
    'halves' => [['5.0', '4.5', '4.5', '4.0'], 0.5],
    'quarters' => [['5.00', '4.75', '4.50', '4.25'], 0.25],
    'thousandths' => [['5.003', '4.991', '4.9', '4.8'], 0.001],
    'one value, again and again' => [['5.0', '5.0', '5.0', '5.0'], 0.1],
    'whole numbers' => [['5', '5', '4', '4'], 1.0],
]);

it('gives up on hostile text at once', function (): void {
    $before = microtime(true);
    foreach (
        [str_repeat('0,', 200_000), "t_s,psi\n".str_repeat(',', 500_000), "t_s,psi\n".str_repeat("1\n", 100_000)] as $text
    ) {
        try {
            TraceCsv::parse($text);
        } catch (UnusableTrace) {
        }
        try {
            TraceCsv::typed($text, PressureUnit::Psi, false);
        } catch (UnusableTrace) {
        }
    }
    // A bound against pathological backtracking, not a measure of speed.
    expect(microtime(true) - $before)->toBeLessThan(20.0);
});

it('finds the gauge step of a file, in its own unit', function (string $unit, array $values, float $step): void {
    $lines = array_map(fn (string $v, int $i): string => 10 * $i.",{$v}", $values, array_keys($values));
    $pascals = ['psi' => 6894.757293168361, 'kpa' => 1000.0, 'inhg' => 3386.389][$unit];

    expect(TraceCsv::parse("t_s,{$unit}\n".implode("\n", $lines))->stepKilopascals)
        ->toEqualWithDelta(($step * $pascals) / 1000.0, 1e-9 + 1e-6 * $step);
})->with([
    'whole numbers' => ['kpa', ['34', '33', '31', '30'], 1.0],
    'every other whole number' => ['kpa', ['34', '32', '32', '30', '28'], 2.0],
    'fives' => ['kpa', ['35', '30', '30', '25', '20'], 5.0],
    'tens' => ['kpa', ['50', '40', '40', '30', '20'], 10.0],
    'whole and tenths' => ['psi', ['5', '4.9', '4.8', '4.7'], 0.1],
    'halves of an inch' => ['inhg', ['12.0', '11.5', '11.5', '11.0', '10.5'], 0.5],
    'two values only' => ['psi', ['5', '5', '0', '0'], 1.0],
]);

it('takes the gauge step in psi whatever unit the file is in', function (): void {
    $trace = TraceCsv::parse("t_s,kpa\n0,34.5\n10,34.1\n20,33.8\n30,33.6\n", 0.5);

    expect($trace->stepKilopascals)->toEqualWithDelta(0.5 * 6.894757, 1e-4);
});

it('names the typed line that has too much in it', function (): void {
    expect(fn () => TraceCsv::typed("0 5\n10 4.9\n20 4.8 1\n30 4.7", PressureUnit::Psi, false))
        ->toThrow(UnusableTrace::class, 'Line 3: two columns are needed');
});

it('refuses what no gauge reads, in each unit', function (string $unit, float $fits, float $tooMuch): void {
    $csv = static fn (float $v): string => "t_s,{$unit}\n0,{$v}\n10,{$v}\n20,{$v}\n30,{$v}\n";

    expect(TraceCsv::parse($csv($fits))->durationSeconds())
        ->toBe(30.0)
        ->and(fn () => TraceCsv::parse($csv($tooMuch)))
        ->toThrow(UnusableTrace::class, 'no bench gauge reads that high');
})->with([['psi', 60.0, 20000.0], ['kpa', 500.0, 140000.0]]);

it('names the line of a trace that goes back, lasts for ever or reads what cannot be', function (
    string $line,
    string $says,
): void {
    $csv = "t_s,psi\n0,5\n10,4.9\n{$line}\n40,4.7\n";

    expect(fn () => TraceCsv::parse($csv))->toThrow(UnusableTrace::class, $says);
})->with([
    ['5,4.8', 'Line 4'],
    ['9999999999,4.8', 'Line 4'],
    ['20,99999', 'Line 4'],
    ['20,-4.8', 'Line 4'],
]);

it('calls a trace a vacuum by the sign of most of it, and nothing else', function (string $first, bool $isVacuum): void {
    expect(TraceCsv::parse("t_s,kpa\n0,{$first}\n10,0\n20,0\n30,0\n")->isVacuum)->toBe($isVacuum);
})->with([['5', false], ['-5', true]]);
