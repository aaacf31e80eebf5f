<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

/** One test of the bench, ready to be printed. */
interface BenchCard
{
    /** Name of the view that prints it. */
    public function view(): string;
}
