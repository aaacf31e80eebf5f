<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\QueryException;

/** What a failed query is in the log: its words and its state, without the values that were in it. */
final class DatabaseFailed extends \RuntimeException
{
    public static function of(QueryException $failed): self
    {
        return new self("SQLSTATE {$failed->getCode()} at: {$failed->getSql()}");
    }
}
