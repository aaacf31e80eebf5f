<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Mixture\MixtureReading;
use DustyJet\Rejected;

final class NotAllowedNow extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function handedBack(): self
    {
        return new self('handed_back', 'This job was handed back. Open a new job for this machine instead.');
    }

    public static function countedTooLate(string $screw): self
    {
        return new self(
            'counted_too_late',
            "{$screw}: it was already out, so this is not how it was found. Note what you know instead.",
        );
    }

    public static function offThePhoto(): self
    {
        return new self('off_the_photo', 'A pin lies on the photo: across and down between its edges.');
    }

    public static function othersRestOnIt(string $why): self
    {
        return new self('others_rest_on_it', "Something logged after it rests on it. Undo that first. {$why}");
    }

    public static function notThatSchool(string $screw): self
    {
        return new self(
            'not_that_school',
            "{$screw} of a two-stroke is set from the rich side only: past its fastest it seizes.",
        );
    }

    /** @param  string  $what a sentence */
    public static function inTheWay(string $what): self
    {
        return new self('in_the_way', "{$what} It would prove nothing: put it on first.");
    }

    public static function notOfThisFamily(string $what): self
    {
        return new self('not_of_this_family', "{$what}: this family has none to measure.");
    }

    /** @param  string  $why a sentence */
    public static function cutting(string $why): self
    {
        return new self('cutting', "{$why} What is cut off does not come back.");
    }

    public static function noHoldTest(): self
    {
        return new self('no_hold_test', 'This family has no hold test: nothing of it holds pressure.');
    }

    public static function waitsForNothing(): self
    {
        return new self('waits_for_nothing', 'This job does not wait for anything: somebody was quicker.');
    }

    public static function notScrap(): self
    {
        return new self('not_scrap', 'That part alone does not scrap the body. Order a new one instead.');
    }

    public static function leanOfFastest(string $screw, MixtureReading $fastest): self
    {
        $rpm = number_format($fastest->rpm());

        return new self(
            'lean_of_fastest',
            "{$screw} ran fastest at {$fastest->turns}, {$rpm} rpm: left there or leaner it seizes. Leave it richer, "
                .'or take back a reading that was wrong.',
        );
    }

    public static function noReference(): self
    {
        return new self('no_reference', 'Say first which carburetor has no balance screw: the others are set to it.');
    }

    public static function ofTheReference(string $carburetor): self
    {
        return new self('reference', "{$carburetor} is the reference: it has no balance screw, the others are set to it.");
    }

    public static function oneScrewAMove(string $turned): self
    {
        return new self('one_screw', "The {$turned} balance screw was turned: read every column before another is.");
    }

    public static function noSpeed(): self
    {
        return new self('no_speed', 'Type the speed the tachometer shows, or press what you hear.');
    }

    public static function notByEar(): self
    {
        return new self(
            'not_by_ear',
            'Type the speed as well: H is held under the maker\'s maximum, and no ear tells 13,000 rpm from 13,500.',
        );
    }

    public static function needsReason(): self
    {
        return new self('needs_reason', 'Say why: it stands in the report.');
    }

    public static function clockNotRunning(): self
    {
        return new self('clock_not_running', 'That clock is not running any more.');
    }

    public static function promiseKept(): self
    {
        return new self('promise_kept', 'That was done already.');
    }

    public static function clockTooLong(): self
    {
        return new self('clock_too_long', 'A clock runs from one minute to a day.');
    }

    public static function countedWrong(): self
    {
        return new self('counted_wrong', 'Count from 1 to 99.');
    }

    public static function notStale(string $item): self
    {
        return new self('not_stale', "{$item} is not stale. There is nothing to override.");
    }

    /** @param  list<string>  $gates */
    public static function gated(array $gates): self
    {
        return new self('gated', 'It cannot go back yet. '.implode(' ', $gates));
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
