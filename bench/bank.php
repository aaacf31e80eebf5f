<?php

declare(strict_types=1);

// Banks of two to six carburetors on virtual engines, out of balance, with screws that work either way: balanced within
// tolerance, in how many moves; beside two simpler rules on the same banks.

use Bench\BankScoring;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/BankScoring.php';

$seed = (int) ($argv[1] ?? 1);
$banks = (int) ($argv[2] ?? 500);
$rules = [
    'proposed' => BankScoring::proposed(...),
    'the last sign, eighths' => BankScoring::lastSign(...),
    'the supposed sign, eighths' => BankScoring::supposed(...),
];
foreach ($rules as $name => $next) {
    $scored = (new BankScoring($seed, $banks))->by($next);
    printf(
        "banks, seed %d, %d of 2 to 6, %.1f inHg apart: %-27s balanced %.1f %%, median %d moves, 90th percentile %d\n",
        $seed,
        $banks,
        $scored['spread'],
        $name,
        100.0 * $scored['balanced'] / max(1, $banks),
        $scored['moves'][intdiv($banks, 2)] ?? 0,
        $scored['moves'][(int) (0.9 * $banks)] ?? 0,
    );
}
