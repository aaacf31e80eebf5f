<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->actingAs($this->person());
    $this->job = $this->openJob(['family' => 'kart_pumper', 'variant' => 'kart']);
});

/** A gauge that is pumped slowly three times to 12.6 psi, where the needle lets it down to 9.4, then let go. */
function poppedCsv(): string
{
    $lines = ['t_s,psi'];
    $psi = 2.0;
    for ($i = 0; $i < 400; $i++) {
        $lines[] = sprintf('%.2f,%.2f', $i / 10, $psi);
        $psi = $psi >= 12.6 ? 9.4 : $psi + 0.06;
    }

    return implode("\n", $lines)."\n";
}

function popFile(mixed $test, string $content, array $fields = []): TestResponse
{
    return $test->post("/jobs/{$test->job->id}/pop-offs", [
        'client_id' => Str::uuid()->toString(),
        'seen' => Job::query()->findOrFail($test->job->id)->log_length,
        'file' => UploadedFile::fake()->createWithContent('pops.csv', $content),
        'wetted' => '1',
        ...$fields,
    ]);
}

it('finds the pops of a file and puts them in the ledger, once', function (): void {
    $id = Str::uuid()->toString();
    foreach ([1, 2] as $ignored) {
        popFile($this, poppedCsv(), ['client_id' => $id])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/jobs/{$this->job->id}/bench-test?look=pop_off");
    }
    $entry = Entry::query()->where('kind', 'pop_off_measured')->sole();
    $pops = array_map(static fn (string $p): array => array_map(floatval(...), explode('/', $p)), explode(' ', $entry->payload['pops']));
    expect(count($pops))->toBeGreaterThanOrEqual(3);
    foreach ($pops as [$pop, $reseat]) {
        expect($pop)->toEqualWithDelta(12.6, 0.15)->and($reseat)->toEqualWithDelta(9.4, 0.3);
    }
    expect($this->get("/jobs/{$this->job->id}/bench-test?look=pop_off")->getContent())->toMatch('~<small>12\.[4-7] psi<~');
});

it('refuses a file in which nothing pops, that is no trace, or of another family, and keeps nothing', function (): void {
    $still = "t_s,psi\n".implode("\n", array_map(static fn (int $i): string => ($i / 10).',5.0', range(0, 200)));
    popFile($this, $still)->assertSessionHasErrors();
    popFile($this, "hello\nworld")->assertSessionHasErrors();
    popFile($this, "t_s,inhg\n0,5\n1,6\n2,7\n3,8")->assertSessionHasErrors();
    $this->post("/jobs/{$this->job->id}/pop-offs", ['client_id' => Str::uuid()->toString(), 'seen' => 1])
        ->assertSessionHasErrors('file');
    $this->job = $this->openJob();
    popFile($this, poppedCsv())->assertSessionHasErrors();
    expect(Entry::query()->where('kind', 'pop_off_measured')->count())->toBe(0);
});
