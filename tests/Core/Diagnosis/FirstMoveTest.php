<?php

declare(strict_types=1);

use Tests\Core\Diagnosis\Knowledge;

// What a bench does first, by complaint. Common practice: look where the complaint points, cheap looks before dear
// ones, nothing that has no bearing on it.

dataset('every family', array_keys(Knowledge::real()->families));

/** @param  list<string>  $complaints */
function firstMove(string $family, array $complaints): string
{
    $diagnosis = Knowledge::diagnose($family, array_fill_keys($complaints, 'yes'));

    return $diagnosis->nextCheck()->check->id ?? 'repair '.($diagnosis->plan[0]->id ?? '');
}

it('looks where fuel comes out of a machine that floods, or clears it', function (string $family): void {
    $moves = ['vent_look', 'bulb_pump', 'repair cranked_too_often', 'repair kit'];

    expect(firstMove($family, ['floods']))
        ->toBeIn($moves)
        ->and(firstMove($family, ['floods', 'plug_wet']))
        ->toBeIn($moves)
        ->and(firstMove($family, ['floods', 'fuel_dripping']))
        ->toBeIn($moves);
})->with('every family');

it('looks for the place of a drip, or for what was done last', function (string $family): void {
    expect(firstMove($family, ['fuel_dripping']))
        ->toBeIn(['vent_look', 'bulb_pump', 'rebuild_asked', 'repair fuel_line_weeps', 'repair kit']);
})->with('every family');

it('does not idle a machine that will not, and asks no fuel line of a pump that is inside', function (
    string $family,
): void {
    expect(firstMove($family, ['will_not_idle']))->not->toBe('idle_run');
    if (in_array('metering', Knowledge::real()->family($family)->traits, true)) {
        expect(firstMove($family, ['bogs']))
            ->not->toBe('fuel_at_line')
            ->and(Knowledge::real()->checksOf(Knowledge::real()->family($family)))
            ->not->toHaveKey('fuel_at_line');
    }
})->with('every family');

it('tests the spark of what will not start, and the choke of what surges', function (string $family): void {
    expect(firstMove($family, ['will_not_start']))
        ->toBe('spark_test')
        ->and(firstMove($family, ['surges']))
        ->toBeIn(['choke_run', 'linkage_look', 'leak_spray', 'throttle_range_run', 'line_run']);
})->with('every family');

it('puts no look that has no bearing on the complaint before one that has', function (string $family): void {
    foreach (['floods', 'fuel_dripping', 'bogs', 'surges', 'will_not_idle', 'no_power'] as $complaint) {
        $diagnosis = Knowledge::diagnose($family, [$complaint => 'yes']);
        $explains = static function (string $check) use ($diagnosis, $complaint): float {
            $sum = 0.0;
            foreach ($diagnosis->suspects as $suspect) {
                $asked = array_intersect_key(
                    $suspect->fault->shows,
                    array_flip(Knowledge::real()->checks[$check]->answers),
                );
                $most = $asked === [] ? 0.0 : max(array_map(static fn (array $s): float => $s[0], $asked));
                $sum += $suspect->probability * $most * ($suspect->fault->shows[$complaint][0] ?? 0.0);
            }

            return $sum;
        };
        $bearing = array_map(static fn ($c): bool => $explains($c->check->id) >= 0.02, $diagnosis->paying);
        $sorted = $bearing;
        rsort($sorted);

        expect($bearing)->toBe($sorted, "{$family}, {$complaint}");
    }
})->with('every family');
