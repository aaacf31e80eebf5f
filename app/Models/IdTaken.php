<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** An id means one thing for good: what else comes under it is refused. */
final class IdTaken extends \RuntimeException implements Rejected
{
    public static function by(Entry $entry): self
    {
        $what = str_replace('_', ' ', $entry->kind->name());

        return new self(
            "This was sent under the id of another entry, \"{$what}\" by {$entry->by_name}. "
                .'Nothing of it was saved: open the job again and log it once more.',
        );
    }

    public static function withOther(string $what): self
    {
        return new self(
            "This was sent again with other {$what} than the first time. The first stand; open the job again and log these as new.",
        );
    }

    public function reason(): string
    {
        return 'id_taken';
    }
}
