<?php

declare(strict_types=1);

use App\Models\ReportLink;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->actingAs($this->person(Role::Technician));
    $this->job = $this->openJob();
    $this->share = fn () => $this->post("/jobs/{$this->job->id}/report-links");
    $this->link = fn (): string => route('report-links.show', ReportLink::query()->sole()->token, false);
});

it('hands the report to whoever has the link, and nothing else', function (): void {
    ($this->share)()->assertRedirect("/jobs/{$this->job->id}/report");
    $address = ($this->link)();
    $this->get("/jobs/{$this->job->id}/report")->assertSee($address);
    Auth::forgetUser();

    $answer = $this->get($address)->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect($answer->headers->get('Cache-Control'))->toContain('no-store')
        ->and($answer->headers->get('X-Robots-Tag'))->toBe('noindex')
        ->and(Auth::check())->toBeFalse();
    $this->get("/jobs/{$this->job->id}/report")->assertRedirect('/sign-in');
    $this->get("/jobs/{$this->job->id}/tag")->assertRedirect('/sign-in');
});

it('is worth nothing once it is taken back, too old, or not quite it', function (): void {
    ($this->share)();
    $link = ReportLink::query()->sole();
    $address = ($this->link)();
    $this->get(substr($address, 0, -1).(str_ends_with($address, 'A') ? 'B' : 'A'))->assertNotFound();
    $this->get('/r/short')->assertNotFound();
    $this->travelTo(Date::now()->addDays(ReportLink::DAYS)->addMinute());
    $this->get($address)->assertNotFound();
    $this->travelBack();
    $this->get($address)->assertOk();
    $this->delete("/jobs/{$this->job->id}/report-links/{$link->id}")->assertRedirect();
    $this->get($address)->assertNotFound();
    $this->get("/jobs/{$this->job->id}/report")->assertSee('Make a')->assertDontSee('/r/');
});

it('makes one for a job, not one a tap; after it was taken back, another', function (): void {
    ($this->share)();
    ($this->share)();
    $first = ReportLink::query()->sole();
    $first->revoke();
    ($this->share)();

    expect(ReportLink::query()->count())->toBe(2)
        ->and(ReportLink::liveOf($this->job)->token)->not->toBe($first->token)
        ->and(strlen($first->token))->toBe(32);
});

it('keeps no token that can be read in the database', function (): void {
    ($this->share)();
    $row = (array) DB::table('report_links')->first();
    $token = ReportLink::query()->sole()->token;

    expect(json_encode($row))->not->toContain($token)->and($row['token_hash'])->toBe(hash('sha256', $token));
});

it('is made and taken back by who answers for the shop, and that is written down', function (): void {
    ($this->share)();
    $link = ReportLink::query()->sole();
    $this->actingAs($this->person(Role::Apprentice, 'Addie Quill'));
    ($this->share)()->assertForbidden();
    $this->delete("/jobs/{$this->job->id}/report-links/{$link->id}")->assertForbidden();
    $this->actingAs($this->person(Role::Owner, 'R. Okafor'));
    $other = $this->openJob();
    $this->delete("/jobs/{$other->id}/report-links/{$link->id}")->assertNotFound();
    $this->delete("/jobs/{$this->job->id}/report-links/{$link->id}")->assertRedirect();

    $kinds = SecurityEvent::query()->orderBy('id')->pluck('kind')->all();
    expect($kinds)->toContain(SecurityEventKind::ReportShared, SecurityEventKind::ReportLinkRevoked);
});

it('lets nobody try one after the other', function (): void {
    for ($i = 0; $i < 20; $i++) {
        $this->get('/r/'.str_repeat('A', 31).chr(65 + $i))->assertNotFound();
    }
    $this->get('/r/'.str_repeat('A', 31).'z')->assertTooManyRequests();
});

it('prints a tag whose code leads to the report, or to the sheet where there is no link', function (): void {
    $this->get("/jobs/{$this->job->id}/tag")
        ->assertSee($this->job->number)->assertSee(route('jobs.show', $this->job))->assertSee('for the shop');
    ($this->share)();
    $this->get("/jobs/{$this->job->id}/tag")->assertSee(($this->link)())->assertSee('Your report');
});
