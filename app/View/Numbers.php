<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Shop;
use DateTimeInterface;
use DustyJet\Carburetor\Book;
use DustyJet\Carburetor\Datum;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Turns;

/** Numbers as technicians say them: the one place where rounding happens. */
final readonly class Numbers
{
    public static function psi(float $kilopascals, int $decimals = 1): string
    {
        return self::plain($kilopascals / (PressureUnit::Psi->pascals() / 1000.0), $decimals);
    }

    public static function inHg(float $kilopascals, int $decimals = 1): string
    {
        return self::plain($kilopascals / (PressureUnit::InchOfMercury->pascals() / 1000.0), $decimals);
    }

    /** Of a pressure in psi, of a vacuum in inHg, both without a sign. */
    public static function gauge(float $kilopascals, bool $isVacuum): string
    {
        return $isVacuum ? self::inHg(abs($kilopascals)) : self::psi(abs($kilopascals));
    }

    public static function gaugeWithUnit(float $kilopascals, bool $isVacuum): string
    {
        return self::gauge($kilopascals, $isVacuum).' '.self::gaugeUnit($isVacuum)->symbol();
    }

    /** The unit a gauge of the trade shows. */
    public static function gaugeUnit(bool $isVacuum): PressureUnit
    {
        return $isVacuum ? PressureUnit::InchOfMercury : PressureUnit::Psi;
    }

    /** Two figures are all a leak deserves: 3.1, 0.42, 12. */
    public static function flow(float $millilitresPerMinute): string
    {
        return self::plain(
            $millilitresPerMinute,
            match (true) {
                $millilitresPerMinute >= 9.95 => 0,
                $millilitresPerMinute >= 0.995 => 1,
                default => 2,
            },
        );
    }

    public static function rpm(float $rpm): string
    {
        return number_format($rpm);
    }

    public static function plain(float $value, int $decimals): string
    {
        return str_replace('-', "\u{2212}", number_format($value, $decimals));
    }

    /** With no zeros at its end. */
    public static function short(float $value, int $decimals): string
    {
        $plain = self::plain($value, $decimals);

        return str_contains($plain, '.') ? rtrim(rtrim($plain, '0'), '.') : $plain;
    }

    /**
     * The space before the fraction does not break.
     *
     * @param  string  $none where there are no turns yet
     */
    public static function turns(?Turns $turns, string $none = 'not set'): string
    {
        return $turns === null ? $none : str_replace(' ', "\u{00A0}", (string) $turns);
    }

    /** A sentence in which no number is broken before its fraction. */
    public static function unbroken(string $sentence): string
    {
        return (string) preg_replace('~(?<=\d) (?=\d+/\d)~', "\u{00A0}", $sentence);
    }

    /** As it is said aloud: 3/4 turn, 1 turn, 1 1/4 turns. */
    public static function inTurns(Turns $turns): string
    {
        return self::turns($turns).($turns->inTurns() > 1.0 ? ' turns' : ' turn');
    }

    /** As found; nobody may have counted. */
    public static function found(?Turns $turns): string
    {
        return self::turns($turns, 'not counted');
    }

    /** With where from: 1 turn out, 1 1/4 turns in past touching. */
    public static function counted(Turns $turns, Datum $datum): string
    {
        return self::inTurns($turns).str_replace('turns', '', $datum->counted());
    }

    /** What the book says of a screw: a setting, or from here to there. */
    public static function book(Book $book): string
    {
        return $book->range === null
            ? self::turns($book->turns)
            : self::turns($book->range[0]).' to '.self::turns($book->range[1]);
    }

    public static function clock(DateTimeInterface $at): string
    {
        return $at->format(Shop::hasTwelveHourClock() ? 'g:i A' : 'G:i');
    }

    /** A day with its time, of whatever year: Nov 9, 6:21. */
    public static function moment(DateTimeInterface $at): string
    {
        return $at->format('M j').', '.self::clock($at);
    }

    public static function day(DateTimeInterface $at, DateTimeInterface $today): string
    {
        return match (true) {
            $at->format('Y-m-d') === $today->format('Y-m-d') => 'Today '.self::clock($at),
            abs($at->getTimestamp() - $today->getTimestamp()) < 6 * 86400 => $at->format('D').' '.self::clock($at),
            default => $at->format('M j'),
        };
    }

    public static function seconds(float $seconds): string
    {
        $whole = (int) round($seconds);

        return $whole >= 120
            ? intdiv($whole, 60).' min'.($whole % 60 === 0 ? '' : ' '.$whole % 60 .' s')
            : $whole.' s';
    }

    /** What a clock shows: 11:10, or 1:12:00. */
    public static function countdown(int $seconds): string
    {
        return ($seconds >= 3600
            ? intdiv($seconds, 3600).':'.sprintf('%02d', intdiv($seconds, 60) % 60)
            : (string) intdiv($seconds, 60))
            .':'
            .sprintf('%02d', $seconds % 60);
    }

    /** Whole dollars: estimates have no cents. */
    public static function money(int $cents): string
    {
        return $cents > 10_000_000 ? 'any price' : '$'.number_format(max(0, (int) round($cents / 100)));
    }
}
