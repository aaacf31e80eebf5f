<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

/** @param  list<array{0: string, 1: int}>  $read turns and rpm */
function readSpeeds(object $test, App\Models\Job $job, array $read): void
{
    foreach ($read as [$turns, $rpm]) {
        $test->enter($job, 'speed_read', ['adjuster' => 'idle_mixture', 'turns' => $turns, 'rpm' => (string) $rpm])
            ->assertSessionHasNoErrors();
    }
}

function photograph(object $test, App\Models\Job $job, string $station): void
{
    $test->post("/jobs/{$job->id}/photos", [
        'client_id' => Str::uuid()->toString(),
        'seen' => $job->refresh()->log_length,
        'at' => $station,
        'station' => $station,
        'caption' => "seen at {$station}",
        'photo' => UploadedFile::fake()->image('bench.jpg', 80, 60),
    ])->assertSessionHasNoErrors();
}

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->job = $this->openJob();
});

it('shows the run of a mixture screw, and photos as it came and as it goes', function (): void {
    readSpeeds($this, $this->job, [['1', 1620], ['1 1/4', 1740], ['1 1/2', 1790], ['1 3/4', 1760]]);
    photograph($this, $this->job, 'as-found');
    photograph($this, $this->job, 'strip');
    photograph($this, $this->job, 'build');

    $this->get("/jobs/{$this->job->id}/report")
        ->assertSee('Speed by the idle mixture screw')
        ->assertSee('As it came.')->assertSee('seen at as-found')
        ->assertSee('As it goes.')->assertSee('seen at build')
        ->assertDontSee('seen at strip');
});

it('tells the customer what to do, and the next technician what was noted', function (): void {
    $this->enter($this->job, 'note_added', ['text' => 'every spring', 'fact' => 'next_service'])->assertSessionHasNoErrors();
    $this->enter($this->job, 'note_added', ['text' => 'full kit', 'fact' => 'kit_used'])->assertSessionHasNoErrors();
    $this->enter($this->job, 'note_added', ['text' => '0.35 mm, now 0.40', 'fact' => 'jet_bored'])
        ->assertSessionHasNoErrors();
    $this->enter($this->job, 'note_added', ['text' => 'x', 'fact' => 'shoe_size'])->assertSessionHasErrors();

    $this->get("/jobs/{$this->job->id}/report")
        ->assertSeeInOrder(['So that it stays well', 'Next service:',
            'every spring', 'Before it stands for a season', 'Outdoors', 'Fuel tap off',
            'Common practice', 'from memory', 'For the record',
            'Jet bored', '0.35 mm, now 0.40', 'It passes 31 % more.', 'Kit used', 'full kit']);
});

it('is printed in the house\'s own type, with its pictures', function (): void {
    readSpeeds($this, $this->job, [['1', 1620], ['1 1/4', 1740], ['1 1/2', 1790]]);
    photograph($this, $this->job, 'as-found');
    $this->hold($this->job, ['readings' => "0 5.0\n30 4.9\n60 4.9\n90 4.9"])->assertSessionHasNoErrors();
    $pdf = (string) $this->get("/jobs/{$this->job->id}/report.pdf")->assertOk()->getContent();

    // Subsets of a face are named so in a PDF: six letters, a plus, the face.
    expect($pdf)->toStartWith('%PDF-')
        ->toMatch('~/BaseFont /[A-Z]{6}\+Archivo~')
        ->and(substr_count($pdf, '/Subtype /Image'))->toBeGreaterThanOrEqual(1);
});
