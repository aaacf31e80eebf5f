<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** Where the turns of a screw are counted from. A stop screw has no seat: it touches its cam. Common practice. */
enum Datum
{
    case Seat;
    case Cam;

    /** Whether turning it in is more. */
    public function countsIn(): bool
    {
        return $this === self::Cam;
    }

    /** What the number is, beside it, where there is little room. */
    public function short(): string
    {
        return match ($this) {
            self::Seat => 'turns out',
            self::Cam => 'turns in',
        };
    }

    /** What the number is, after it. */
    public function counted(): string
    {
        return match ($this) {
            self::Seat => 'turns out',
            self::Cam => 'turns in past touching',
        };
    }

    public function from(): string
    {
        return match ($this) {
            self::Seat => 'turns out from lightly seated',
            self::Cam => 'turns in past touching the cam',
        };
    }

    /** How it is counted as found. */
    public function counting(): string
    {
        return match ($this) {
            self::Seat => 'Turn it in by half turns until lightly seated, tapping once each. Force ruins the tip.',
            self::Cam => 'Back it out by half turns until it just leaves the cam, tapping once each. It has no seat.',
        };
    }

    /** How it is set, before the turns. */
    public function setting(): string
    {
        return match ($this) {
            self::Seat => 'From lightly seated, out to what the book says:',
            self::Cam => 'In until it just touches the cam, then further in by what the book says:',
        };
    }
}
