<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Carburetor\Caution;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\StaleItem;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\Date;

/** The job sheet at one station. */
final readonly class SheetPage
{
    /**
     * @param  list<Fitting>  $line
     * @param  list<NextMove>  $others
     * @param  list<array{what: string, because: string, minutes: int, href: string}>  $stale
     * @param  list<array{name: string, value: string, from: string}>  $book
     * @param  list<LogLine>  $ribbon
     * @param  list<PhotoCard>  $photos
     */
    private function __construct(
        public string $jobId,
        public string $number,
        public string $machine,
        public string $about,
        public string $promised,
        public string $title,
        public Station $station,
        public string $hereNote,
        public array $line,
        public ?NextMove $next,
        public array $others,
        public array $stale,
        public ?Caution $caution,
        public array $book,
        public array $ribbon,
        public int $logLength,
        public ?string $previousHref,
        public ?string $nextHref,
        public bool $isClosed,
        public CutawayState $cutaway,
        public object $work,
        public string $view,
        public bool $isTune,
        public EntryForm $form,
        public array $photos,
        public ?CoachCard $coach,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet, Catalogue $catalogue, Station $station, string $screw = '', string $look = '', bool $isCoached = false): self
    {
        $triage = new Triage($catalogue, $sheet);
        $diagnosis = $triage->leads() || ($station === Station::Intake && $sheet->handedBackAt === null) ? $triage->diagnosis() : null;
        $plain = $sheet->moves();
        $form = new EntryForm($job, $sheet->log->length(), $station->value);
        $moves = NextMove::all($job, $triage->leads() ? $sheet->moves($diagnosis) : $plain, $station);
        $line = Fitting::line($job, $sheet, $station);
        $to = static fn (?Station $s): ?string => $s === null ? null : route('stations.show', [$job, $s->value]);

        $work = match ($station) {
            Station::Intake => IntakeWork::of($job, $sheet, $catalogue, $triage, $diagnosis, $look),
            Station::AsFound, Station::Set => $sheet->adjusters === [] ? new NoScrews('Nothing here is turned: it has no screw.') : ScrewWork::of($job, $sheet, $station, $screw),
            Station::Strip => StripWork::of($sheet),
            Station::Clean => CleanWork::of($job, $sheet, $look),
            Station::Build => BuildWork::of($sheet),
            Station::BenchTest => $sheet->family->hold === null ? TestsWork::of($sheet) : HoldTestWork::of($job, $sheet),
            Station::Run => self::run($job, $sheet, $screw),
            Station::HandBack => HandBackWork::of($job, $sheet),
        };

        return new self(
            jobId: $job->id,
            number: $job->number,
            machine: $sheet->intake->machine ?? $job->machine,
            about: $sheet->intake === null ? '' : "{$sheet->intake->engine}, ".lcfirst($sheet->family->name).'. '.ucfirst(rtrim($sheet->intake->complaint, '.')).'.',
            promised: $sheet->intake?->promisedAt === null ? 'no date' : Numbers::day($sheet->intake->promisedAt, Date::now()),
            title: "{$job->number} {$station->label()}",
            station: $station,
            hereNote: self::hereNote($line, $sheet),
            line: $line,
            next: $moves[0] ?? null,
            others: array_slice($moves, 1),
            stale: array_map(static fn (StaleItem $s): array => ['what' => $s->what, 'because' => $s->because.', '.Numbers::clock($s->since), 'minutes' => $s->minutes, 'href' => route('stations.show', [$job, $s->station->value])], $sheet->stale),
            caution: self::caution($sheet, $station, $catalogue, $triage, $plain[0] ?? null),
            book: self::book($sheet, $station),
            ribbon: array_slice(LogLine::all($sheet), 0, 6),
            logLength: $sheet->log->length(),
            previousHref: $to($station->previous()),
            nextHref: $to($station->next()),
            isClosed: $sheet->handedBackAt !== null,
            cutaway: CutawayState::of($sheet, $station, $plain, $diagnosis),
            work: $work,
            view: self::view($station, $work),
            isTune: $work instanceof RunWork,
            form: $form,
            photos: in_array($station, [Station::Intake, Station::AsFound, Station::Strip, Station::Build], true) ? PhotoCard::all($job, $sheet) : [],
            coach: $isCoached ? CoachCard::of($sheet, $station) : null,
        );
    }

    private static function view(Station $station, object $work): string
    {
        return match (true) {
            $work instanceof NoScrews => 'no-screws',
            $work instanceof ScrewWork => 'screws',
            $work instanceof TestsWork => 'tests',
            default => $station->value,
        };
    }

    /** A mixture screw is run by its readings, a stop screw alone is only set. */
    private static function run(Job $job, Worksheet $sheet, string $screw): RunWork|ScrewWork|NoScrews
    {
        return match (true) {
            $sheet->adjusters === [] => new NoScrews('It has no screw to set. Run the engine it feeds, then prove it at Hand back.'),
            array_filter($sheet->adjusters, static fn ($s): bool => $s->adjuster->isMixture) === [] => ScrewWork::of($job, $sheet, Station::Run, $screw),
            default => RunWork::of($job, $sheet, $screw),
        };
    }

    /** @param  list<Fitting>  $line */
    private static function hereNote(array $line, Worksheet $sheet): string
    {
        $here = array_values(array_filter($line, static fn (Fitting $f): bool => $f->isHere))[0] ?? null;
        $stale = count($sheet->stale) === 0 ? '' : ', '.count($sheet->stale).' to re-check';

        return ($here->note ?? '').$stale;
    }

    private static function caution(Worksheet $sheet, Station $station, Catalogue $catalogue, Triage $triage, ?Move $next): ?Caution
    {
        foreach (['fuel_in_oil' => 'oil', 'fuel_dripping' => 'dripping', 'vent_weeps_on_bulb' => 'dripping'] as $finding => $caution) {
            if (($triage->answers()[$finding] ?? Answer::NotLooked)->isThere()) {
                return new Caution(...$catalogue->cautions[$caution]);
            }
        }
        $look = $next?->key === 'inspect' && $next->station === $station ? $sheet->family->inspections[$next->target]->caution ?? null : null;

        return $sheet->family->cautions[$look ?? $sheet->family->hazards[$station->value] ?? ''] ?? null;
    }

    /** @return list<array{name: string, value: string, from: string}> */
    private static function book(Worksheet $sheet, Station $station): array
    {
        $card = $sheet->family->card;
        $from = $card->provenance;
        $band = static fn (string $name, ?array $rpm, string $source): array => $rpm === null ? [] : [['name' => $name, 'value' => Numbers::rpm($rpm[0]).' to '.Numbers::rpm($rpm[1]).' rpm', 'from' => $from[$source]]];
        $hold = $sheet->family->hold === null ? [] : [['name' => 'Hold at '.Numbers::plain($card->test->inPsi(), 0).' psi', 'value' => Numbers::flow($card->holdLimit->inMillilitresPerMinute()).' cc/min max', 'from' => $from['hold_limit_ml_min']]];
        $speeds = [...$band('Idle', $card->idleRpm, 'idle_rpm'), ...$band($card->top, $card->topRpm, 'top_rpm')];
        $screws = array_values(array_map(static fn ($s): array => ['name' => $s->adjuster->name, 'value' => Numbers::turns($s->adjuster->baseline).($s->adjuster->baseline->inTurns() > 1.0 ? ' turns' : ' turn'), 'from' => $s->adjuster->provenance], $sheet->adjusters));

        return match ($station) {
            Station::BenchTest => [...$hold, ...array_slice($screws, 0, 1)],
            Station::AsFound, Station::Set => $screws,
            default => [...$speeds, ...$hold],
        };
    }
}
