<?php

declare(strict_types=1);

use App\Models\Role;

it('lets a person in with the right password only', function (): void {
    $person = $this->person();

    $this->post('/sign-in', ['name' => $person->name, 'password' => 'wrong'])->assertSessionHasErrors('name');
    $this->assertGuest();
    $this->post('/sign-in', ['name' => $person->name, 'password' => 'a-long-password'])->assertRedirect('/');
    $this->assertAuthenticatedAs($person);
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('keeps passwords hashed', function (): void {
    expect($this->person()->password)->not->toContain('a-long-password')->toStartWith('$2y$');
});

it('stops guessing after ten tries a minute', function (): void {
    for ($i = 0; $i < 10; $i++) {
        $this->post('/sign-in', ['name' => 'Nobody', 'password' => "guess {$i}"])->assertStatus(302);
    }
    $this->post('/sign-in', ['name' => 'Nobody', 'password' => 'guess'])->assertStatus(429);
});

it('shows demo people only when the demo flag is on', function (): void {
    $this->person(Role::Owner, 'R. Okafor');

    $this->get('/sign-in')->assertOk()->assertDontSee('R. Okafor');
    config(['shop.demo' => true]);
    $this->get('/sign-in')->assertSee('R. Okafor');
});

it('sends everyone else to the sign-in page', function (string $method, string $path): void {
    $this->call($method, str_replace('{job}', '0195b9f0-0000-7000-8000-000000000000', $path))->assertRedirect(
        '/sign-in',
    );
})->with([
    ['GET', '/'],
    ['GET', '/jobs/create'],
    ['POST', '/jobs'],
    ['GET', '/jobs/{job}'],
    ['GET', '/jobs/{job}/set'],
    ['GET', '/jobs/{job}/log'],
    ['GET', '/jobs/{job}/report'],
    ['GET', '/jobs/{job}/report.pdf'],
    ['GET', '/jobs/{job}/file'],
    ['POST', '/job-files'],
    ['POST', '/jobs/{job}/hold-tests'],
    ['POST', '/jobs/{job}/entries/note_added'],
]);

it('sends strict headers with every page', function (): void {
    $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');

    expect($policy)
        ->toContain("default-src 'none'")
        ->toContain("script-src 'nonce-")
        ->toContain("frame-ancestors 'none'")
        ->not->toContain('unsafe');
});

it('prints no inline handler or style on any page', function (): void {
    $this->actingAs($this->person());
    $job = $this->openJob();
    foreach (
        [
            '/',
            '/jobs/create',
            ...array_map(fn ($s): string => "/jobs/{$job->id}/{$s->value}", DustyJet\Carburetor\Station::cases()),
            "/jobs/{$job->id}/log",
            "/jobs/{$job->id}/report",
        ] as $path
    ) {
        expect((string) $this->get($path)->assertOk()->getContent())->not->toMatch('~<[^>]+\s(?:on[a-z]+|style)=~i');
    }
});
