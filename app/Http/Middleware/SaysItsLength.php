<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An answer says how long it is: where the line was cut in the middle, nobody takes half of it for the whole. */
final readonly class SaysItsLength
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $content = $response->getContent();
        if ($content !== false && ! $response->isEmpty() && ! $response->headers->has('Transfer-Encoding')) {
            $response->headers->set('Content-Length', (string) strlen($content));
        }

        return $response;
    }
}
