<?php

declare(strict_types=1);

use App\Http\Sessions\FileSession;
use Illuminate\Filesystem\Filesystem;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(6));
    mkdir($this->folder);
    $this->file = "{$this->folder}/one";
    $this->session = fn (): FileSession => new FileSession(new Filesystem, $this->folder, 60);
    // Written half a minute ago.
    $this->stored = function (string $data, int $secondsAgo = 30): void {
        file_put_contents($this->file, $data);
        touch($this->file, time() - $secondsAgo);
        clearstatcache();
    };
    $this->age = function (): int {
        clearstatcache();

        return time() - (int) filemtime($this->file);
    };
});

it('does not write again what was only read', function (): void {
    ($this->stored)('same');
    $session = ($this->session)();
    expect($session->read('one'))->toBe('same')->and($session->write('one', 'same'))->toBeTrue()
        ->and(($this->age)())->toBeGreaterThanOrEqual(29);
});

it('writes what changed, what nobody read, and what is gone', function (): void {
    ($this->stored)('same');
    $session = ($this->session)();
    $session->read('one');
    $session->write('one', 'other');
    expect(file_get_contents($this->file))->toBe('other');

    ($this->stored)('same');
    ($this->session)()->write('one', 'same');
    expect(($this->age)())->toBeLessThan(5);

    $session = ($this->session)();
    ($this->stored)('same');
    $session->read('one');
    unlink($this->file);
    $session->write('one', 'same');
    expect(file_get_contents($this->file))->toBe('same');
});

it('keeps a session that is used from growing old', function (): void {
    ($this->stored)('same', 61);
    $session = ($this->session)();
    $session->read('one');
    $session->write('one', 'same');
    expect(($this->age)())->toBeLessThan(5);
});
