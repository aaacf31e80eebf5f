<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Http\UploadedFile;
use Tests\Golden\RandomJob;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

it('prints every station of a job in every state', function (array $intake): void {
    $job = $this->openJob($intake);
    $look = function () use ($job): void {
        foreach (Station::cases() as $station) {
            $html = (string) $this->get("/jobs/{$job->id}/{$station->value}")
                ->assertOk()
                ->getContent();
            expect(substr_count($html, 'btn-primary'))
                ->toBeLessThanOrEqual(1)
                ->and(substr_count($html, 'aria-current="step"'))
                ->toBe(1)
                ->and(substr_count($html, '<h1'))
                ->toBe(1);
        }
    };
    $look();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '5 3/4']);
    $this->hold($job, [
        'readings' => implode(
            "\n",
            array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 10)),
        ),
    ]);
    $look();
    $this->hold($job, [
        'readings' => implode(
            "\n",
            array_map(fn (int $t): string => $t.' '.round(3 + 2 * exp(-$t / 15), 2), range(0, 120, 4)),
        ),
    ]);
    $look();
    $this->enter($job, 'screw_set', ['adjuster' => 'idle_mixture', 'turns' => '1 1/2', 'station' => 'run']);
    $this->enter($job, 'speed_read', [
        'adjuster' => 'idle_mixture',
        'turns' => '1 1/2',
        'rpm' => '1700',
        'mark' => 'rough',
    ]);
    $this->enter($job, 'thing_touched', ['thing' => 'fuel']);
    $this->enter($job, 'thing_touched', ['thing' => 'needle_seat']);
    $look();
})->with([
    'fuel screw' => [[]],
    'air screw, pump-fed' => [['idle_sense' => 'air', 'variant' => 'pump_fed']],
    'main needle' => [['family' => 'float_adjustable_main', 'variant' => 'bowl_nut_needle']],
]);

it('calls out a screw found far from the book', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '5 3/4']);

    $this->get("/jobs/{$job->id}/as-found?screw=idle_mixture")->assertSee('far richer');
});

it('shows what is stale on the line, in the plate and on the board', function (): void {
    $job = $this->openJob();
    $this->hold($job);
    $this->enter($job, 'part_inspected', ['inspection' => 'seat', 'condition' => 'cleaned']);

    $this->get("/jobs/{$job->id}/bench-test")
        ->assertSee('Re-check')
        ->assertSee('re-check 1')
        ->assertSee('Needle or seat was touched');
    $this->get('/')->assertSee('1 reading no longer hold');
});

it('draws the main needle only where there is one', function (string $family, int $needles): void {
    $job = $this->openJob([
        'family' => $family,
        'variant' => array_key_first(app(Families::class)->of($family)->variants),
    ]);
    $html = (string) $this->get("/jobs/{$job->id}/strip")->getContent();

    expect(substr_count($html, 'M232.500 330'))->toBe($needles);
})->with([['float_pilot_jet', 0], ['float_adjustable_main', 2]]);

it('opens the needle in the drawing when the last test leaked', function (): void {
    $job = $this->openJob();
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('data-needle="closed"', false);
    $this->hold($job, [
        'readings' => implode(
            "\n",
            array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 5)),
        ),
    ]);
    $this->get("/jobs/{$job->id}/bench-test")
        ->assertSee('data-needle="open"', false)
        ->assertSee('Slow leak');
});

it('offers a needle once a wet one leaks, in one tap', function (): void {
    $job = $this->openJob();
    foreach (['idle_mixture', 'idle_speed'] as $screw) {
        $this->enter($job, 'screw_counted', ['adjuster' => $screw, 'turns' => '1']);
    }
    $this->enter($job, 'strip_ended');
    $leaking = implode("\n", array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 5)));
    $this->hold($job, ['readings' => $leaking]);
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Wet the needle with a drop of fuel');
    $this->hold($job, ['readings' => $leaking, 'wetted' => '1']);
    $this->get("/jobs/{$job->id}/bench-test")
        ->assertSee('Fit a new needle, run again')
        ->assertSee('form="needle-form"', false);
    $this->enter($job, 'thing_touched', ['thing' => 'needle_seat']);
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Re-check');
});

