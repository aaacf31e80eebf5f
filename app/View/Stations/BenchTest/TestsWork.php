<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;

/** The bench of a family without a hold test. */
final readonly class TestsWork implements StationWork
{
    use BesideTheDrawing;

    /** @param  list<TestRow>  $tests */
    private function __construct(public array $tests, public string $count, public Measures $measures)
    {
    }

    public static function of(SheetView $view): self
    {
        $sheet = $view->sheet;
        $state = $sheet->stations['bench-test'];

        return new self(TestRow::all($sheet), "{$state->done} of {$state->of} passed", Measures::of($sheet, $view->leaks));
    }

    public function view(): string
    {
        return 'stations.bench-test.tests';
    }
}
