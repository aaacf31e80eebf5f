<?php

declare(strict_types=1);

use App\Http\Sessions\KnownDevice;
use App\Models\Person;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\SignIn;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

const OWN_PASSWORD = 'a-long-password';

const GUESSED = 'That password is guessed at once: take a few words that do not belong together.';

const NEW_PASSWORD = 'cold pliers, warm tea';

beforeEach(function (): void {
    $this->owner = $this->person(Role::Owner, 'R. Okafor');
    $this->june = $this->person();
    $this->addie = $this->person(Role::Apprentice, 'Addie Quill');
    $this->signIn = function (string $name, string $password = OWN_PASSWORD): TestResponse {
        Auth::forgetGuards();
        $this->flushSession();

        return $this->post('/sign-in', ['name' => $name, 'password' => $password]);
    };
    // Another request of the same device: the guard asks for its person again.
    $this->again = function (string $path = '/'): TestResponse {
        Auth::forgetGuards();

        return $this->get($path);
    };
    $this->from = fn (string $address, string $name, string $password): TestResponse => $this
        ->withServerVariables(['REMOTE_ADDR' => $address])
        ->post('/sign-in', ['name' => $name, 'password' => $password]);
    $this->noted = fn (): array => SecurityEvent::query()->orderBy('id')->get()
        ->map(fn (SecurityEvent $e): string => trim("{$e->kind->value} {$e->about}"))->all();
});

it('lets the owner add somebody, rename them, and say what they may do', function (): void {
    $this->actingAs($this->owner);
    $nell = ['name' => '  Nell   Varga ', 'role' => 'apprentice', 'password' => NEW_PASSWORD];
    $this->post('/people', $nell)->assertRedirect('/people');
    $nell = Person::query()->where('name', 'Nell Varga')->firstOrFail();
    $this->put("/people/{$nell->id}", ['name' => 'Nell Vargas', 'role' => 'technician'])->assertRedirect('/people');
    $this->get('/people')->assertOk()->assertSee('Nell Vargas')->assertSee('Technician');

    expect($nell->refresh()->role)->toBe(Role::Technician)
        ->and(($this->noted)())->toBe([
            'person_added Nell Varga, apprentice',
            'person_renamed Nell Varga to Nell Vargas',
            'role_changed Nell Vargas, apprentice to technician',
        ]);
    ($this->signIn)('Nell Vargas', NEW_PASSWORD)->assertRedirect('/');
});

it('keeps who works here to the owner', function (Role $role): void {
    $this->actingAs($role === Role::Technician ? $this->june : $this->addie);
    foreach ([
        ['get', '/people'], ['get', '/people/events'], ['post', '/people'], ['put', "/people/{$this->owner->id}"],
        ['put', "/people/{$this->owner->id}/password"], ['delete', "/people/{$this->owner->id}"],
        ['post', "/people/{$this->owner->id}/return"],
    ] as [$method, $path]) {
        $this->{$method}($path, ['name' => 'Mine', 'role' => 'owner', 'password' => NEW_PASSWORD])->assertForbidden();
    }
    expect(Person::query()->where('name', 'Mine')->exists())->toBeFalse()
        ->and($this->owner->refresh()->retired_at)->toBeNull()
        ->and(($this->noted)())->toHaveCount(7)->toContain('not_allowed POST people');
})->with([Role::Technician, Role::Apprentice]);

it('takes no name that could be another\'s or a file\'s, and no password that is guessed', function (
    array $fields,
    string $says,
): void {
    $this->actingAs($this->owner);
    $this->post('/people', ['name' => 'Nell Varga', 'role' => 'technician', 'password' => NEW_PASSWORD, ...$fields])
        ->assertSessionHasErrors(['rejected' => $says]);

    expect(Person::query()->count())->toBe(3)->and(($this->noted)())->toBe([]);
})->with([
    [['name' => 'june halloran'], 'Somebody has that name.'],
    [['name' => 'June Halloran, from a file'], 'A name has letters, digits, spaces, dots and hyphens.'],
    [['password' => 'elevenchars'], 'The password needs 12 characters or more.'],
    [['password' => str_repeat('ä', 37)], 'The password is cut at 72 bytes: take a shorter one.'],
    [['password' => 'brass-jet-demo'], 'That password is printed in the source: take another.'],
    [['password' => 'aaaabbbbcccc'], GUESSED],
    [['password' => 'password1234'], GUESSED],
    [['password' => '2024!Football!'], GUESSED],
    [['password' => 'letmeinletmein'], GUESSED],
    [['password' => 'lkjhgfdsapoiuytrewq'], GUESSED],
    [['name' => 'Marguerite Ash', 'password' => 'MARGUERITE ASH'], GUESSED],
]);

