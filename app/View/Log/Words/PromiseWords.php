<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Promises\CheckPromised;
use DustyJet\Worksheet\Promises\PromiseKept;

final readonly class PromiseWords implements RoomWords
{
    public static function table(): array
    {
        return [
            CheckPromised::class => static fn (CheckPromised $act): Phrase => new Phrase('Put off: ', $act->what),
            PromiseKept::class => static fn (PromiseKept $act): Phrase => new Phrase('Done after all: ', $act->result),
        ];
    }
}
