<?php

declare(strict_types=1);

use App\View\Stations\BenchTest\VerdictPlate;
use DustyJet\Worksheet\BenchTest\HoldRecord;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Worksheet\Bench;

/** @param  array<string, mixed>  $changes to the stored result */
function record(array $changes = [], bool $isVacuum = false): HoldRecord
{
    $bench = (new Bench)->hold(4.0);
    $payload = $bench->entries[1]->payload->toArray();
    $payload['result'] = [...$payload['result'], ...$changes];
    $payload['method'] = $isVacuum ? 'vacuum' : 'pressure';
    $bench->add(EntryKind::HoldTested, $payload);

    return $bench->sheet()->of(Holds::class)->latest() ?? throw new LogicException('no test');
}

it('has a plate of its own for each verdict', function (
    array $changes,
    string $class,
    string $word,
    string $value,
): void {
    $plate = VerdictPlate::of(record($changes), false);

    expect($plate->class)->toBe($class)->and($plate->word)->toBe($word)->and($plate->value)->toBe($value);
})->with([
    'holds' => [
        ['verdict' => 'holds', 'leak_ml_min' => 0.1, 'leak_high_ml_min' => 0.21],
        'is-holds',
        'Holds',
        'under 0.21',
    ],
    'a slow leak' => [['verdict' => 'leaks', 'leak_ml_min' => 3.14], 'is-leak', 'Slow leak', '3.1'],
    'an open leak' => [['verdict' => 'leaks', 'leak_ml_min' => 40.0], 'is-leak', 'Open leak', '40'],
    'holds below' => [['verdict' => 'holds_below', 'plateau_kpa' => 20.684], 'is-leak', 'Holds below', '3.0 psi'],
    'undecided' => [['verdict' => 'keep_watching', 'watch_more_s' => 150.0], 'is-watch', 'Keep watching', '2 min 30 s'],
]);

it('always shows the limit it judged by', function (string $verdict): void {
    expect(VerdictPlate::of(record(['verdict' => $verdict]), false)->limit)->toBe('limit 0.60');
})->with(['holds', 'leaks', 'keep_watching']);

it('takes the plate down when something under it changed', function (): void {
    $plate = VerdictPlate::of(record(['verdict' => 'holds']), true);

    expect($plate->class)->toBe('is-gone')->and($plate->word)->toBe('Re-check')->and($plate->band)->toBe('was holds');
});

it('says a vacuum in inches of mercury', function (): void {
    $plate = VerdictPlate::of(record(['verdict' => 'leaks', 'start_kpa' => -50.8], isVacuum: true), false);

    expect($plate->band)->toContain('at 15.0 inHg');
});
