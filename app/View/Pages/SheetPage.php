<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\SheetStamp;
use App\View\Log\LogLine;
use App\View\Numbers;
use App\View\Sheet\CutawayState;
use App\View\Sheet\EntryForm;
use App\View\Sheet\FuelLine;
use App\View\Sheet\JobHead;
use App\View\Sheet\NextMove;
use App\View\Sheet\NextPlate;
use App\View\Sheet\PhotoCard;
use App\View\Sheet\RecordForm;
use App\View\Stations\HasTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\Works;
use DateTimeImmutable;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Station;
use Illuminate\Support\Facades\Date;

/** The job sheet at one station. */
final readonly class SheetPage
{
    private const LATEST = 6;

    /**
     * @param  list<LogLine>  $ribbon the latest entries
     * @param  list<PhotoCard>  $photos
     */
    private function __construct(
        public string $title,
        public JobHead $job,
        public Station $station,
        public FuelLine $line,
        public StationWork $work,
        public NextPlate $plate,
        public ?CutawayState $cutaway,
        public EntryForm $form,
        public array $ribbon,
        public array $photos,
        public string $clockNote,
        public RecordForm $record,
    ) {
    }

    /**
     * @param  string  $asked the screw or the tab asked for; empty for what is to be done next
     */
    public static function of(SheetView $view, string $asked, bool $isCoached): self
    {
        $screw = NextMove::inHand($view, $asked);
        $work = Works::at($view, $screw);

        return new self(
            title: "{$view->job->number} {$view->station->label()}",
            job: JobHead::of($view->job, $view->sheet),
            station: $view->station,
            line: FuelLine::of($view),
            work: $work,
            plate: NextPlate::of($view, $isCoached, $screw),
            cutaway: $work->fillsTheSheet() ? null : CutawayState::of($view, $work),
            form: new EntryForm($view->address, $view->sheet->log->length(), $view->station->value, self::tab($work)),
            ribbon: LogLine::latest($view->sheet, self::LATEST),
            photos: PhotoCard::all($view),
            clockNote: self::clockNote($view->sheet->log),
            record: RecordForm::of($view->sheet, $view->station),
        );
    }

    /** The log stays in the order in which it was written, whatever the clock says; but it is said. */
    private static function clockNote(Log $log): string
    {
        $last = array_reduce(
            $log->entries,
            static fn (?DateTimeImmutable $latest, Entry $e): DateTimeImmutable => max($latest ?? $e->at, $e->at),
        );
        $isBehind = $last !== null && $last->getTimestamp() > Date::now()->getTimestamp() + SheetStamp::CLOCKS_DIFFER_BY;

        return $isBehind
            ? 'The clock of the server stands before '.Numbers::day($last, Date::now()).', when something was logged here.'
            : '';
    }

    private static function tab(StationWork $work): string
    {
        return $work instanceof HasTabs ? $work->shownTab() : '';
    }
}
