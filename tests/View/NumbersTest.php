<?php

declare(strict_types=1);

use App\View\Numbers;
use DustyJet\Carburetor\Datum;
use DustyJet\Quantity\Turns;

it('says numbers as technicians do', function (string $got, string $said): void {
    expect($got)->toBe($said);
})->with([
    'a mixed number in a sentence' => [
        fn () => Numbers::unbroken('Turn it out to 2 1/8. Log 3 at 11/2 psi.'), "Turn it out to 2\u{A0}1/8. Log 3 at 11/2 psi.",
    ],
    'psi' => [fn () => Numbers::psi(34.47379), '5.0'],
    'psi with two decimals' => [fn () => Numbers::psi(27.7, 2), '4.02'],
    'inHg' => [fn () => Numbers::inHg(50.79583), '15.0'],
    'a small leak has two decimals' => [fn () => Numbers::flow(0.424), '0.42'],
    'a leak has one' => [fn () => Numbers::flow(3.1234), '3.1'],
    'a large leak has none' => [fn () => Numbers::flow(12.4), '12'],
    'rpm has its comma' => [fn () => Numbers::rpm(2862.4), '2,862'],
    'a minus is a minus' => [fn () => Numbers::plain(-0.5, 1), "\u{2212}0.5"],
    'turns do not break' => [fn () => Numbers::turns(Turns::parse('1.375')), "1\u{00A0}3/8"],
    'no turns yet' => [fn () => Numbers::turns(null), 'not set'],
    'never counted' => [fn () => Numbers::found(null), 'not counted'],
    'one turn out' => [fn () => Numbers::counted(Turns::parse('1'), Datum::Seat), '1 turn out'],
    'more turns in' => [
        fn () => Numbers::counted(Turns::parse('1 1/4'), Datum::Cam),
        "1\u{00A0}1/4 turns in past touching",
    ],
    'short times in seconds' => [fn () => Numbers::seconds(60.4), '60 s'],
    'long times in minutes' => [fn () => Numbers::seconds(600.0), '10 min'],
    'and what is left over' => [fn () => Numbers::seconds(150.0), '2 min 30 s'],
]);

it('says days as words', function (string $at, string $said): void {
    expect(Numbers::day(new DateTimeImmutable($at), new DateTimeImmutable('2026-05-04 09:00')))->toBe($said);
})->with([
    ['2026-05-04 14:00', 'Today 14:00'],
    ['2026-05-06 14:00', 'Wed 14:00'],
    ['2026-06-20 14:00', 'Jun 20'],
]);
