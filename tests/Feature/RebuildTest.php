<?php

declare(strict_types=1);

use App\Models\Person;
use App\Models\Role;
use DustyJet\Carburetor\Families;
use DustyJet\Worksheet\Strip\Parts;
use Illuminate\Support\Carbon;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Technician));
});

it('asks to look before a guarded part counts, and says at what', function (array $looks, bool $counts): void {
    $job = $this->openJob(['family' => 'kart_pumper', 'variant' => 'kart']);
    $this->takeOff($job, 'fuel_hose');
    $entry = $this->enter($job, 'part_on', [
        'part' => 'fuel_hose',
        'count' => 1,
        'looks_asked' => 1,
        'looks' => $looks,
    ]);

    $counts ? $entry->assertSessionHasNoErrors() : $entry->assertSessionHasErrors();
    expect(count($job->worksheet(app(Families::class))->of(Parts::class)->build->placed))->toBe($counts ? 1 : 0);
    if (! $counts) {
        expect(session('errors')->first())->toContain('On the inlet; filter purged');
    }
})->with([[['1'], true], [[], false], [['0'], false], [['yes please'], false]]);

it('counts no guard as looked at because the form did not ask', function (): void {
    $job = $this->openJob(['family' => 'kart_pumper', 'variant' => 'kart']);
    $this->takeOff($job, 'fuel_hose');
    $this->enter($job, 'part_on', ['part' => 'fuel_hose', 'count' => 1])->assertSessionHasErrors();
    $this->enter($job, 'part_on', ['part' => 'fuel_hose', 'count' => 1, 'looked' => '1'])->assertSessionHasErrors();
});

it('shows the tray in cells, the spring tally and what is behind what', function (): void {
    $job = $this->openJob(['family' => 'float_side_pump', 'variant' => 'fixed_jet']);
    $this->takeOff($job, 'vacuum_hose', 'fuel_hose');
    $this->enter($job, 'part_off', ['part' => 'pump_bolts', 'count' => 2]);
    $this->enter($job, 'part_missing', ['part' => 'air_cleaner_cover', 'said' => 'tied with wire']);
    $this->enter($job, 'part_unexpected', ['name' => 'small washer', 'count' => 1]);

    $this->get("/jobs/{$job->id}/strip")
        ->assertSee('2, expected 3')
        ->assertSee('springs 0 of 3')
        ->assertSee('Air cleaner cover: tied with wire')
        ->assertSee('small washer')
        ->assertSeeInOrder(['Comes off now', 'Plastic back plate'])
        ->assertSee('after plastic back plate');
});

it('compares a screw with this shop and with this machine', function (): void {
    $left = function (string $turns, string $serial): void {
        $job = $this->openJob(['serial' => $serial]);
        $this->enter($job, 'screw_set', ['adjuster' => 'idle_mixture', 'turns' => '9', 'station' => 'run']);
        $this->enter($job, 'screw_set', [
            'adjuster' => 'idle_mixture',
            'turns' => $turns,
            'station' => 'run',
        ])->assertSessionHasNoErrors();
    };
    $left('1 1/2', 'A-1');
    $left('1 3/4', 'B-2');
    $this->openJob(['serial' => 'b-2']);
    $here = $this->openJob(['serial' => 'b-2']);
    $this->get("/jobs/{$here->id}/as-found")
        ->assertSee('This machine, last')
        ->assertSee("1\u{00A0}3/4 turns")
        ->assertDontSee('This shop leaves');
    $left('2', 'C-3');
    // Median of 1 1/2, 1 3/4 and 2; another family says nothing of it.
    $this->get("/jobs/{$here->id}/as-found")->assertSeeInOrder([
        'This shop leaves',
        'The middle of its last 3 jobs',
        "1\u{00A0}3/4 turns",
    ]);
    $other = $this->openJob(['family' => 'updraft', 'variant' => 'updraft']);
    $this->get("/jobs/{$other->id}/as-found")->assertDontSee('This shop leaves');
});

it('shows a running clock on the board, and that its time is up', function (): void {
    Carbon::setTestNow('2026-05-01 10:00:00');
    $job = $this->openJob();
    $this->enter($job, 'clock_started', [
        'clock' => 'soak',
        'minutes' => '30',
        'what' => 'jets',
    ])->assertSessionHasNoErrors();
    $this->get('/')->assertSee('Soak, until 10:30');
    $this->get("/jobs/{$job->id}/clean")
        ->assertSee('data-due="2026-05-01T10:30:00', false)
        ->assertSee('30:00');
    Carbon::setTestNow('2026-05-01 10:31:00');
    $this->get('/')->assertSee('Soak, time is up');
    $this->get("/jobs/{$job->id}/clean")->assertSee('time is up');
    $this->enter($job, 'clock_ended', ['clock' => $job->entries()->get()->last()->id])->assertSessionHasNoErrors();
    $this->get('/')->assertDontSee('Soak,');
    Carbon::setTestNow();
});

