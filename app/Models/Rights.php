<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Connection;

/** What the application's role may do with each table, given by their owner after every migration, and nothing beside. */
final readonly class Rights
{
    private const APPEND = 'select, insert';

    private const KEEP = 'select, insert, update';

    private const USE = 'select, insert, update, delete';

    /** @var array<string, string> by table; one that is not here cannot be read */
    public const ALL = [
        'entries' => self::APPEND,
        'traces' => self::APPEND,
        'photos' => self::APPEND,
        'samples' => self::APPEND,
        'security_events' => self::APPEND,
        'sign_ins' => self::KEEP,
        'jobs' => self::KEEP,
        'people' => self::KEEP,
        'live_runs' => self::KEEP,
        'report_links' => self::KEEP,
        'instruments' => self::USE,
        'sessions' => self::USE,
        'cache' => self::USE,
        'cache_locks' => self::USE,
    ];

    /** Where one role is both owner and application, as on a server of one's own making, it keeps what it has. */
    public static function give(Connection $owner, string $role): void
    {
        if ($owner->scalar('select current_user') === $role) {
            return;
        }
        $to = '"'.str_replace('"', '""', $role).'"';
        $owner->transaction(static function () use ($owner, $to): void {
            $owner->statement("grant usage on schema public to {$to}");
            $owner->statement("revoke all on all tables in schema public from {$to}");
            $owner->statement("grant usage on all sequences in schema public to {$to}");
            foreach (self::ALL as $table => $may) {
                $owner->statement("grant {$may} on {$table} to {$to}");
            }
        });
    }
}