it('retires somebody: out at once, their name stays under what they signed, and they can come again', function (): void {
    ($this->signIn)('June Halloran')->assertRedirect('/');
    $job = $this->openJob();
    $device = session()->all();
    Auth::forgetGuards();
    $this->actingAs($this->owner)->delete("/people/{$this->june->id}")->assertRedirect('/people');

    $this->flushSession();
    $this->session($device);
    ($this->again)()->assertRedirect('/sign-in');
    ($this->signIn)('June Halloran')->assertSessionHasErrors('name');
    expect($job->entries()->get()->last()->by_name)->toBe('June Halloran');

    Auth::forgetGuards();
    $this->actingAs($this->owner)->post("/people/{$this->june->id}/return")->assertRedirect('/people');
    ($this->signIn)('June Halloran')->assertRedirect('/');
});

it('is never without an owner', function (): void {
    $this->actingAs($this->owner);
    $only = ['rejected' => 'R. Okafor is the only owner: make somebody else one first.'];
    $this->delete("/people/{$this->owner->id}")->assertSessionHasErrors($only);
    $this->put("/people/{$this->owner->id}", ['name' => 'R. Okafor', 'role' => 'technician'])
        ->assertSessionHasErrors($only);
    $this->put("/people/{$this->june->id}", ['name' => 'June Halloran', 'role' => 'owner'])->assertSessionHasNoErrors();
    $this->delete("/people/{$this->owner->id}")->assertSessionHasNoErrors();

    expect($this->owner->refresh()->retired_at)->not->toBeNull();
});

it('resets a password: what they had is worth nothing, and every device of theirs is signed out', function (): void {
    ($this->signIn)('June Halloran');
    $device = session()->all();
    Auth::forgetGuards();
    $this->actingAs($this->owner)
        ->put("/people/{$this->june->id}/password", ['password' => NEW_PASSWORD])->assertRedirect('/people');

    $this->flushSession();
    $this->session($device);
    ($this->again)()->assertRedirect('/sign-in');
    ($this->signIn)('June Halloran')->assertSessionHasErrors('name');
    ($this->signIn)('June Halloran', NEW_PASSWORD)->assertRedirect('/');
});

it('lets everybody change their own password, with the one they have', function (): void {
    ($this->signIn)('June Halloran');
    SignIn::open($this->june, 'Mobile', '192.0.2.7');
    $this->put('/me/password', ['current' => 'a guess', 'password' => NEW_PASSWORD])->assertSessionHasErrors('current');
    $this->put('/me/password', ['current' => OWN_PASSWORD, 'password' => NEW_PASSWORD])->assertRedirect('/me');

    ($this->again)('/me')->assertOk()->assertSee('Your password is changed')->assertDontSee('192.0.2.7');
    ($this->signIn)('June Halloran', NEW_PASSWORD)->assertRedirect('/');
});

it('ends a sign-in somewhere else, one\'s own or for the owner anybody\'s', function (): void {
    $phone = SignIn::open($this->june, 'Mobile', '192.0.2.7');
    $this->actingAs($this->addie)->delete("/sign-ins/{$phone->id}")->assertForbidden();
    $this->actingAs($this->june)->get('/me')->assertSee('Phone at 192.0.2.7');
    $this->delete("/sign-ins/{$phone->id}")->assertRedirect('/me');
    $other = SignIn::open($this->june, 'Tablet', '192.0.2.8');
    $this->actingAs($this->owner)->get('/people')->assertSee('Tablet at 192.0.2.8');
    $this->delete("/sign-ins/{$other->id}")->assertRedirect('/people');

    expect(SignIn::allOpen()->all())->toBe([]);
});

