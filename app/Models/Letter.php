<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\BenchLog\Seen;

/** What stands on every entry that is sent: who wrote it, the id their device gave it, how much of the log they had seen. */
final readonly class Letter
{
    public function __construct(public Person $by, public string $id, public Seen $seen)
    {
    }

    public static function of(Person $by, string $id, int $seen): self
    {
        return new self($by, $id, new Seen($seen));
    }
}
