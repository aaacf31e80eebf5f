<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Kind;
use DustyJet\BenchLog\Shape;

/** Every kind of entry a bench log may hold: its name for ever, and the act that knows the rest. */
enum EntryKind: string implements Kind
{
    case IntakeTaken = 'intake_taken';
    case NoteAdded = 'note_added';
    case ScrewCounted = 'screw_counted';
    case PartOff = 'part_off';
    case PartsOff = 'parts_off';
    case PartMissing = 'part_missing';
    case PartUnexpected = 'part_unexpected';
    case StripEnded = 'strip_ended';
    case PartInspected = 'part_inspected';
    case PartsSound = 'parts_sound';
    case PartOn = 'part_on';
    case PartsOn = 'parts_on';
    case PartAccounted = 'part_accounted';
    case LinkNoted = 'link_noted';
    case TestDone = 'test_done';
    case CheckPromised = 'check_promised';
    case PromiseKept = 'promise_kept';
    case ClockStarted = 'clock_started';
    case ClockEnded = 'clock_ended';
    case ThingTouched = 'thing_touched';
    case HoldTested = 'hold_tested';
    case LeakIsolated = 'leak_isolated';
    case PopOffMeasured = 'pop_off_measured';
    case SpringMeasured = 'spring_measured';
    case SpringShortened = 'spring_shortened';
    case LeverMeasured = 'lever_measured';
    case FloatMeasured = 'float_measured';
    case FloatSighted = 'float_sighted';
    case FloatWeighed = 'float_weighed';
    case CheckValveTested = 'check_valve_tested';
    case DeliveryMeasured = 'delivery_measured';
    case ScrewCapped = 'screw_capped';
    case ScrewSet = 'screw_set';
    case GovernedSpeedRead = 'governed_speed_read';
    case StartTried = 'start_tried';
    case IdleRead = 'idle_read';
    case ReferenceNamed = 'reference_named';
    case BankRead = 'bank_read';
    case BalanceTurned = 'balance_turned';
    case SchoolChosen = 'school_chosen';
    case SpeedRead = 'speed_read';
    case CheckDone = 'check_done';
    case StaleOverridden = 'stale_overridden';
    case FindingNoted = 'finding_noted';
    case CheckAnswered = 'check_answered';
    case FaultRepaired = 'fault_repaired';
    case FlowStepped = 'flow_stepped';
    case PhotoTaken = 'photo_taken';
    case PhotoPinned = 'photo_pinned';
    case WaitBegan = 'wait_began';
    case WaitEnded = 'wait_ended';
    case CarburetorReplaced = 'carburetor_replaced';
    case ReturnedUnrepaired = 'returned_unrepaired';
    case HandedBack = 'handed_back';
    case Struck = 'struck';

    /** @return class-string<Act> */
    public function act(): string
    {
        return match ($this) {
            self::IntakeTaken => Intake\IntakeTaken::class,
            self::NoteAdded => Notes\NoteAdded::class,
            self::ScrewCounted => Screws\ScrewCounted::class,
            self::PartOff => Strip\PartOff::class,
            self::PartsOff => Strip\PartsOff::class,
            self::PartMissing => Strip\PartMissing::class,
            self::PartUnexpected => Strip\PartUnexpected::class,
            self::StripEnded => Strip\StripEnded::class,
            self::PartInspected => Clean\PartInspected::class,
            self::PartsSound => Clean\PartsSound::class,
            self::PartOn => Build\PartOn::class,
            self::PartsOn => Build\PartsOn::class,
            self::PartAccounted => Build\PartAccounted::class,
            self::LinkNoted => Screws\LinkNoted::class,
            self::TestDone => BenchTest\TestDone::class,
            self::CheckPromised => Promises\CheckPromised::class,
            self::PromiseKept => Promises\PromiseKept::class,
            self::ClockStarted => Clocks\ClockStarted::class,
            self::ClockEnded => Clocks\ClockEnded::class,
            self::ThingTouched => Stale\ThingTouched::class,
            self::HoldTested => BenchTest\HoldTested::class,
            self::LeakIsolated => LeakMap\LeakIsolated::class,
            self::PopOffMeasured => Metering\PopOffMeasured::class,
            self::SpringMeasured => Metering\SpringMeasured::class,
            self::SpringShortened => Metering\SpringShortened::class,
            self::LeverMeasured => Metering\LeverMeasured::class,
            self::FloatMeasured => FloatLevel\FloatMeasured::class,
            self::FloatSighted => FloatLevel\FloatSighted::class,
            self::FloatWeighed => FloatLevel\FloatWeighed::class,
            self::CheckValveTested => Flow\CheckValveTested::class,
            self::DeliveryMeasured => Flow\DeliveryMeasured::class,
            self::ScrewCapped => Screws\ScrewCapped::class,
            self::ScrewSet => Screws\ScrewSet::class,
            self::GovernedSpeedRead => Governing\GovernedSpeedRead::class,
            self::StartTried => Starting\StartTried::class,
            self::IdleRead => Idling\IdleRead::class,
            self::ReferenceNamed => Balancing\ReferenceNamed::class,
            self::BankRead => Balancing\BankRead::class,
            self::BalanceTurned => Balancing\BalanceTurned::class,
            self::SchoolChosen => Run\SchoolChosen::class,
            self::SpeedRead => Run\SpeedRead::class,
            self::CheckDone => HandBack\CheckDone::class,
            self::StaleOverridden => Stale\StaleOverridden::class,
            self::FindingNoted => Intake\FindingNoted::class,
            self::CheckAnswered => Intake\CheckAnswered::class,
            self::FaultRepaired => Intake\FaultRepaired::class,
            self::FlowStepped => Intake\FlowStepped::class,
            self::PhotoTaken => Photos\PhotoTaken::class,
            self::PhotoPinned => Photos\PhotoPinned::class,
            self::WaitBegan => Waits\WaitBegan::class,
            self::WaitEnded => Waits\WaitEnded::class,
            self::CarburetorReplaced => Clean\CarburetorReplaced::class,
            self::ReturnedUnrepaired => HandBack\ReturnedUnrepaired::class,
            self::HandedBack => HandBack\HandedBack::class,
            self::Struck => Notes\Struck::class,
        };
    }

    /** @throws \DustyJet\Rejected If a value in it cannot be. */
    public static function actOf(Entry $entry): Act
    {
        \assert($entry->kind instanceof self);

        return $entry->kind->act()::of($entry->payload);
    }

    public function name(): string
    {
        return $this->value;
    }

    public function shape(): Shape
    {
        /** @var array<string, Shape> $known made once each: a long log asks ten thousand times */
        static $known = [];

        return $known[$this->value] ??= $this->act()::shape();
    }

    public function commutes(): bool
    {
        return ! is_subclass_of($this->act(), Exclusive::class);
    }

    public function isStrike(): bool
    {
        return $this->act() === Notes\Struck::class;
    }
}
