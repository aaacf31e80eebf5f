<?php

declare(strict_types=1);

namespace App\Models;

use DateTimeImmutable;

/** The shop this program runs in, as its configuration has it. */
final readonly class Shop
{
    /** Only ever the demo's password, printed where the demo's people are one tap away. */
    public const DEMO_PASSWORD = 'brass-jet-demo';

    public static function name(): string
    {
        $name = config('shop.name');

        return is_string($name) ? $name : '';
    }

    /** Whether its people say 2:00 PM; else 14:00. */
    public static function hasTwelveHourClock(): bool
    {
        return config('shop.clock') === '12';
    }

    /** @return list<string> patterns of the host names it answers to; none for any */
    public static function hosts(): array
    {
        $names = array_filter(array_map(trim(...), explode(',', config()->string('shop.hosts', ''))));

        return array_values(array_map(static fn (string $n): string => '^'.preg_quote($n, '{').'$', $names));
    }

    /** When bin/backup last wrote this database away; null for never. */
    public static function lastBackup(): ?DateTimeImmutable
    {
        $note = base_path('var/last-backup-'.config()->string('database.connections.pgsql.database').'.json');
        $said = is_file($note) ? json_decode((string) file_get_contents($note), true) : null;
        $at = is_array($said) && is_string($said['at'] ?? null)
            ? DateTimeImmutable::createFromFormat('Y-m-d\TH:i:sp', $said['at'])
            : false;

        return $at === false ? null : $at;
    }

    /** Whether it is the invented one. */
    public static function isDemo(): bool
    {
        return config('shop.demo') === true;
    }
}