it('remembers the theme in a cookie', function (): void {
    $this->withUnencryptedCookie('dj_theme', 'dark')->get('/')->assertSee('data-bs-theme="dark"', false);
    $this->withUnencryptedCookie('dj_theme', '"><script>')->get('/')->assertSee('data-bs-theme="light"', false);
});

it('keeps the whole page small', function (): void {
    $job = $this->openJob();
    $this->hold($job);

    expect(strlen((string) $this->get("/jobs/{$job->id}/bench-test")->getContent()))->toBeLessThan(150_000);
});

it('prints every station of every family and variant, small and without a missing drawing', function (
    string $id,
): void {
    foreach (array_keys(app(Families::class)->of($id)->variants) as $variant) {
        $job = $this->openJob(['family' => $id, 'variant' => $variant]);
        $parts = count(app(Families::class)->of($id)->partsOf($variant));
        foreach (Station::cases() as $station) {
            $html = (string) $this->get("/jobs/{$job->id}/{$station->value}")
                ->assertOk()
                ->getContent();
            expect(strlen($html))->toBeLessThan(150_000, "{$id} {$station->value}");
            if (! str_contains($html, 'sheet-tune')) {
                expect(substr_count($html, 'class="callout'))->toBe($parts, "{$id} {$station->value}");
            }
        }
        $this->takeOff($job, app(Families::class)->of($id)->plan($variant)->stripOrder()[0]->key);
        foreach (['strip', 'clean', 'build'] as $station) {
            $this->get("/jobs/{$job->id}/{$station}")->assertOk();
        }
    }
})->with(
    array_map(
        fn (string $f): string => basename($f, '.yaml'),
        glob(__DIR__.'/../../../core/knowledge/families/*.yaml') ?: [],
    ),
);

/** Keys of a page that lead nowhere on it. */
function deadKeys(string $html): array
{
    preg_match_all('~<button[^>]*\sform="([^"]+)"|<a[^>]*href="#([^"]+)"~', $html, $keys, PREG_SET_ORDER);
    $targets = array_map(static fn (array $key): string => $key[2] ?? $key[1], $keys);

    return array_values(array_filter($targets, static fn (string $t): bool => ! str_contains($html, "id=\"{$t}\"")));
}

it('has no key that leads to a form which is not on its page, whatever was logged and whichever tab is open', function (
    string $id,
): void {
    $seed = seed();
    $family = app(Families::class)->of($id);
    $file = (new RandomJob($family, app(Catalogue::class), $seed))->file(70);
    $this->post('/job-files', [
        'file' => UploadedFile::fake()->createWithContent(
            'job.json',
            json_encode($file, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ),
    ])->assertSessionHasNoErrors();
    $anything = Job::query()->firstOrFail();
    // One at Run: every screw left, one after the other and the first once more, so that some are in doubt.
    $tuned = $this->openJob(['family' => $id, 'variant' => array_key_first($family->variants)]);
    expect($tuned->family)->toBe($id);
    $this->hold($tuned);
    $tabs = ['', ...array_keys($family->adjusters), 'start', 'all', 'idle', 'balance', 'governed'];
    $pages = [
        ...array_map(static fn (Station $s): string => $s->value, Station::cases()),
        ...array_map(static fn (string $tab): string => "run?screw={$tab}", $tabs),
    ];
    $dead = function (Job $job) use ($pages): array {
        $dead = [];
        foreach ($pages as $page) {
            $dead[$page] = deadKeys((string) $this->get("/jobs/{$job->id}/{$page}")->assertOk()->getContent());
        }

        return array_filter($dead);
    };

    expect($dead($anything))->toBe([], "SEED={$seed}");
    foreach ([...array_keys($family->adjusters), array_key_first($family->adjusters)] as $i => $screw) {
        $turns = 1 + $i % 2 / 2;
        $this->enter($tuned, 'screw_set', ['adjuster' => $screw, 'turns' => (string) $turns, 'station' => 'run']);
        expect($dead($tuned))->toBe([], "after {$screw}");
    }
})->with(
    array_map(
        fn (string $f): string => basename($f, '.yaml'),
        glob(__DIR__.'/../../../core/knowledge/families/*.yaml') ?: [],
    ),
);
