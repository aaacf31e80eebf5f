<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Facades\Date;
use stdClass;

/**
 * Sessions in the database, so that any server of a shop knows them; written only when they changed or grew a minute old:
 * most requests only read theirs.
 */
final class DatabaseSession extends DatabaseSessionHandler
{
    private const FRESH_SECONDS = 60;

    private ?string $stored = null;

    private int $storedAt = 0;

    public function read($sessionId): string
    {
        $row = $this->getQuery()->find($sessionId);
        $this->setExists($row instanceof stdClass);
        if (! $row instanceof stdClass || $this->expired($row) || ! is_string($row->payload) || ! is_int($row->last_activity)) {
            $this->stored = null;

            return '';
        }
        $this->storedAt = $row->last_activity;

        return $this->stored = (string) base64_decode($row->payload, true);
    }

    public function write($sessionId, $data): bool
    {
        $isKept = $this->stored === $data && $this->storedAt > Date::now()->getTimestamp() - self::FRESH_SECONDS;

        return $isKept || parent::write($sessionId, $data);
    }
}
