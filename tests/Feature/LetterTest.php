<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Trace;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->june = $this->person(Role::Owner);
    $this->actingAs($this->june);
    $this->other = $this->openJob();
    $this->job = $this->openJob();
    $this->id = Str::uuid()->toString();
    $this->enter($this->job, 'note_added', ['client_id' => $this->id, 'text' => 'one'])->assertRedirect();
});

/** How many entries, traces and photos there are. */
function kept(): array
{
    return [Entry::query()->count(), Trace::query()->count(), Photo::query()->count()];
}

it('keeps an id for what came under it first', function (Closure $send): void {
    $before = kept();

    $said = $send($this)->assertStatus(422)->json('errors.rejected.0');

    expect($said)->toContain('note added')->toContain('June Halloran')->and(kept())->toBe($before);
})->with([
    'another text' => [fn ($t) => $t->withHeader('Accept', 'application/json')
        ->enter($t->job, 'note_added', ['client_id' => $t->id, 'text' => 'two'])],
    'another kind' => [fn ($t) => $t->withHeader('Accept', 'application/json')
        ->enter($t->job, 'part_off', ['client_id' => $t->id, 'part' => 'air_cleaner', 'count' => 1])],
    'another job' => [fn ($t) => $t->withHeader('Accept', 'application/json')
        ->enter($t->other, 'note_added', ['client_id' => $t->id, 'text' => 'one'])],
    'another author' => [fn ($t) => $t->actingAs($t->person(Role::Technician, 'Teo Vanska'))
        ->withHeader('Accept', 'application/json')
        ->enter($t->job, 'note_added', ['client_id' => $t->id, 'text' => 'one'])],
    'a hold test' => [fn ($t) => $t->withHeader('Accept', 'application/json')->hold($t->job, ['client_id' => $t->id])],
    'a photo' => [fn ($t) => $t->withHeader('Accept', 'application/json')->post("/jobs/{$t->job->id}/photos", [
        'client_id' => $t->id,
        'seen' => 2,
        'station' => 'as-found',
        'photo' => UploadedFile::fake()->image('a.jpg', 40, 30),
    ])],
    'a job' => [fn ($t) => $t->withHeader('Accept', 'application/json')->post('/jobs', [
        'client_id' => $t->id,
        'machine' => 'Tilby 46 mower',
        'engine' => '160 cc',
        'complaint' => 'floods',
        'family' => 'float_pilot_jet',
        'variant' => 'removable_pilot',
        'idle_sense' => 'fuel',
    ])],
]);

it('refuses other readings and another picture under an id that is known', function (): void {
    $id = Str::uuid()->toString();
    $photo = fn (int $width) => $this->withHeader('Accept', 'application/json')->post("/jobs/{$this->job->id}/photos", [
        'client_id' => $this->id,
        'seen' => $this->job->refresh()->log_length,
        'station' => 'as-found',
        'photo' => UploadedFile::fake()->image('a.jpg', $width, 30),
    ]);
    $this->hold($this->job, ['client_id' => $id])->assertRedirect();
    $this->id = Str::uuid()->toString();
    $photo(40)->assertExactJson(['logged' => $this->id]);
    $photo(40)->assertExactJson(['logged' => $this->id]);
    $before = kept();
    $other = str_replace('5.0', '4.5', $this->tightReadings());

    $held = $this->hold($this->job, ['client_id' => $id, 'readings' => $other])->assertStatus(422);
    expect($held->json('errors.rejected.0'))->toContain('other readings')
        ->and($photo(50)->assertStatus(422)->json('errors.rejected.0'))->toContain('other pixels')
        ->and(kept())->toBe($before);
});

it('tells a device what it may forget', function (): void {
    $id = Str::uuid()->toString();

    $this->withHeader('Accept', 'application/json')
        ->enter($this->job, 'note_added', ['client_id' => mb_strtoupper($id), 'text' => 'kept'])
        ->assertOk()->assertExactJson(['logged' => $id]);
});

