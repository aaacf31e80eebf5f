<?php

declare(strict_types=1);

use DustyJet\Metering\JetBore;

// Flow as area: 0.35 to 0.40 mm is (0.40 / 0.35)^2 - 1 = +30.6 %; ISO 5167-1, orifice flow at one pressure.
it('says how much more a bored jet passes', function (string $words, float $share): void {
    expect(JetBore::read($words)?->passesMore())->toEqualWithDelta($share, 5e-4);
})->with([
    ['0.35 mm before, 0.40 mm after', 0.3061],
    ['0,35 to 0,40 mm', 0.3061],
    ['0.40 mm, now 0.35', -0.2344],
    ['.62 mm before, 0.62 mm after', 0.0],
    ['0.025 in, then 0.026 in', 0.0816],
    ['25 thou before, 26 after', 0.0816],
    ['No. 72, now No. 71', 0.0816],
    ['#72 before and #70 after', 0.2544],
    ['0.635 mm before, No. 70 after', 0.2544],
]);

it('knows the number drills as the units program does (ASME B94.11M)', function (int $drill): void {
    exec('units --terse --digits 12 '.escapeshellarg("drillgauge({$drill})").' mm', $out, $status);
    $bore = JetBore::read("No. {$drill}, then 1.000 mm");

    expect($status)->toBe(0)->and($bore?->before->inMillimetres())->toEqualWithDelta((float) ($out[0] ?? NAN), 1e-9);
})->with(range(51, 80));

it('computes nothing of what it cannot tell', function (string $words): void {
    expect(JetBore::read($words))->toBeNull();
})->with([
    '', '0.62 mm', '0.62 before, 0.66 after', 'bored', '62 mm before, 66 mm after', 'No. 40, now No. 41',
    '0.6 mm, 0.62 mm, 0.64 mm', '0 mm before, 0.6 mm after', '0.62 mm before, 1e999 mm after',
]);

it('says it as a technician would, and that there is no way back', function (): void {
    expect(JetBore::read('0.62 mm, 0.66 mm')?->said())
        ->toBe('It passes 13 % more. A bored jet cannot go back: the next larger jet comes first.')
        ->and(JetBore::read('0.66 mm, 0.62 mm')?->said())->toBe('It passes 12 % less.')
        ->and(JetBore::read('0.600 mm, 0.606 mm')?->said())->toStartWith('It passes 2 % more.')
        ->and(JetBore::read('0.620 mm, 0.621 mm')?->said())->toBe('It passes as much as before.');
});
