<?php

declare(strict_types=1);

namespace App\View\Stations\Screws;

use App\View\Charts\DialFace;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Run\RunTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\TalksOfAPart;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\LinkNotes;

/** One screw at a time under the dial: counted in as found, or set to the book. */
final readonly class ScrewWork implements StationWork, TalksOfAPart
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<StartFrom>  $starts the same screw by the book, as found and elsewhere
     * @param  bool  $canStart whether it is set from one of them here
     * @param  list<array{link: string, ask: string, text: string, entry: string}>  $links rods, springs and hoses, and notes of them
     */
    private function __construct(
        public array $tabs,
        public DialFace $dial,
        public string $kind,
        public string $verb,
        public string $story,
        public string $senseNote,
        public array $starts,
        public bool $canStart,
        public array $links,
        public string $linksNoted,
        public CapForm $cap,
    ) {
    }

    public static function of(SheetView $view, string $screw): self
    {
        $counting = $view->station === Station::AsFound;
        $tabs = ScrewTabs::of($view, $screw);
        $chosen = $tabs->chosen;
        $noted = $view->sheet->of(LinkNotes::class)->all;

        return new self(
            tabs: $view->station === Station::Run ? RunTabs::of($view, $tabs) : $tabs->tabs,
            dial: DialFace::of($chosen, $counting ? $chosen->found : $chosen->set ?? $chosen->start()),
            kind: $counting ? 'screw_counted' : 'screw_set',
            verb: match ($view->station) {
                Station::AsFound => $chosen->adjuster->datum()->countsIn() ? 'Counted out' : 'Counted in',
                Station::Set => 'Set',
                default => 'Leave it here',
            },
            story: self::story($chosen, $counting),
            senseNote: self::senseNote($chosen),
            starts: StartFrom::all($chosen, $view->records->screws, $view->station === Station::Set),
            canStart: $view->station === Station::Set,
            links: $counting ? self::links($view) : [],
            cap: CapForm::of($chosen, $view->station),
            linksNoted: count($noted).' of '.count($view->sheet->family->teardown->links).' noted',
        );
    }

    public function part(): string
    {
        return $this->dial->screw->part;
    }

    public function view(): string
    {
        return 'stations.screws.work';
    }

    private static function story(AdjusterState $state, bool $counting): string
    {
        $found = Numbers::found($state->found);
        $book = Numbers::book($state->adjuster->book);

        return match (true) {
            $state->isFoundFarOut() => "Found {$found}, book {$book}: ".self::farOut($state),
            $counting => $state->adjuster->datum()->counting(),
            default => "{$state->adjuster->datum()->setting()} {$book}, {$state->adjuster->book->provenance}. "
                .($state->found === null ? 'It was not counted as found.' : "Found {$found}."),
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
            return 'Stop screw: no seat. Counted in from where it touches the cam; in is faster.';
        }

        return ucfirst($sense->value)." screw: out is {$sense->turningOut()}, in is {$sense->turningIn()}.{$hint}";
    }
}
