<?php

declare(strict_types=1);

use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\StripAndBuild\Strips;

beforeEach(function (): void {
    $this->actingAs($this->person());
});

it('leads from a carburetor in the hand to its sheet', function (): void {
    $this->get('/library')->assertOk()->assertSee('Does it sit on the fuel tank')->assertSee('Kart pumper');
    $this->get('/library?a=1-1-1')
        ->assertSee('Are the two covers on opposite sides')
        ->assertSee('No, a cube with covers');
    $this->get('/library?a=1-1-1-0')->assertSee('It is:')->assertSee('/library/cube_opposed', false);
});

it('shows a sheet for every family and variant', function (string $family, string $variant): void {
    $this->get("/library/{$family}?variant={$variant}")
        ->assertOk()
        ->assertSee('Comes apart')
        ->assertSee('Goes together')
        ->assertSee('What goes wrong');
})->with(fn () => array_map(fn (array $p): array => [$p[0]->family, $p[0]->variant], Strips::all()));

it('shows guards, cautions and springs where they belong', function (): void {
    $this->get('/library/float_side_pump')
        ->assertSee('31 parts, 4 springs')
        ->assertSee('Hold the back plate: three springs behind it')
        ->assertSee('One straight movement')
        ->assertSee('Pump diaphragm');
});

it('stands up to any address', function (string $path, int $status): void {
    $this->get($path)->assertStatus($status);
})->with([
    ['/library/steam', 404],
    ['/library?a=99-99', 200],
    ['/library?a=<script>', 200],
    ['/library?a[]=1', 200],
    ['/library/updraft?variant[]=x', 200],
    ['/library/updraft?variant=none', 200],
    ['/library/..%2F..', 404],
]);

it('is for the shop only', function (): void {
    app('auth')->forgetGuards();

    $this->get('/library')->assertRedirect('/sign-in');
    $this->get('/library/updraft')->assertRedirect('/sign-in');
});

it('has a sheet for each family of the list', function (): void {
    $page = (string) $this->get('/library')->getContent();
    foreach (array_keys(Knowledge::real()->families) as $family) {
        expect($page)->toContain("/library/{$family}");
    }
});
