<?php

declare(strict_types=1);

use App\Models\DatabaseFailed;
use App\Models\Role;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

it('keeps who came by https to https, behind the proxy that says so', function (): void {
    config(['trustedproxy.proxies' => '10.0.0.1']);
    $asked = ['REMOTE_ADDR' => '10.0.0.1', 'HTTP_X_FORWARDED_PROTO' => 'https'];

    $secure = $this->withServerVariables($asked)->get('/sign-in');
    expect($secure->headers->get('Strict-Transport-Security'))->toBe('max-age=31536000')
        ->and($secure->getCookie('dusty_jet_session', false)->isSecure())->toBeTrue();
});

it('believes no stranger that says so, and plain http stays possible in a shop', function (): void {
    config(['trustedproxy.proxies' => '10.0.0.1']);
    $asked = ['REMOTE_ADDR' => '10.0.0.9', 'HTTP_X_FORWARDED_PROTO' => 'https'];

    $plain = $this->withServerVariables($asked)->get('/sign-in')->assertHeaderMissing('Strict-Transport-Security');
    expect($plain->getCookie('dusty_jet_session', false)->isSecure())->toBeFalse();
});

it('answers to the names of the shop', function (string $hosts, array $patterns): void {
    config(['shop.hosts' => $hosts]);

    expect(Shop::hosts())->toBe($patterns);
})->with([['', []], ['bench.example, 10.0.0.7', ['^bench\.example$', '^10\.0\.0\.7$']]]);

it('sends nobody back to a stranger\'s page', function (string $from, string $to): void {
    $this->actingAs($this->person(Role::Technician));

    $this->withHeader('Referer', $from)->post('/jobs', [])->assertRedirect($to);
})->with([
    'a stranger' => ['https://evil.example/jobs', '/'],
    'a name that begins like ours' => ['http://127.0.0.1:8080.evil.example/', '/'],
    'ours' => ['http://127.0.0.1:8080/jobs/create', '/jobs/create'],
]);

it('writes no value of a failed query into the log', function (): void {
    Log::spy();
    Route::get('/fails', static fn () => DB::select('select secret from nowhere where name = ?', ['R. Okafor']));

    $this->get('/fails')->assertStatus(500);
    Log::shouldHaveReceived('error')->withArgs(
        static fn (string $said, array $with): bool => ! str_contains($said, 'Okafor')
            && str_contains($said, 'name = ?')
            && $with['exception'] instanceof DatabaseFailed
            && ! str_contains((string) $with['exception'], 'Okafor'),
    );
});

it('keeps its log private, a file a day for two weeks, and says the same failure once a minute', function (): void {
    $folder = sys_get_temp_dir().'/dusty-jet-log-'.getmypid();
    config(['logging.channels.daily.path' => "{$folder}/dusty-jet.log"]);
    // As many as half an hour without a database brings.
    foreach (range(1, 2000) as $request) {
        Log::forgetChannel('daily');
        Log::channel('daily')->error('SQLSTATE 08006 at: select', ['exception' => new RuntimeException('gone')]);
        Log::channel('daily')->close();
    }
    $files = glob("{$folder}/*");
    $bytes = array_sum(array_map(filesize(...), $files));
    $modes = array_map(static fn (string $f): int => fileperms($f) & 0o777, $files);
    Illuminate\Support\Facades\File::deleteDirectory($folder);

    expect($files)->toHaveCount(2)->and(array_unique($modes))->toBe([0o600])->and($bytes)->toBeLessThan(30_000)
        ->and(config('logging.channels.daily.days'))->toBe(14)->and(config('logging.default'))->toBe('daily');
});

it('says how long an answer is, so that half of one is known for half', function (): void {
    $page = $this->get('/sign-in');

    expect($page->headers->get('Content-Length'))->toBe((string) strlen((string) $page->getContent()));
});

it('names no class to who asks for what is not there', function (): void {
    $this->actingAs($this->person(Role::Technician));

    config(['app.debug' => false]);
    $said = (string) $this->getJson('/jobs/6f2a1b9c-0000-4000-8000-0000000000cc')->assertNotFound()->getContent();
    expect($said)->not->toContain('App')->not->toContain('6f2a');
    $said = (string) $this->postJson("/jobs/{$this->openJob()->id}/entries/nothing")->assertNotFound()->getContent();
    expect($said)->not->toContain('DustyJet')->not->toContain('Enum');
});

it('serves no file of its storage, and takes none', function (): void {
    $this->get('/storage/a.txt')->assertNotFound();
    $this->put('/storage/a.txt')->assertNotFound();
});

it('follows no stranger after a switch of the coach', function (): void {
    $this->actingAs($this->person());
    $from = fn (string $page): string => (string) $this->from($page)->post('/coach')->headers->get('Location');

    expect($from('https://evil.example/jobs'))->toBe(url('/'))->and($from(url('/library')))->toBe(url('/library'));
});
