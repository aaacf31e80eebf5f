<?php

declare(strict_types=1);

use App\Models\Role;
use DustyJet\Carburetor\Station;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Owner));
});

it('prints every station of a job in every state', function (array $intake): void {
    $job = $this->openJob($intake);
    $look = function () use ($job): void {
        foreach (Station::cases() as $station) {
            $html = (string) $this->get("/jobs/{$job->id}/{$station->value}")->assertOk()->getContent();
            expect(substr_count($html, 'btn-primary'))->toBeLessThanOrEqual(1)
                ->and(substr_count($html, 'aria-current="step"'))->toBe(1)
                ->and(substr_count($html, '<h1'))->toBe(1);
        }
    };
    $look();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '5 3/4']);
    $this->hold($job, ['readings' => implode("\n", array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 10)))]);
    $look();
    $this->hold($job, ['readings' => implode("\n", array_map(fn (int $t): string => $t.' '.round(3 + 2 * exp(-$t / 15), 2), range(0, 120, 4)))]);
    $look();
    $this->enter($job, 'screw_set', ['adjuster' => 'idle_mixture', 'turns' => '1 1/2', 'station' => 'run']);
    $this->enter($job, 'speed_read', ['adjuster' => 'idle_mixture', 'turns' => '1 1/2', 'rpm' => '1700', 'mark' => 'rough']);
    $this->enter($job, 'thing_touched', ['thing' => 'fuel']);
    $this->enter($job, 'thing_touched', ['thing' => 'needle_seat']);
    $look();
})->with([
    'fuel screw' => [[]],
    'air screw, adjustable main' => [['idle_sense' => 'air', 'variant' => 'adjustable_main']],
]);

it('calls out a screw found far from the book', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '5 3/4']);

    $this->get("/jobs/{$job->id}/as-found?screw=idle_mixture")->assertSee('two turns away and more');
});

it('shows what is stale on the line, in the plate and on the board', function (): void {
    $job = $this->openJob();
    $this->hold($job);
    $this->enter($job, 'step_done', ['station' => 'clean', 'step' => 'seat']);

    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Re-check')->assertSee('re-check 1')->assertSee('Needle or seat was touched');
    $this->get('/')->assertSee('1 reading no longer hold');
});

it('draws the main needle only where there is one', function (string $variant, int $needles): void {
    $job = $this->openJob(['variant' => $variant]);
    $html = (string) $this->get("/jobs/{$job->id}/strip")->getContent();

    expect(substr_count($html, 'M232.500 330'))->toBe($needles);
})->with([['fixed_main', 0], ['adjustable_main', 2]]);

it('opens the needle in the drawing when the last test leaked', function (): void {
    $job = $this->openJob();
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('data-needle="closed"', false);
    $this->hold($job, ['readings' => implode("\n", array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 5)))]);
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('data-needle="open"', false)->assertSee('Slow leak');
});

it('offers a needle once a wet one leaks, in one tap', function (): void {
    $job = $this->openJob();
    foreach (['idle_mixture', 'idle_speed'] as $screw) {
        $this->enter($job, 'screw_counted', ['adjuster' => $screw, 'turns' => '1']);
    }
    foreach (array_keys(app(DustyJet\Carburetor\Family::class)->stepsAt(Station::Strip)) as $step) {
        $this->enter($job, 'step_done', ['station' => 'strip', 'step' => $step]);
    }
    $leaking = implode("\n", array_map(fn (int $t): string => $t.' '.round(5 - 0.03 * $t, 1), range(0, 60, 5)));
    $this->hold($job, ['readings' => $leaking]);
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Wet the needle with a drop of fuel');
    $this->hold($job, ['readings' => $leaking, 'wetted' => '1']);
    $this->get("/jobs/{$job->id}/bench-test")->assertSee('Fit a new needle, run again')->assertSee('form="needle-form"', false);
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
