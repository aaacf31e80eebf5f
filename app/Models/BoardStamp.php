<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\Date;

/** All that the board of a reader stands on: while it is the same, the page that was printed is the same. */
final readonly class BoardStamp
{
    /** @param  string  $what of the same board at another time, or after something changed, another */
    private function __construct(public string $what)
    {
    }

    /**
     * The board tells the time by the minute.
     *
     * @param  string  $backup what it says of the last one
     */
    public static function of(Person $reader, string $backup): self
    {
        $moment = Date::now()->format('Y-m-d H:i');

        return new self(implode("\n", [Bench::digest(), $moment, $reader->name, $reader->role->value, $backup]));
    }
}
