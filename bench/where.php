<?php

// Where the time of a sheet goes: boot, session and sign-in, queries, replay, diagnosis, page, Blade. One process, warm.

declare(strict_types=1);

use App\Knowledge\Catalogues;
use App\Knowledge\Diagnoses;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Person;
use App\Models\StationRecords;
use App\View\Pages\SheetPage;
use App\View\Stations\SheetView;
use DustyJet\BenchLog\Log;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Stopwatch.php';

const ROUNDS = 40;

$boot = static function (): Application {
    /** @var Application $app */
    $app = require __DIR__.'/../bootstrap/app.php';
    $app->instance('request', Request::create('/'));
    $app->make(Kernel::class)->bootstrap();

    return $app;
};

$once = static function (Stopwatch $watch, Station $station, string $number) use ($boot): void {
    $app = $watch->timed('boot', $boot);
    $job = Job::query()->where('number', $number)->firstOrFail();
    $person = Person::query()->firstOrFail();
    $ask = static function (string $path) use ($app, $person): void {
        Auth::guard('web')->setUser($person);
        $app->make(Kernel::class)->handle(Request::create($path));
    };
    $watch->timed('routing, session, sign-in and a redirect', static fn () => $ask("/jobs/{$job->id}"));
    $family = $watch->timed('family', static fn () => $app->make(Families::class)->of($job->family));
    $diagnoses = $watch->timed('catalogue', static function () use ($app, $job): Diagnoses {
        $app->make(Catalogues::class)->of($job->family);

        return $app->make(Diagnoses::class);
    });
    $entries = $watch->timed('entries', static fn () => $job->entries()->get()->map(
        static fn (Entry $e) => $e->toCore(),
    )->all());
    $sheet = $watch->timed('replay', static fn () => Worksheet::replay($family, Log::of(array_values($entries))));
    $records = $watch->timed('what is beside the log', static fn () => StationRecords::of($job, $sheet, $station));
    $triage = new Triage($diagnoses->catalogue($sheet), $sheet);
    if ($triage->leads()) {
        $watch->timed('diagnosis when it is not kept', static fn () => $triage->diagnosis());
    }
    $view = $watch->timed('moves, and the diagnosis as it is kept', static fn () => new SheetView(
        $job,
        $sheet,
        $station,
        $records,
        $diagnoses,
    ));
    $page = $watch->timed('page', static fn () => SheetPage::of($view, '', false));
    $watch->timed('Blade', static fn () => view('jobs.show', ['page' => $page])->render());
    $watch->timed('the whole request', static fn () => $ask("/jobs/{$job->id}/{$station->value}"));
};

foreach (['bench-test' => 'DJ-0404', 'intake' => 'DJ-0412'] as $station => $number) {
    $watch = new Stopwatch;
    for ($i = 0; $i < ROUNDS; $i++) {
        $once($watch, Station::from($station), $number);
    }
    $watch->print("{$station} sheet");
}