it('asks again after half a day of nothing, and once a week whatever', function (): void {
    $this->freezeSecond();
    ($this->signIn)('June Halloran');
    $this->travel(11)->hours();
    ($this->again)()->assertOk();
    $this->travel(11)->hours();
    ($this->again)()->assertOk();
    $this->travel(13)->hours();
    ($this->again)()->assertRedirect('/sign-in');

    $this->travelBack();
    $this->freezeSecond();
    ($this->signIn)('June Halloran');
    for ($hours = 0; $hours < 7 * 24 - 8; $hours += 8) {
        $this->travel(8)->hours();
        ($this->again)()->assertOk();
    }
    $this->travel(9)->hours();
    ($this->again)()->assertRedirect('/sign-in');
});

it('switches person with a PIN at a device where somebody is signed in, and nowhere else', function (): void {
    $this->june->update(['pin' => '4915']);
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/sign-in');
    ($this->signIn)('Addie Quill');
    $before = session(SignIn::KEY);
    ($this->again)('/me')->assertSee('June Halloran');
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/');

    $this->assertAuthenticatedAs($this->june);
    expect(SignIn::query()->findOrFail($before)->ended_at)->not->toBeNull()
        ->and(SignIn::here()->by_pin)->toBeTrue()
        ->and(($this->noted)())->toBe(['signed_in Computer', 'switched Computer']);
    ($this->again)()->assertOk()->assertSee('June Halloran');
});

it('does not let a PIN go on longer than the password before it', function (): void {
    $this->june->update(['pin' => '4915']);
    $this->freezeSecond();
    ($this->signIn)('Addie Quill');
    for ($hours = 0; $hours < 160; $hours += 8) {
        $this->travel(8)->hours();
        ($this->again)()->assertOk();
    }
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/');
    ($this->again)()->assertOk();
    $this->travel(9)->hours();
    ($this->again)()->assertRedirect('/sign-in');
});

it('takes no PIN on a device after five wrong ones there, and goes on taking it elsewhere', function (): void {
    $this->june->update(['pin' => '4915']);
    ($this->signIn)('Addie Quill');
    foreach (['1111', '2222', '3333', '4444', '5555'] as $guess) {
        $this->post('/switch', ['person' => $this->june->id, 'pin' => $guess])->assertSessionHasErrors();
    }
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertSessionHasErrors();
    $this->assertAuthenticatedAs($this->addie);
    ($this->again)('/me')->assertDontSee('>June Halloran</option>', false);

    // Addie used up her own tries, not June's PIN: it works at once where the owner is signed in.
    ($this->signIn)('R. Okafor');
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/');
    $this->assertAuthenticatedAs($this->june->refresh());
    ($this->signIn)('Addie Quill');
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/');
});

it('lets nobody guess a PIN by signing in again and again', function (): void {
    $this->june->update(['pin' => '4915']);
    foreach (range(1, 4) as $signIn) {
        ($this->signIn)('Addie Quill');
        foreach (range(1, 5) as $guess) {
            $this->travel(1)->minutes();
            $this->post('/switch', ['person' => $this->june->id, 'pin' => "777{$guess}"])->assertSessionHasErrors();
        }
    }
    ($this->signIn)('Addie Quill');
    ($this->again)('/me')->assertDontSee('>June Halloran</option>', false);
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertSessionHasErrors();
    $this->travel(25)->hours();
    ($this->signIn)('Addie Quill');
    $this->post('/switch', ['person' => $this->june->id, 'pin' => '4915'])->assertRedirect('/');
});

it('counts no right PIN as a try: a bench changes hands all day', function (): void {
    $this->june->update(['pin' => '4915']);
    $this->addie->update(['pin' => '2846']);
    ($this->signIn)('Addie Quill');
    foreach (range(1, 15) as $turn) {
        foreach ([[$this->june, '4915'], [$this->addie, '2846']] as [$person, $pin]) {
            $this->travel(1)->minutes();
            $this->post('/switch', ['person' => $person->id, 'pin' => $pin])->assertRedirect('/');
            Auth::forgetGuards();
        }
    }
    expect(SignIn::query()->sum('wrong_pins'))->toEqual(0);
});

