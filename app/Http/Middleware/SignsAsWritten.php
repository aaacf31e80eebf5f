<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Responses\RejectedResponse;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What one person wrote is never signed by another who is at the bench by now: a form says for whom it was printed. */
final readonly class SignsAsWritten
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $isTheirs = ! $request->filled('written_by') || $request->integer('written_by') === $request->user()?->getAuthIdentifier();

        return $isTheirs ? $next($request) : RejectedResponse::of(
            'Somebody else is signed in by now. Nothing was saved under their name: sign in again, then log it.',
            $request,
            409,
        );
    }
}
