<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Log\LogLine;
use App\View\Sheet\CutawayState;
use App\View\Sheet\EntryForm;
use App\View\Sheet\FuelLine;
use App\View\Sheet\JobHead;
use App\View\Sheet\NextPlate;
use App\View\Sheet\PhotoCard;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\Works;
use DustyJet\Carburetor\Station;

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
    ) {
    }

    /**
     * @param  string  $screw the one asked for; empty for the first that is open
     * @param  string  $look the check or part asked for
     */
    public static function of(SheetView $view, string $screw, string $look, bool $isCoached): self
    {
        $work = Works::at($view, $screw, $look);

        return new self(
            title: "{$view->job->number} {$view->station->label()}",
            job: JobHead::of($view->job, $view->sheet),
            station: $view->station,
            line: FuelLine::of($view),
            work: $work,
            plate: NextPlate::of($view, $isCoached, $screw),
            cutaway: $work->fillsTheSheet() ? null : CutawayState::of($view, $work),
            form: new EntryForm($view->job, $view->sheet->log->length(), $view->station->value),
            ribbon: LogLine::all($view->sheet, self::LATEST),
            photos: PhotoCard::all($view),
        );
    }
}