it('explains more to those who ask, on the same sheet', function (): void {
    $job = $this->openJob();
    $this->get("/jobs/{$job->id}/strip")
        ->assertSee('Explain more')
        ->assertDontSee('One part, one cell');
    $this->post('/coach')->assertRedirect();
    $this->get("/jobs/{$job->id}/strip")
        ->assertSee('One part, one cell')
        ->assertSee('In the way of')
        ->assertSee('Fewer words');
    expect(Person::query()->where('coached', true)->count())->toBe(1);
    $this->post('/coach');
    $this->get("/jobs/{$job->id}/strip")->assertDontSee('One part, one cell');
});

it('knows a machine that was here, with its carburetor', function (): void {
    $job = $this->openJob([
        'family' => 'cube_opposed',
        'variant' => 'independent',
        'machine' => 'Korvo 52 saw',
        'serial' => 'K-9',
        'customer' => 'Ames',
    ]);
    $this->get('/machines?machine=korvo')->assertSee("/jobs/create?family=cube_opposed&amp;from={$job->id}", false);
    $this->get('/machines?machine=korvo&family=cube_opposed')->assertSee('data-machine', false);
    $this->get("/jobs/create?family=cube_opposed&from={$job->id}")
        ->assertSee('value="Korvo 52 saw"', false)
        ->assertSee('value="K-9"', false)
        ->assertSee('value="independent" checked', false);
    $this->get('/jobs/create?family=cube_opposed&from=elsewhere')->assertOk();
});

it('writes what was found and what was fitted into the report', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'part_inspected', [
        'inspection' => 'needle_tip',
        'condition' => 'replace',
        'reason' => 'ring around the cone',
    ]);
    $this->enter($job, 'test_done', ['test' => 'jet_light', 'passed' => '1']);

    $this->get("/jobs/{$job->id}/report")
        ->assertSee('Needle tip under a lens')
        ->assertSee('it was past use (ring around the cone)')
        ->assertSee('Still to be fitted new: inlet needle.')
        ->assertSee('Light through the jets');
});

it('says that a scrapped body costs a new carburetor', function (): void {
    $job = $this->openJob(['findings' => ['surges' => 'strong']]);
    $this->enter($job, 'part_inspected', [
        'inspection' => 'shaft',
        'condition' => 'scrap',
        'reason' => 'half a millimeter of play',
    ])->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/intake")->assertSee('100 %');
    $this->enter($job, 'part_inspected', [
        'inspection' => 'needle_tip',
        'condition' => 'scrap',
        'reason' => 'x',
    ])->assertSessionHasErrors();
    expect(session('errors')->first())->toContain('does not scrap the body');
});

it('keeps notes of rods and hoses, the last one of each', function (): void {
    $job = $this->openJob();
    $this->enter($job, 'link_noted', ['link' => 'drain', 'text' => 'to the tap']);
    $this->enter($job, 'link_noted', ['link' => 'drain', 'text' => 'away from the tap']);

    $this->get("/jobs/{$job->id}/as-found")
        ->assertSee('1 of 5 noted')
        ->assertSee('value="away from the tap"', false)
        ->assertDontSee('value="to the tap"', false);
});

it('offers the models and the words it sees most with a carburetor, and no others', function (): void {
    $told = str_repeat('It floods when warm. ', 4);
    foreach ([['Tilby 46', 'Floods.'], ['Tilby 46', 'Floods'], ['Tilby 21', $told]] as [$machine, $said]) {
        $this->openJob(['machine' => $machine, 'engine' => '160 cc', 'complaint' => $said]);
    }
    $this->openJob(['family' => 'cube_opposed', 'variant' => 'dependent', 'machine' => 'Korvo 52', 'complaint' => 'Bogs it']);
    $page = (string) $this->get('/jobs/create?family=float_pilot_jet')->assertOk()->getContent();

    expect(strpos($page, '<b>Tilby 46</b><small>160 cc</small>'))->toBeLessThan(strpos($page, '<b>Tilby 21</b>'))
        ->and(substr_count($page, '>Floods</button>'))->toBe(1)
        ->and($page)->not->toContain('Korvo 52')->not->toContain('Bogs it')->not->toContain('when warm');
});
