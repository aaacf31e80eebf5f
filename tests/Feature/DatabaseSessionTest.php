<?php

declare(strict_types=1);

use App\Http\Sessions\DatabaseSession;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->freezeSecond();
    $this->session = fn (): DatabaseSession => new DatabaseSession(DB::connection(), 'sessions', 60);
    $this->stored = fn (string $data, int $secondsAgo = 30) => DB::table('sessions')->upsert(
        [
            'id' => 'one',
            'payload' => base64_encode($data),
            'last_activity' => Date::now()->getTimestamp() - $secondsAgo,
        ],
        'id',
    );
    $this->age = fn (): int => Date::now()->getTimestamp()
        - DB::table('sessions')->where('id', 'one')->value('last_activity');
});

it('does not write again what was only read', function (): void {
    ($this->stored)('same');
    $session = ($this->session)();
    expect($session->read('one'))->toBe('same')->and($session->write('one', 'same'))->toBeTrue()
        ->and(($this->age)())->toBe(30);
});

it('writes what changed, and what nobody read', function (): void {
    ($this->stored)('same');
    $session = ($this->session)();
    $session->read('one');
    $session->write('one', 'other');
    expect(($this->session)()->read('one'))->toBe('other')->and(($this->age)())->toBe(0);

    ($this->stored)('same');
    ($this->session)()->write('one', 'same');
    expect(($this->age)())->toBe(0);

    ($this->session)()->write('two', 'new');
    expect(($this->session)()->read('two'))->toBe('new');
});

it('keeps a session that is used from growing old, and knows none that is too old', function (): void {
    ($this->stored)('same', 61);
    $session = ($this->session)();
    $session->read('one');
    $session->write('one', 'same');
    expect(($this->age)())->toBe(0);

    ($this->stored)('same', 3601);
    expect(($this->session)()->read('one'))->toBe('')->and(($this->session)()->read('three'))->toBe('');
});

it('is one for all servers: what one wrote another reads', function (): void {
    config(['session.driver' => 'database', 'cache.default' => 'database']);
    expect(session()->driver('database')->getHandler())->toBeInstanceOf(DatabaseSession::class);
    cache()->driver('database')->add('tries', 1, 60);
    $isLogged = static fn (string $table): string => DB::scalar(
        'select relpersistence from pg_class where relname = ?',
        [$table],
    );
    expect(DB::table('cache')->count())->toBe(1)
        ->and(array_map($isLogged, ['cache', 'cache_locks', 'sessions']))->toBe(['u', 'u', 'p']);
});
