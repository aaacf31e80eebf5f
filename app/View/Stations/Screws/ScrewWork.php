<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\Models\ScrewHistory;
use App\View\Charts\DialFace;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Carburetor\Station;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\LinkNotes;

/** One screw at a time under the dial: counted in as found, or set to the book. */
final readonly class ScrewWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{name: string, value: string, from: string}>  $compare the same screw elsewhere
     * @param  list<array{link: string, ask: string, text: string, entry: string}>  $links rods, springs and hoses, and notes of them
     */
    private function __construct(
        public array $tabs,
        public DialFace $dial,
        public string $kind,
        public string $verb,
        public string $story,
        public string $senseNote,
        public array $compare,
        public array $links,
        public string $linksNoted,
    ) {
    }

    public static function of(SheetView $view, string $screw): self
    {
        $counting = $view->station === Station::AsFound;
        $tabs = ScrewTabs::of($view, $screw);
        $chosen = $tabs->chosen;
        $noted = $view->sheet->of(LinkNotes::class)->all;

        return new self(
            tabs: $tabs->tabs,
            dial: DialFace::of($chosen, $counting ? $chosen->found : $chosen->set ?? $chosen->adjuster->book->turns),
            kind: $counting ? 'screw_counted' : 'screw_set',
            verb: match ($view->station) {
                Station::AsFound => 'Counted in',
                Station::Set => 'Set',
                default => 'Leave it here',
            },
            story: self::story($chosen, $counting),
            senseNote: self::senseNote($chosen),
            compare: self::compare($chosen, $view->records->screws),
            links: $counting ? self::links($view) : [],
            linksNoted: count($noted).' of '.count($view->sheet->family->teardown->links).' noted',
        );
    }

    public function view(): string
    {
        return 'stations.screws.work';
    }

    private static function story(AdjusterState $state, bool $counting): string
    {
        $found = Numbers::turns($state->found);
        $book = Numbers::turns($state->adjuster->book->turns);

        return match (true) {
            $state->isFoundFarOut() => "Found {$found}, book {$book}: ".self::farOut($state),
            $counting => 'Turn it in by half turns until lightly seated, tapping once each. Force ruins the tip.',
            default => "From lightly seated, out to the book: {$book}, {$state->adjuster->book->provenance}. Found {$found}.",
        };
    }

    /** What a screw this far from the book usually means. Common practice. */
    private static function farOut(AdjusterState $state): string
    {
        $isOut = ($state->found?->inTurns() ?? 0.0) > $state->adjuster->book->turns->inTurns();
        $isRich = $isOut === $state->adjuster->sense->outIsRicher();

        return match (true) {
            ! $state->adjuster->isMixture => 'far from the book. '
                .'Someone held up an idle that something else pulls down.',
            $isRich => 'far richer. '
                .'It was opened to make up for a blocked passage or an air leak: clean, do not copy it.',
            default => 'far leaner. Flooding or a rich circuit was being hidden: look at needle and level first.',
        };
    }

    /** @return list<array{name: string, value: string, from: string}> the book is on the dial */
    private static function compare(AdjusterState $state, ScrewHistory $history): array
    {
        $shop = $history->ofShop[$state->adjuster->key] ?? null;
        $machine = $history->ofMachine[$state->adjuster->key] ?? null;
        $compare = [];
        if ($shop !== null) {
            $from = "median of {$shop['jobs']} jobs";
            $compare[] = ['name' => 'This shop leaves', 'value' => self::said($shop['turns']), 'from' => $from];
        }
        if ($machine !== null) {
            $value = self::said($machine['turns']);
            $compare[] = ['name' => 'This machine, last', 'value' => $value, 'from' => $machine['number']];
        }

        return $compare;
    }

    private static function said(Turns $turns): string
    {
        return Numbers::turns($turns).($turns->inTurns() > 1.0 ? ' turns' : ' turn');
    }

    /** @return list<array{link: string, ask: string, text: string, entry: string}> */
    private static function links(SheetView $view): array
    {
        $noted = $view->sheet->of(LinkNotes::class)->all;
        $links = [];
        foreach ($view->sheet->family->teardown->links as $link => $ask) {
            $note = $noted[$link] ?? null;
            $links[] = ['link' => $link, 'ask' => $ask, 'text' => $note->text ?? '', 'entry' => $note->entryId ?? ''];
        }

        return $links;
    }

    private static function senseNote(AdjusterState $state): string
    {
        $sense = $state->adjuster->sense;
        $hint = $state->adjuster->hint === null ? '' : " {$state->adjuster->hint}.";
        if (! $state->adjuster->isMixture) {
            return 'Stop screw: counted from touching the cam. In is faster.';
        }

        return ucfirst($sense->value)." screw: out is {$sense->turningOut()}, in is {$sense->turningIn()}.{$hint}";
    }
}
