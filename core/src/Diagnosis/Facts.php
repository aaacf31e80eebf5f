<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

use DateTimeImmutable;

/** What is known of storage, fuel and season. Each may be unknown. */
final readonly class Facts
{
    private const LONGEST_DAYS = 36500;

    private const DAYS = ['fuel_age_days', 'stored_days'];

    private const DATES = ['received_on', 'fuel_bought_on', 'last_run_on'];

    public function __construct(
        public ?int $fuelAgeDays = null,
        public ?int $storedDays = null,
        public ?Season $season = null,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $given days as whole numbers, dates as 2026-04-12, season as a word
     *
     * @throws UnusableCase If a fact is unknown or cannot be.
     */
    public static function of(array $given): self
    {
        $days = $dates = [];
        $season = null;
        foreach ($given as $name => $value) {
            if ($value === null) {
                continue;
            }
            match (true) {
                in_array($name, self::DAYS, true) => ($days[$name] = self::days($name, $value)),
                in_array($name, self::DATES, true) => ($dates[$name] = self::date($name, $value)),
                $name === 'season' => ($season
                    = (is_string($value) ? Season::tryFrom($value) : null)
                    ?? throw UnusableCase::fact('season', 'is winter, spring, summer or autumn')),
                default => throw UnusableCase::unknown('fact', (string) $name),
            };
        }
        $received = $dates['received_on'] ?? null;

        return new self(
            $days['fuel_age_days'] ?? self::between('fuel_bought_on', $dates, $received),
            $days['stored_days'] ?? self::between('last_run_on', $dates, $received),
            $season ?? ($received === null ? null : Season::on($received)),
        );
    }

    /**
     * The factor of the highest threshold reached; 1 when the fact is unknown.
     *
     * @param  array<array-key, float>  $factors by days from which they hold, or by season
     */
    public function factor(string $fact, array $factors): float
    {
        if ($fact === 'season') {
            return $this->season === null ? 1.0 : $factors[$this->season->value] ?? 1.0;
        }
        $days = $fact === 'fuel_age_days' ? $this->fuelAgeDays : $this->storedDays;
        $factor = 1.0;
        foreach ($factors as $from => $value) {
            if ($days !== null && $days >= (int) $from) {
                $factor = $value;
            }
        }

        return $factor;
    }

    private static function days(string $name, mixed $value): int
    {
        return is_int($value) && $value >= 0 && $value <= self::LONGEST_DAYS
            ? $value
            : throw UnusableCase::fact($name, 'is a whole number of days, 0 to '.self::LONGEST_DAYS);
    }

    private static function date(string $name, mixed $value): DateTimeImmutable
    {
        $date = is_string($value) ? DateTimeImmutable::createFromFormat('!Y-m-d', $value) : false;

        return $date !== false && $date->format('Y-m-d') === $value
            ? $date
            : throw UnusableCase::fact($name, 'is a date of the calendar, like 2026-04-12');
    }

    /** @param  array<string, DateTimeImmutable>  $dates */
    private static function between(string $name, array $dates, ?DateTimeImmutable $received): ?int
    {
        $from = $dates[$name] ?? null;
        if ($from === null) {
            return null;
        }
        if ($received === null) {
            throw UnusableCase::fact($name, 'needs received_on beside it');
        }
        $days = (int) $from->diff($received)->format('%r%a');

        return $days >= 0 && $days <= self::LONGEST_DAYS
            ? $days
            : throw UnusableCase::fact($name, 'lies after the day the machine came in');
    }
}
