<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Stale\StaleOverridden;
use DustyJet\Worksheet\Stale\ThingTouched;

final readonly class StaleWords implements RoomWords
{
    public static function table(): array
    {
        return [
            ThingTouched::class => static fn (ThingTouched $act): Phrase => new Phrase(
                'Touched: '.Names::plain($act->thing),
            ),
            StaleOverridden::class => static fn (StaleOverridden $act): Phrase => new Phrase(
                'Override of '.Names::plain($act->item).': ', $act->reason,
            ),
        ];
    }
}
