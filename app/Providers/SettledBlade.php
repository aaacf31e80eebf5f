<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\View\Compilers\CompilerInterface;
use Illuminate\View\Engines\CompilerEngine;
use Throwable;

/**
 * Prints views that were compiled when the server started and are not looked at again: a sheet includes a hundred, and
 * the file of each would be asked for twice.
 */
final class SettledBlade extends CompilerEngine
{
    /** @param  string  $own the folder of the views that were compiled; others are looked at as ever */
    public function __construct(CompilerInterface $compiler, private readonly string $own)
    {
        parent::__construct($compiler);
    }

    /** @param  array<string, mixed>  $data */
    public function get($path, array $data = []): string
    {
        if (! str_starts_with($path, $this->own)) {
            return parent::get($path, $data);
        }
        $this->lastCompiled[] = $path;
        $level = ob_get_level();
        ob_start();
        try {
            self::print($this->compiler->getCompiledPath($path), $data);
        } catch (Throwable $e) {
            $this->handleViewException($e, $level);
        }
        array_pop($this->lastCompiled);

        return ltrim((string) ob_get_clean());
    }

    /** @param  array<string, mixed>  $__data what the view sees, and nothing else */
    private static function print(string $__path, array $__data): void
    {
        extract($__data, EXTR_SKIP);
        require $__path;
    }
}
