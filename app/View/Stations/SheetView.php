<?php

declare(strict_types=1);

namespace App\View\Stations;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\StationRecords;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\Safety;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;

/** What every part of a sheet's page is made from: the replayed sheet, seen from one station. */
final readonly class SheetView
{
    public Triage $triage;

    public Safety $safety;

    /** Of this sheet, where a complaint is named and this station shows it or the next move follows it. */
    public ?Diagnosis $diagnosis;

    /** Which joint leaks, where this station shows it. */
    public ?Isolation $leaks;

    /** @var list<Move> as the diagnosis has them */
    public array $moves;

    /** @var list<Move> without the diagnosis */
    public array $plainMoves;

    /** Of the job: asked for often, so the routes are asked once. */
    public string $address;

    public Catalogue $catalogue;

    /** @param  string  $look the check, the part or the test that is asked for */
    public function __construct(
        public Job $job,
        public Worksheet $sheet,
        public Station $station,
        public StationRecords $records,
        Diagnoses $diagnoses,
        public string $look = '',
    ) {
        $this->address = route('jobs.show', $job);
        $this->catalogue = $diagnoses->catalogue($sheet);
        $this->triage = new Triage($this->catalogue, $sheet);
        $leads = $this->triage->leads();
        $shows = $station === Station::Intake && $sheet->handedBackAt === null;
        $this->diagnosis = $leads || $shows ? $diagnoses->of($this->triage) : null;
        $this->leaks = $station === Station::BenchTest ? $diagnoses->leaks($sheet) : null;
        $this->safety = $this->triage->safety();
        $this->plainMoves = $sheet->moves(null, $this->safety);
        $moves = $leads ? $this->hereFirst($sheet->moves($this->diagnosis, $this->safety)) : $this->plainMoves;
        $this->moves = $this->isolating($moves);
    }

    /**
     * Where a leak is being told apart, the test that tells most for its minutes comes before a new needle.
     *
     * @param  list<Move>  $moves
     *
     * @return list<Move>
     */
    private function isolating(array $moves): array
    {
        $first = $moves[0] ?? null;
        $isNext = $first?->station === Station::BenchTest && in_array($first->key, ['hold', 'needle'], true);
        $test = $this->sheet->family->proof->leaks->tests[$this->leaks?->next->test->name ?? ''] ?? null;
        if (! $isNext || $test === null) {
            return $moves;
        }
        $move = new Move(Station::BenchTest, $test->do, "{$test->why}.", (int) ceil($test->minutes), 'isolate', $test->key);

        return array_slice([$move, ...$moves], 0, Move::MOST);
    }

    /**
     * Who is at work at a station is not sent away by a look nobody took yet: it stands beside what is in hand.
     *
     * @param  list<Move>  $moves
     *
     * @return list<Move>
     */
    private function hereFirst(array $moves): array
    {
        $first = $moves[0] ?? null;
        $own = $this->plainMoves[0] ?? null;
        $isAtWork = $own !== null && $own->station === $this->station && $this->station !== Station::Intake;

        return $first !== null && $isAtWork && $first->station === Station::Intake
            ? array_slice([$own, $first, ...array_slice($this->plainMoves, 1)], 0, Move::MOST)
            : $moves;
    }

    /** Address of a station of this job. */
    public function to(Station $station, string ...$query): string
    {
        return "{$this->address}/{$station->value}".($query === [] ? '' : '?'.http_build_query($query));
    }
}
