<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use App\View\Stations\Run\MayRun;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Caution;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Stale\StaleItem;
use DustyJet\Worksheet\Stale\Staleness;

/** The plate beside the work: the next move, what must be taken again, the caution of the moment and the book. */
final readonly class NextPlate
{
    /** Stations by whose sheet an engine is run. */
    private const RUNS = [Station::Intake, Station::Run, Station::HandBack];

    /**
     * @param  list<NextMove>  $others
     * @param  list<array{what: string, because: string, minutes: int, href: string}>  $stale
     * @param  list<BookValue>  $book
     * @param  bool  $mustBeFresh whether it proposes what something logged meanwhile could forbid
     */
    private function __construct(
        public ?NextMove $next,
        public array $others,
        public ?CoachCard $coach,
        public array $stale,
        public ?Caution $caution,
        public array $book,
        public ComeBack $comeBack,
        public bool $mustBeFresh,
    ) {
    }

    /** @param  string  $screw the one in hand; empty for the first that is open */
    public static function of(SheetView $view, bool $isCoached, string $screw = ''): self
    {
        $moves = NextMove::all($view, $screw);
        $stale = $view->sheet->of(Staleness::class)->items();

        return new self(
            next: $moves[0] ?? null,
            others: array_slice($moves, 1),
            coach: $isCoached ? CoachCard::of($view->sheet, $view->station) : null,
            stale: array_map(static fn (StaleItem $s): array => self::stale($view, $s), $stale),
            caution: self::danger($view) ?? self::caution($view),
            book: BookValue::all($view->sheet, $view->station),
            comeBack: ComeBack::of($view),
            mustBeFresh: self::mustBeFresh($view),
        );
    }

    private static function mustBeFresh(SheetView $view): bool
    {
        $canBeForbidden = array_filter($view->moves, static fn (Move $m): bool => $m->does !== []) !== [];

        return $canBeForbidden || in_array($view->station, self::RUNS, true);
    }

    /** @return array{what: string, because: string, minutes: int, href: string} */
    private static function stale(SheetView $view, StaleItem $item): array
    {
        return [
            'what' => $item->what,
            'because' => "{$item->because}, ".Numbers::clock($item->since),
            'minutes' => $item->minutes,
            'href' => $view->to($item->station),
        ];
    }

    /** What is dangerous whatever station is open. */
    private static function danger(SheetView $view): ?Caution
    {
        $stands = $view->safety->against(MayRun::DEEDS);

        return $stands?->danger === null ? null : new Caution(...$view->catalogue->cautions[$stands->danger]);
    }

    /** Of what is in hand, else of the station. */
    private static function caution(SheetView $view): ?Caution
    {
        $family = $view->sheet->family;
        $next = $view->plainMoves[0] ?? null;
        $looksHere = $next?->key === 'inspect' && $next->station === $view->station;
        $ofLook = $looksHere ? $family->teardown->inspections[$next->target]->caution ?? null : null;

        return $family->guidance->cautions[$ofLook ?? $family->guidance->hazards[$view->station->value] ?? ''] ?? null;
    }
}
