<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use App\View\Numbers;
use DustyJet\Worksheet\Screws\LinkNoted;
use DustyJet\Worksheet\Screws\ScrewCapped;
use DustyJet\Worksheet\Screws\ScrewCounted;
use DustyJet\Worksheet\Screws\ScrewSet;

final readonly class ScrewWords implements RoomWords
{
    public static function table(): array
    {
        return [
            ScrewCounted::class => static fn (ScrewCounted $act, Names $names): Phrase => new Phrase(
                "{$names->screw($act->adjuster)} as found: ", Numbers::turns($act->turns),
            ),
            ScrewSet::class => static fn (ScrewSet $act, Names $names): Phrase => new Phrase(
                $names->screw($act->adjuster).($act->isLeft() ? ' left at ' : ' set to '), Numbers::turns($act->turns),
            ),
            ScrewCapped::class => static fn (ScrewCapped $act, Names $names): Phrase => new Phrase(
                "{$names->screw($act->adjuster)}, limiter cap: ",
                Numbers::turns($act->caps->from).' to '.Numbers::turns($act->caps->to),
            ),
            LinkNoted::class => static fn (LinkNoted $act, Names $names): Phrase => new Phrase(
                ($names->family->teardown->links[$act->link] ?? 'Linkage').' ', $act->text,
            ),
        ];
    }
}
