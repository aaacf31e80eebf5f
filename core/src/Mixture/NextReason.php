<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/** Why a setting is proposed, or why no more are. */
enum NextReason: string
{
    case StartLean = 'start_lean';
    case FindPeak = 'find_peak';
    case FindLeanEdge = 'find_lean_edge';
    case FindRichEdge = 'find_rich_edge';
    case Narrow = 'narrow';
    case WithinEighth = 'within_eighth';
    case BelowNoise = 'below_noise';
    case FromTheRichSide = 'from_the_rich_side';
    case OverTheMaximum = 'over_the_maximum';
    case LeanOfFastest = 'lean_of_fastest';
    case AtItsCap = 'at_its_cap';
    case RunsClean = 'runs_clean';
    case FlutterClears = 'flutter_clears';
    case ItDied = 'it_died';
    case RicherTillRough = 'richer_till_rough';
    case LeanerTillRough = 'leaner_till_rough';
    case LeanerAtIdle = 'leaner_at_idle';
    case NarrowByEar = 'narrow_by_ear';
    case BetweenTheStumbles = 'between_the_stumbles';

    /** Whether the throttle is to be let go before anything else. */
    public function isStop(): bool
    {
        return $this === self::OverTheMaximum || $this === self::LeanOfFastest;
    }

    public function sentence(): string
    {
        return match ($this) {
            self::StartLean => 'Work from the lean side in quarter turns, so the peak is heard coming.',
            self::FindPeak => 'Speed is still rising this way: the peak lies further on.',
            self::FindLeanEdge => 'The lean edge is not in the readings yet: go on until speed drops by a twentieth.',
            self::FindRichEdge => 'The rich edge is not in the readings yet: go on until speed drops by a twentieth.',
            self::Narrow => 'One more reading here narrows the answer most.',
            self::WithinEighth => 'The answer is known to within an eighth of a turn. A hand sets no finer.',
            self::BelowNoise => 'What is left to gain is less than the tachometer wavers. Do not chase the last one per cent.',
            self::FromTheRichSide => 'Richer until it slows: the fastest must have a slower, richer neighbor.',
            self::OverTheMaximum => 'Above the maker\'s no-load maximum. Let go of the throttle, turn it richer.',
            self::LeanOfFastest => 'Leaner than the fastest: it seizes there. Let go of the throttle, turn it richer.',
            self::AtItsCap => 'Its limiter cap ends here. Emission-limited settings stay within their caps; local rules decide.',
            self::RunsClean => 'It runs clean, so it may be lean: richer until it flutters.',
            self::FlutterClears => 'The flutter just clears here, rich of the fastest: the fuel carries the oil.',
            self::RicherTillRough => 'The ear decides: richer until it is rough and smokes.',
            self::LeanerTillRough => 'Now leaner, through the smooth, until it stumbles and pops.',
            self::LeanerAtIdle => 'At idle only, never at throttle: leaner, through the smooth, until it stumbles and pops.',
            self::NarrowByEar => 'Half-way between smooth and rough: this places the edge.',
            self::BetweenTheStumbles => 'Half-way between the lean stumble and the rich one, each heard to a quarter turn.',
            self::ItDied => 'It died there: back toward where it runs.',
        };
    }
}
