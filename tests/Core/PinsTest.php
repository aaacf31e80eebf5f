<?php

declare(strict_types=1);

use Tests\Core\Pins;

it('says of seeded inputs what it said when it was scored: a change is meant, and bin/pin > tests/Fixtures/pins.json', function (): void {
    $pinned = json_decode((string) file_get_contents(__DIR__.'/../Fixtures/pins.json'), true, 64, JSON_THROW_ON_ERROR);
    $now = json_decode(json_encode(Pins::all(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true);
    foreach ($pinned as $room => $cases) {
        expect(array_keys($now[$room]))->toBe(array_keys($cases), $room);
        foreach ($cases as $name => $values) {
            expect(count($now[$room][$name]))->toBe(count($values), "{$room}: {$name}");
            foreach ($values as $i => $value) {
                $is = $now[$room][$name][$i];
                is_float($value) && is_float($is)
                    ? expect($is)->toEqualWithDelta($value, 1e-5 * max(0.01, abs($value)), "{$room}: {$name}, {$i}")
                    : expect($is)->toBe($value, "{$room}: {$name}, {$i}");
            }
        }
    }
});