it('opens the bench with a PIN, and no keys: neither instruments nor other devices', function (): void {
    $this->owner->update(['pin' => '4915']);
    ($this->signIn)('June Halloran');
    $junes = SignIn::here()->id;
    ($this->signIn)('Addie Quill');
    $this->post('/switch', ['person' => $this->owner->id, 'pin' => '4915'])->assertRedirect('/');
    Auth::forgetGuards();
    $this->get('/instruments')->assertForbidden()->assertSee('You switched with a PIN');
    $this->post('/instruments', ['name' => 'Mine', 'measurand' => 'pressure'])->assertForbidden();
    $this->delete("/sign-ins/{$junes}")->assertForbidden();
    expect(App\Models\Instrument::query()->count())->toBe(0)
        ->and(SignIn::query()->findOrFail($junes)->ended_at)->toBeNull();

    ($this->signIn)('R. Okafor');
    $this->get('/instruments')->assertOk();
    $this->delete("/sign-ins/{$junes}")->assertRedirect('/people');
});

it('shows an owner who switched with a PIN no people', function (): void {
    $this->owner->update(['pin' => '4915']);
    ($this->signIn)('Addie Quill');
    $this->post('/switch', ['person' => $this->owner->id, 'pin' => '4915'])->assertRedirect('/');

    ($this->again)('/people')->assertForbidden()->assertSee('Sign out and in again with your password');
    ($this->signIn)('R. Okafor');
    ($this->again)('/people')->assertOk();
});

it('takes a PIN of digits that do not follow each other, with the password one has', function (
    string $pin,
    string $says,
): void {
    ($this->signIn)('June Halloran');
    $this->put('/me/pin', ['current' => OWN_PASSWORD, 'pin' => $pin])->assertSessionHasErrors(['rejected' => $says]);
    $this->put('/me/pin', ['current' => 'a guess', 'pin' => '4915'])->assertSessionHasErrors('current');
    expect($this->june->refresh()->pin)->toBeNull();
    $this->put('/me/pin', ['current' => OWN_PASSWORD, 'pin' => '4915'])->assertSessionHasNoErrors();
    expect($this->june->refresh()->pin)->toStartWith('$2y$');
    $this->put('/me/pin', ['current' => OWN_PASSWORD, 'pin' => ''])->assertSessionHasNoErrors();

    expect($this->june->refresh()->pin)->toBeNull();
})->with([
    ['1234', 'That PIN is tried first: take digits that do not follow each other.'],
    ['97531', 'That PIN is tried first: take digits that do not follow each other.'],
    ['7777', 'That PIN is tried first: take digits that do not follow each other.'],
    ['491', 'A PIN is 4 to 8 digits.'],
    ['49x5', 'A PIN is 4 to 8 digits.'],
]);

it('writes down who came in, who was refused and what left the shop, and nothing that was typed', function (): void {
    ($this->signIn)('my-secret-in-the-wrong-field', 'x');
    ($this->signIn)('June Halloran', 'a wrong one');
    ($this->signIn)('June Halloran');
    $job = $this->openJob();
    $this->get("/jobs/{$job->id}/file")->assertOk();
    $this->post('/sign-out');

    expect(($this->noted)())->toBe([
        'sign_in_refused a name that nobody has', 'sign_in_refused June Halloran', 'signed_in Computer',
        "job_exported {$job->number}", 'signed_out',
    ]);
    $this->actingAs($this->owner)->get('/people/events')->assertOk()
        ->assertSee('Sign in refused')->assertDontSee('my-secret');
    expect(fn () => DB::transaction(fn () => DB::table('security_events')->delete()))
        ->toThrow(QueryException::class, 'permission denied');
});

it('pages the security log', function (): void {
    for ($i = 0; $i < 60; $i++) {
        SecurityEvent::note(App\Models\SecurityEventKind::SignedOut, $this->june, "turn {$i}.");
    }
    $older = $this->actingAs($this->owner)->get('/people/events')->assertSee('turn 59.')->assertDontSee('turn 9.');
    preg_match('~people/events\?before=\d+~', (string) $older->getContent(), $link);
    $this->get("/{$link[0]}")->assertSee('turn 9.')->assertSee('turn 0.')
        ->assertDontSee('turn 59.')->assertDontSee('before=');
});

