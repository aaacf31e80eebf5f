<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\Models\ScrewHistory;
use App\View\Charts\DialFace;
use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\AdjusterState;
use DustyJet\Worksheet\Worksheet;

/** One screw at a time under the dial: counted in as found, or set to the book. */
final readonly class ScrewWork
{
    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{name: string, value: string, from: string}>  $compare the same screw elsewhere; the book is on the dial
     * @param  list<array{link: string, ask: string, text: string, entry: string}>  $links rods, springs and hoses, with what was noted of them
     */
    public function __construct(public array $tabs, public DialFace $dial, public string $kind, public string $verb, public string $story, public string $senseNote, public array $compare, public array $links, public string $linksNoted)
    {
    }

    public static function of(Job $job, Worksheet $sheet, Station $station, string $screw): self
    {
        $counting = $station === Station::AsFound;
        $chosen = self::choose($sheet, $screw, static fn (AdjusterState $s): bool => match ($station) {
            Station::AsFound => $s->found, Station::Set => $s->set, default => $s->left
        } === null);
        $tabs = [];
        foreach ($sheet->adjusters as $key => $state) {
            $value = match ($station) {
                Station::AsFound => $state->found,
                Station::Set => $state->set,
                default => $state->left,
            };
            $tabs[] = ['key' => $key, 'name' => str_replace([' screw', ' needle'], '', $state->adjuster->name), 'note' => $value === null ? ($counting ? 'to count' : 'to set') : Numbers::turns($value).' turns', 'href' => route('stations.show', [$job, $station->value, 'screw' => $key]), 'selected' => $key === $chosen->adjuster->key];
        }

        return new self(
            tabs: $tabs,
            dial: DialFace::of($chosen, $counting ? $chosen->found : $chosen->set ?? $chosen->adjuster->baseline),
            kind: $counting ? 'screw_counted' : 'screw_set',
            verb: match ($station) {
                Station::AsFound => 'Counted in',
                Station::Set => 'Set',
                default => 'Leave it here',
            },
            story: self::story($chosen, $counting),
            senseNote: self::senseNote($chosen),
            compare: self::compare($chosen, ScrewHistory::around($job)),
            links: $counting ? self::links($sheet) : [],
            linksNoted: count($sheet->rebuild->linkNotes).' of '.count($sheet->family->links).' noted',
        );
    }

    /** @param  callable(AdjusterState): bool  $isOpen */
    public static function choose(Worksheet $sheet, string $screw, callable $isOpen): AdjusterState
    {
        $open = array_values(array_filter($sheet->adjusters, $isOpen));
        $all = array_values($sheet->adjusters);

        return $sheet->adjusters[$screw] ?? $open[0] ?? $all[0];
    }

    private static function story(AdjusterState $state, bool $counting): string
    {
        if ($state->isFoundFarOut()) {
            return 'Found '.Numbers::turns($state->found).', book '.Numbers::turns($state->adjuster->baseline).': '.self::farOut($state);
        }

        return $counting
            ? 'Turn it in by half turns until lightly seated, tapping once each. Force ruins the tip.'
            : 'From lightly seated, out to the book: '.Numbers::turns($state->adjuster->baseline).', '.$state->adjuster->provenance.'. Found '.Numbers::turns($state->found).'.';
    }

    /** What a screw this far from the book usually means. Common practice. */
    private static function farOut(AdjusterState $state): string
    {
        $isOut = ($state->found?->inTurns() ?? 0.0) > $state->adjuster->baseline->inTurns();
        $isRich = $isOut === $state->adjuster->sense->outIsRicher();

        return match (true) {
            ! $state->adjuster->isMixture => 'far from the book. Someone held up an idle that something else pulls down.',
            $isRich => 'far richer. It was opened to make up for a blocked passage or an air leak: clean, do not copy it.',
            default => 'far leaner. Flooding or a rich circuit was being hidden: look at needle and level first.',
        };
    }

    /** @return list<array{name: string, value: string, from: string}> */
    private static function compare(AdjusterState $state, ScrewHistory $history): array
    {
        $key = $state->adjuster->key;
        $shop = $history->ofShop[$key] ?? null;
        $machine = $history->ofMachine[$key] ?? null;
        $said = static fn (Turns $t): string => Numbers::turns($t).($t->inTurns() > 1.0 ? ' turns' : ' turn');

        return array_values(array_filter([
            $shop === null ? null : ['name' => 'This shop leaves', 'value' => $said($shop['turns']), 'from' => "median of {$shop['jobs']} jobs"],
            $machine === null ? null : ['name' => 'This machine, last', 'value' => $said($machine['turns']), 'from' => $machine['number']],
        ]));
    }

    /** @return list<array{link: string, ask: string, text: string, entry: string}> */
    private static function links(Worksheet $sheet): array
    {
        return array_map(static fn (string $link, string $ask): array => ['link' => $link, 'ask' => $ask, 'text' => $sheet->rebuild->linkNotes[$link]->text ?? '', 'entry' => $sheet->rebuild->linkNotes[$link]->entryId ?? ''], array_keys($sheet->family->links), $sheet->family->links);
    }

    private static function senseNote(AdjusterState $state): string
    {
        $adjuster = $state->adjuster;
        if (! $adjuster->isMixture) {
            return 'Stop screw: counted from touching the cam. In is faster.';
        }

        return ucfirst($adjuster->sense->value)." screw: out is {$adjuster->sense->turningOut()}, in is {$adjuster->sense->turningIn()}.".($adjuster->hint === null ? '' : " {$adjuster->hint}.");
    }
}
