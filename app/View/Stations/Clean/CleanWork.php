<?php

declare(strict_types=1);

namespace App\View\Stations\Clean;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\TalksOfAPart;
use DustyJet\Carburetor\Clock;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\Clean\PartNeeded;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\Clocks\Clocks;
use DustyJet\Worksheet\Starting\Starting;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** Every part by its criterion, the passage map, the clocks that run, and the parts list that comes of it. */
final readonly class CleanWork implements StationWork, TalksOfAPart
{
    use BesideTheDrawing;

    /**
     * @param  InspectionCard|null  $open the one under the lens
     * @param  list<LookRow>  $parts still to look at
     * @param  list<LookRow>  $passages still to look at
     * @param  list<LookRow>  $judged looked at
     * @param  array<string, string>  $left what it is to be looked at for, by inspection
     * @param  list<ClockCard>  $clocks
     * @param  list<Clock>  $mayStart
     * @param  list<PartNeeded>  $needed
     * @param  list<string>  $lacks what the usual kit has not
     * @param  list<string>  $tools
     */
    private function __construct(
        public ?InspectionCard $open,
        public array $parts,
        public array $passages,
        public array $judged,
        public bool $isJudgedOpen,
        public array $left,
        public array $clocks,
        public array $mayStart,
        public array $needed,
        public array $lacks,
        public array $tools,
        public string $keepDry,
        public string $count,
    ) {
    }

    /** @param  string  $look the part asked for; empty for the first that is open */
    public static function of(SheetView $view, string $look): self
    {
        $sheet = $view->sheet;
        $inspections = Inspections::on($sheet->bench);
        $open = $inspections->all[$look] ?? array_values($inspections->open())[0] ?? null;
        $rows = LookRow::all($view, $inspections->all, $open);
        $state = $sheet->stations[Station::Clean->value];

        return new self(
            open: $open === null ? null : InspectionCard::of($sheet, $open),
            parts: array_values(array_filter($rows, static fn (LookRow $r): bool => ! $r->isJudged && ! $r->isPassage)),
            passages: array_values(array_filter($rows, static fn (LookRow $r): bool => ! $r->isJudged && $r->isPassage)),
            judged: array_values(array_filter($rows, static fn (LookRow $r): bool => $r->isJudged)),
            isJudgedOpen: array_filter($rows, static fn (LookRow $r): bool => $r->isJudged && $r->isOpen) !== [],
            left: self::left($sheet, $inspections),
            clocks: array_map(ClockCard::of(...), $sheet->of(Clocks::class)->running()),
            mayStart: array_values(array_diff_key($sheet->family->guidance->clocks, [Starting::CLOCK => true])),
            needed: PartsList::of($sheet->bench),
            lacks: array_map(InSentence::name(...), $sheet->family->teardown->kit->lacks),
            tools: array_map(InSentence::name(...), $sheet->family->teardown->tools),
            keepDry: self::keepDry($sheet->of(Parts::class)->build->tray->plan),
            count: "{$state->done} of {$state->of} looked at",
        );
    }

    public function part(): ?string
    {
        return $this->open === null || $this->open->on === '' ? null : $this->open->on;
    }

    public function view(): string
    {
        return 'stations.clean.work';
    }

    /** @return array<string, string> nothing while parts are still on that nobody can have looked at */
    private static function left(Worksheet $sheet, Inspections $inspections): array
    {
        return $sheet->of(Parts::class)->isStripped()
            ? array_map(static fn (Inspection $i): string => "{$i->do}: ".lcfirst($i->good), $inspections->open())
            : [];
    }

    private static function keepDry(StripPlan $plan): string
    {
        $dry = array_filter($plan->parts, static fn (TrayPart $p): bool => $p->heed->never !== null);

        return implode(', ', array_map(static fn (TrayPart $p): string => InSentence::name($p->name), $dry));
    }
}
