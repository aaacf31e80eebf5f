<?php

declare(strict_types=1);

use DustyJet\Quantity\Turns;
use DustyJet\Quantity\UnreadableTurns;

it('reads turns as technicians write them', function (string $text, int $fortyEighths, string $said): void {
    $turns = Turns::parse($text);

    expect($turns->inUnits())->toBe($fortyEighths)->and((string) $turns)->toBe($said);
})->with([
    ['1 3/4', 84, '1 3/4'],
    ['1¾', 84, '1 3/4'],
    ['1.75', 84, '1 3/4'],
    ['1,75', 84, '1 3/4'],
    ['3.5 half turns', 84, '1 3/4'],
    ['7 quarters', 84, '1 3/4'],
    ['7 quarter turns out', 84, '1 3/4'],
    ['2 1/4 + 1/8', 114, '2 3/8'],
    ['2 - 1/8', 90, '1 7/8'],
    ['1-3/4', 84, '1 3/4'],
    ['2-1/8', 102, '2 1/8'],
    ['2-1/8 - 1/8', 96, '2'],
    ['3/4-1/8', 30, '5/8'],
    ['1.5-1/8', 66, '1 3/8'],
    ["2 \u{2212} 1/8", 90, '1 7/8'],
    ['½', 24, '1/2'],
    ['⅓', 16, '1/3'],
    ['0.333', 16, '1/3'],
    ['1/16', 3, '1/16'],
    ['0', 0, '0'],
    ['  2  ', 96, '2'],
    ['20', 960, '20'],
    ['.5', 24, '1/2'],
]);

it('refuses what is no number of turns, and says what to write', function (string $text): void {
    expect(fn () => Turns::parse($text))->toThrow(UnreadableTurns::class);
})->with([
    '',
    'abc',
    '1/0',
    '--1',
    '1 +',
    '+',
    '1 2 3',
    '99',
    '-1',
    '1e3',
    'NaN',
    '<b>1</b>',
    str_repeat('1+', 400).'1',
    '9999999999999999999',
    '1//2',
    '½½½½½½½½½½½½½½½½½½½½½½½½½½',
]);

it('offers the two nearest readings for one between the marks', function (): void {
    expect(fn () => Turns::parse('1.76'))->toThrow(UnreadableTurns::class, 'Did you mean 1 3/4 or 1 37/48?');
});

it('survives any text', function (): void {
    $seed = seed();
    mt_srand($seed);
    $alphabet = ['1', '2', '9', '/', ' ', '.', ',', '+', '-', '¾', 'half', 'turns', 'x', "\n", "\xFF"];
    for ($i = 0; $i < 3000; $i++) {
        $text = implode('', array_map(fn () => $alphabet[mt_rand(0, count($alphabet) - 1)], range(0, mt_rand(0, 7))));
        try {
            $units = Turns::parse($text)->inUnits();
            expect($units >= 0 && $units <= Turns::MOST_UNITS)->toBeTrue("SEED={$seed}: ".bin2hex($text));
        } catch (UnreadableTurns) {
        }
    }
});

it('writes every 1/48 so that it reads back as itself', function (): void {
    for ($units = 0; $units <= Turns::MOST_UNITS; $units++) {
        expect(Turns::parse((string) Turns::ofUnits($units))->inUnits())->toBe($units);
    }
});

it('adds and takes away exactly', function (): void {
    expect((string) Turns::parse('1 1/3')->plus(Turns::parse('1/6')))
        ->toBe('1 1/2')
        ->and((string) Turns::parse('2')->minus(Turns::parse('1/16')))
        ->toBe('1 15/16')
        ->and(Turns::parse('1 3/4')->inHalfTurns())
        ->toBe(3.5)
        ->and((string) Turns::nearestEighthTo(1.3))
        ->toBe('1 1/4')
        ->and(fn () => Turns::parse('1')->minus(Turns::parse('2')))
        ->toThrow(UnreadableTurns::class);
});
