<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** The nine stations a job passes, in working order. Any may be opened at any time. */
enum Station: string
{
    case Intake = 'intake';
    case AsFound = 'as-found';
    case Strip = 'strip';
    case BenchTest = 'bench-test';
    case Clean = 'clean';
    case Build = 'build';
    case Set = 'set';
    case Run = 'run';
    case HandBack = 'hand-back';

    public function number(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }

    public function label(): string
    {
        return match ($this) {
            self::Intake => 'Intake',
            self::AsFound => 'As found',
            self::Strip => 'Strip',
            self::BenchTest => 'Bench test',
            self::Clean => 'Clean & inspect',
            self::Build => 'Build',
            self::Set => 'Set',
            self::Run => 'Run',
            self::HandBack => 'Hand back',
        };
    }

    /** Planned minutes where the family does not say. Common practice. */
    public function minutes(): int
    {
        return match ($this) {
            self::Intake, self::Set => 5,
            self::AsFound => 8,
            self::Strip, self::Run => 15,
            self::BenchTest, self::HandBack => 10,
            self::Clean => 20,
            self::Build => 25,
        };
    }

    public function previous(): ?self
    {
        return self::cases()[$this->number() - 2] ?? null;
    }

    public function next(): ?self
    {
        return self::cases()[$this->number()] ?? null;
    }
}