it('does not hold against somebody what they wrote themselves without a line', function (): void {
    $seen = $this->job->refresh()->log_length;
    $first = Str::uuid()->toString();
    $set = fn (array $fields) => $this->withHeader('Accept', 'application/json')->enter($this->job, 'screw_set', [
        'adjuster' => 'idle_mixture',
        'station' => 'set',
        ...$fields,
    ], $seen);
    $set(['client_id' => $first, 'turns' => '1 3/4'])->assertOk();

    expect($set(['turns' => '2'])->assertStatus(422)->json('errors.rejected.0'))->toContain('while you were looking');
    $this->actingAs($this->person(Role::Technician, 'Teo Vanska'));
    $ofAnother = $set(['turns' => '3', 'known' => [$first]])->assertStatus(422);
    expect($ofAnother->json('errors.rejected.0'))->toContain('June Halloran logged');
    $this->actingAs($this->june);
    $set(['turns' => '2', 'known' => [$first]])->assertOk();

    $turns = Entry::query()->where('kind', 'screw_set')->orderBy('seq')->get()->pluck('payload.units')->all();
    expect($turns)->toBe([84, 96]);
});

it('believes nobody who has seen more of a log than there is', function (): void {
    $said = $this->withHeader('Accept', 'application/json')
        ->enter($this->job, 'note_added', ['text' => 'from the future'], 400)->assertStatus(422);

    expect($said->json('errors.rejected.0'))->toContain('another log');
});

it('never signs for one person what another wrote', function (): void {
    $teo = $this->person(Role::Technician, 'Teo Vanska');
    $before = kept();

    $this->withHeader('Accept', 'application/json')
        ->enter($this->job, 'note_added', ['text' => 'of Teo', 'written_by' => $teo->id])
        ->assertStatus(409);
    $this->withHeader('Accept', 'application/json')
        ->enter($this->job, 'note_added', ['text' => 'of nobody', 'written_by' => ['x']])
        ->assertStatus(409);
    expect(kept())->toBe($before);

    $this->actingAs($teo)->enter($this->job, 'note_added', ['text' => 'of Teo', 'written_by' => $teo->id])->assertOk();
    expect(Entry::query()->latest('seq')->firstOrFail()->by_name)->toBe('Teo Vanska');
});

it('says to a device who is signed in, and to nobody else', function (): void {
    $this->getJson('/session')->assertOk()
        ->assertJsonPath('person', ['id' => $this->june->id, 'name' => 'June Halloran'])
        ->assertJsonStructure(['token'])
        ->assertHeader('Cache-Control', 'no-store, private');
    Auth::forgetUser();
    $this->getJson('/session')->assertUnauthorized();
});

it('goes to no place that is a list', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'note_added', ['text' => 'leans', 'at' => 'strip', 'screw' => ['idle'], 'look' => [['x']]])
        ->assertRedirect("/jobs/{$job->id}/strip");
    $this->enter($job, 'note_added', ['text' => 'leans', 'at' => ['strip']])->assertStatus(303);
});

it('answers an entry with the sheet itself, under the id that was logged', function (): void {
    $id = Str::uuid()->toString();
    $this->withHeader('HX-Request', 'true');
    $answer = $this->enter($this->job, 'screw_counted', [
        'client_id' => mb_strtoupper($id), 'adjuster' => 'idle_mixture', 'turns' => '1 3/4', 'at' => 'as-found',
    ])->assertOk()->assertHeader('X-Logged', $id)->assertHeader('Cache-Control', 'no-store, private');
    $address = (string) $answer->headers->get('X-Sheet');
    $plain = static fn (string $html): string => (string) preg_replace('~value="[0-9a-f-]{36}"~', '', $html);

    expect($address)->toBe(route('stations.show', [$this->job, 'as-found']))
        ->and($plain((string) $answer->getContent()))->toBe($plain((string) $this->get($address)->getContent()))
        ->and((string) $answer->getContent())->toMatch('~^\s*<div id="job"~')->toContain('Undo');
});

it('names no id where nothing was logged', function (): void {
    $this->withHeader('HX-Request', 'true');
    $this->enter($this->job, 'screw_counted', ['adjuster' => 'idle_mixture', 'turns' => '1.76'])
        ->assertStatus(422)->assertHeaderMissing('X-Logged')->assertHeader('HX-Retarget', '#errors');
    $this->get("/jobs/{$this->job->id}/set")->assertOk()->assertHeaderMissing('X-Logged');
});
