<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Text that is no UTF-8, or holds what a database cannot keep, is answered before anything reads it. */
final readonly class RefuseBrokenText
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $all = [...$request->query->all(), ...$request->request->all()];
        array_walk_recursive($all, static function (mixed $value, int|string $name): void {
            $text = $name.(is_string($value) ? $value : '');
            if (! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
                throw ValidationException::withMessages([
                    'text' => 'Some of that text cannot be read. Type it again, without what was pasted in.',
                ]);
            }
        });

        return $next($request);
    }
}
