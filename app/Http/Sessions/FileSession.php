<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use Illuminate\Session\FileSessionHandler;

/** Sessions in files, written only when they changed or grew a minute old: most requests only read theirs. */
final class FileSession extends FileSessionHandler
{
    private const FRESH_SECONDS = 60;

    private ?string $stored = null;

    public function read($sessionId): string|false
    {
        $read = parent::read($sessionId);
        $this->stored = $read === false ? null : $read;

        return $read;
    }

    public function write($sessionId, $data): bool
    {
        return $this->isKept($sessionId, $data) || parent::write($sessionId, $data);
    }

    private function isKept(string $sessionId, string $data): bool
    {
        $path = "{$this->path}/{$sessionId}";

        return $this->stored === $data
            && $this->files->isFile($path)
            && $this->files->lastModified($path) > time() - self::FRESH_SECONDS;
    }
}
