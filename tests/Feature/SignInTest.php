<?php

declare(strict_types=1);

use App\Actions\MakeFirstOwner;
use App\Models\Person;
use App\Models\Role;
use App\Models\Shop;
use App\Models\UnusablePerson;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

it('answers a name that is a list', function (): void {
    $this->post('/sign-in', ['name' => ['x'], 'password' => ['y']])->assertSessionHasErrors(['name', 'password']);
});

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

it('knows the people of the demo only in the demo, whatever this database was once', function (): void {
    $demo = ['name' => 'R. Okafor', 'password' => Shop::DEMO_PASSWORD];
    $okafor = Person::query()->create([...$demo, 'role' => Role::Owner, 'is_demo' => true]);
    $this->person(Role::Owner, 'A real owner');

    $this->get('/sign-in')->assertOk()->assertDontSee('R. Okafor');
    $this->post('/sign-in', $demo)->assertSessionHasErrors('name');
    $this->assertGuest();
    config(['shop.demo' => true]);
    $this->get('/sign-in')->assertSee('R. Okafor')->assertDontSee('A real owner');
    $this->post('/sign-in', $demo)->assertRedirect('/');
    $this->assertAuthenticatedAs($okafor);
    // The shop becomes a real one: who was signed in is out.
    config(['shop.demo' => false]);
    Auth::forgetGuards();
    $this->get('/')->assertRedirect('/sign-in');
});

it('marks who has the printed password in a database from before', function (): void {
    $file = database_path('migrations/2026_11_29_200000_demo_people_are_known.php');
    $migration = require $file;
    DB::setDefaultConnection('owner');
    DB::beginTransaction();
    DB::unprepared('create schema "then"; set local search_path to "then"');
    DB::unprepared('create table people (like public.people including all)');
    $migration->down();
    $row = ['role' => 'owner', 'created_at' => now(), 'updated_at' => now(), 'coached' => false];
    DB::table('people')->insert([...$row, 'name' => 'Then', 'password' => Hash::make(Shop::DEMO_PASSWORD)]);
    DB::table('people')->insert([...$row, 'name' => 'Now', 'password' => Hash::make('a-long-password')]);
    $migration->up();
    $marked = DB::table('people')->orderBy('name')->pluck('is_demo', 'name')->all();
    DB::rollBack();
    DB::setDefaultConnection('pgsql');

    expect($marked)->toBe(['Now' => false, 'Then' => true]);
});

it('hashes for a name that nobody has as for one that somebody has', function (): void {
    Hash::spy();
    Auth::forgetGuards();
    $this->post('/sign-in', ['name' => 'Nobody', 'password' => 'a guess'])->assertSessionHasErrors('name');

    Hash::shouldHaveReceived('make')->once()->with('a guess');
});

it('makes the first owner of a real shop, and no second', function (): void {
    Person::query()->create([
        'name' => 'R. Okafor', 'role' => Role::Owner, 'password' => Shop::DEMO_PASSWORD, 'is_demo' => true,
    ]);
    $make = new MakeFirstOwner;
    foreach (
        [['', 'a-long-password'], ['R. Okafor', 'a-long-password'], ['M. Field', 'short'], ['M. Field', Shop::DEMO_PASSWORD],
            ['M. Field', str_repeat('é', 37)]] as [$name, $password]
    ) {
        expect(fn () => $make($name, $password))->toThrow(UnusablePerson::class);
    }
    $owner = $make('M. Field', 'a-long-password');
    expect($owner->role)->toBe(Role::Owner)->and($owner->is_demo)->toBeFalse()
        ->and(fn () => $make('J. Second', 'a-long-password'))->toThrow(UnusablePerson::class, 'There is an owner');
    $this->post('/sign-in', ['name' => 'M. Field', 'password' => 'a-long-password'])->assertRedirect('/');
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

it('leads to the page that was wanted, and to none that a device fetched ahead', function (): void {
    $june = $this->person();
    $this->get('/library')->assertRedirect('/sign-in');
    $this->withHeader('X-Keep', '1')->get('/machines')->assertUnauthorized();

    $this->post('/sign-in', ['name' => $june->name, 'password' => 'a-long-password'])->assertRedirect('/library');
});