it('counts tries by name and by address, and says so once', function (): void {
    foreach (range(1, 3) as $name) {
        foreach (range(1, 10) as $try) {
            $this->post('/sign-in', ['name' => "Nobody {$name}", 'password' => "guess {$try}"])->assertStatus(302);
        }
    }
    foreach (['Nobody 4', 'June Halloran'] as $name) {
        $this->post('/sign-in', ['name' => $name, 'password' => OWN_PASSWORD])->assertStatus(429);
    }
    expect(array_count_values(($this->noted)())['too_many_tries POST sign-in'])->toBe(1);

    foreach (range(1, 20) as $place) {
        $this->travel(7)->seconds();
        ($this->from)("192.0.2.{$place}", 'Addie Quill', "guess {$place}")->assertStatus(302);
    }
    ($this->from)('192.0.2.99', 'Addie Quill', OWN_PASSWORD)->assertStatus(429);
    $this->travel(15)->minutes();
    ($this->from)('192.0.2.99', 'Addie Quill', OWN_PASSWORD)->assertRedirect('/');
});

it('keeps nobody out where they signed in before, whoever else guesses', function (): void {
    $cookie = ($this->from)('192.0.2.1', 'June Halloran', OWN_PASSWORD)->assertRedirect('/')
        ->getCookie(KnownDevice::COOKIE);
    expect($cookie->isHttpOnly())->toBeTrue()->and($cookie->getValue())->not->toContain((string) OWN_PASSWORD);
    Auth::forgetGuards();
    $this->flushSession();
    foreach (range(1, 40) as $try) {
        ($this->from)('192.0.2.1', 'June Halloran', "guess {$try}");
    }
    foreach (range(1, 20) as $try) {
        ($this->from)('192.0.2.1', 'Nobody '.intdiv($try, 9), "guess {$try}");
    }
    ($this->from)('192.0.2.1', 'June Halloran', OWN_PASSWORD)->assertStatus(429);
    // Neither the name nor the address is closed to the device that knows her, and only she is known there.
    $this->withCookie(KnownDevice::COOKIE, $cookie->getValue());
    ($this->from)('192.0.2.1', 'R. Okafor', OWN_PASSWORD)->assertStatus(429);
    ($this->from)('192.0.2.1', 'June Halloran', OWN_PASSWORD)->assertRedirect('/');
    Auth::forgetGuards();
    $this->flushSession();
    // It is slowed by itself: who has the device may not guess for ever either.
    foreach (range(1, 10) as $try) {
        ($this->from)('192.0.2.1', 'June Halloran', "guess {$try}")->assertStatus(302);
    }
    ($this->from)('192.0.2.1', 'June Halloran', OWN_PASSWORD)->assertStatus(429);
    $this->travel(1)->minutes();
    ($this->from)('192.0.2.1', 'June Halloran', OWN_PASSWORD)->assertRedirect('/');
});

it('lets an apprentice take back what they logged themselves, and nothing of another', function (): void {
    $this->actingAs($this->june);
    $job = $this->openJob();
    $this->enter($job, 'note_added', ['text' => 'of a technician']);
    $theirs = $job->entries()->get()->last()->id;
    $this->actingAs($this->addie);
    $this->enter($job, 'note_added', ['text' => 'of an apprentice']);
    $own = $job->entries()->get()->last()->id;

    $this->enter($job, 'struck', ['supersedes' => $theirs])->assertForbidden()->assertSee('what they logged themselves');
    $this->withHeader('HX-Request', 'true')->enter($job, 'note_added', ['text' => 'mine now', 'supersedes' => $theirs])
        ->assertForbidden()->assertHeader('HX-Retarget', '#errors')->assertSee('what they logged themselves');
    $this->enter($job, 'handed_back', [])->assertForbidden()->assertSee('lets no machine go');
    $this->flushHeaders()->enter($job, 'struck', ['supersedes' => $own])->assertSessionHasNoErrors()->assertRedirect();
    $this->actingAs($this->june);
    $this->enter($job, 'struck', ['supersedes' => $theirs])->assertSessionHasNoErrors();

    expect($job->entries()->where('kind', 'struck')->count())->toBe(2);
});
