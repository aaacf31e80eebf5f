<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who came by https comes back by https only, and their session with them. */
final readonly class KeepsToHttps
{
    private const A_YEAR = 31_536_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isSecure()) {
            return $next($request);
        }
        config(['session.secure' => true]);
        $response = $next($request);
        $response->headers->set('Strict-Transport-Security', 'max-age='.self::A_YEAR);

        return $response;
    }
}
