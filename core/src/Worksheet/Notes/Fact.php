<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Notes;

use DustyJet\Carburetor\Station;
use DustyJet\Metering\JetBore;

/** What a good bench notebook holds beside what is measured, each with the station where it is seen. Common practice. */
enum Fact: string
{
    case Attempt = 'attempt';
    case ManualAgainstMachine = 'manual_against_machine';
    case ChokeType = 'choke_type';
    case SealedScrew = 'sealed_screw';
    case HeatNearHose = 'heat_near_hose';
    case TestPlace = 'test_place';
    case JetBored = 'jet_bored';
    case NeedleTip = 'needle_tip';
    case SeatMaterial = 'seat_material';
    case OldAgainstNew = 'old_against_new';
    case DonorPart = 'donor_part';
    case KitUsed = 'kit_used';
    case GasketMatched = 'gasket_matched';
    case Sealant = 'sealant';
    case Retrofit = 'retrofit';
    case LayUp = 'lay_up';
    case NextService = 'next_service';

    public function title(): string
    {
        return match ($this) {
            self::Attempt => 'Attempt number',
            self::ManualAgainstMachine => 'Manual against machine',
            self::ChokeType => 'Choke type',
            self::SealedScrew => 'Sealed or capped screw',
            self::HeatNearHose => 'Heat near a hose',
            self::TestPlace => 'Where and how it was tested',
            self::JetBored => 'Jet bored, before and after',
            self::NeedleTip => 'Needle tip, material',
            self::SeatMaterial => 'Seat, material',
            self::OldAgainstNew => 'Old part against new',
            self::DonorPart => 'Part from a donor',
            self::KitUsed => 'Kit used',
            self::GasketMatched => 'Gasket matched with',
            self::Sealant => 'Sealant, and where',
            self::Retrofit => 'Filter or tap retrofitted',
            self::LayUp => 'Before it is laid up',
            self::NextService => 'Next service',
        };
    }

    /** What one might write. */
    public function example(): string
    {
        return match ($this) {
            self::Attempt => 'third shop, second kit',
            self::ManualAgainstMachine => 'manual says 1 1/2, this body has no stop',
            self::ChokeType => 'plate, slide, primer or automatic',
            self::SealedScrew => 'limiter cap on L, left on',
            self::HeatNearHose => 'hose 10 mm from the muffler',
            self::TestPlace => 'on the bench, as it hangs',
            self::JetBored => '0.62 mm before, 0.66 after',
            self::NeedleTip => 'rubber',
            self::SeatMaterial => 'brass, pressed in',
            self::OldAgainstNew => 'new diaphragm 0.1 mm stiffer',
            self::DonorPart => 'bowl of a scrapped one',
            self::KitUsed => 'full kit, needle left over',
            self::GasketMatched => 'the old one, hole by hole',
            self::Sealant => 'none; grease on the drain ring',
            self::Retrofit => 'inline filter and tap',
            self::LayUp => 'tap off, run dry, cord to compression',
            self::NextService => 'spring, or 50 hours',
        };
    }

    public function station(): Station
    {
        return match ($this) {
            self::Attempt, self::ManualAgainstMachine => Station::Intake,
            self::ChokeType, self::SealedScrew => Station::AsFound,
            self::HeatNearHose => Station::Strip,
            self::TestPlace => Station::BenchTest,
            self::JetBored, self::NeedleTip, self::SeatMaterial, self::OldAgainstNew => Station::Clean,
            self::DonorPart, self::KitUsed, self::GasketMatched, self::Sealant => Station::Build,
            self::Retrofit, self::LayUp, self::NextService => Station::HandBack,
        };
    }

    /** What follows from what was written: of a jet's bore, how much more it passes. */
    public function follows(string $text): ?string
    {
        return $this === self::JetBored ? JetBore::read($text)?->said() : null;
    }

    /** Whether it is advice to the customer, not a fact for whoever repairs it next. */
    public function isAdvice(): bool
    {
        return $this === self::LayUp || $this === self::NextService;
    }
}
