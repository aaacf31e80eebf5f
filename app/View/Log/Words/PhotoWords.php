<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Photos\PhotoPinned;
use DustyJet\Worksheet\Photos\PhotoTaken;

final readonly class PhotoWords implements RoomWords
{
    public static function table(): array
    {
        return [
            PhotoTaken::class => static fn (PhotoTaken $act): Phrase => new Phrase(
                'Photo: ',
                $act->caption ?? 'no caption',
            ),
            PhotoPinned::class => static fn (PhotoPinned $act): Phrase => new Phrase('Pin: ', $act->text),
        ];
    }
}
