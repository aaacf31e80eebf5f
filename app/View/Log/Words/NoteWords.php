<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Notes\NoteAdded;
use DustyJet\Worksheet\Notes\Struck;

final readonly class NoteWords implements RoomWords
{
    public static function table(): array
    {
        return [
            NoteAdded::class => static fn (NoteAdded $act): Phrase => $act->fact() === null
                ? new Phrase("Note: {$act->text}")
                : new Phrase("{$act->fact()->title()}: ", $act->text),
            Struck::class => static fn (Struck $act): Phrase => new Phrase(
                'Struck an entry'.($act->reason === null ? '' : ": {$act->reason}"),
            ),
        ];
    }
}
