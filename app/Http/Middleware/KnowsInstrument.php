<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Responses\RejectedResponse;
use App\Models\Instrument;
use App\Models\TooManyBatches;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** Lets in who has the key of an instrument. A wrong key and a revoked one are told the same, and not often. */
final readonly class KnowsInstrument
{
    private const WRONG_KEYS_A_MINUTE = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $instrument = Instrument::withKey((string) $request->bearerToken());
        if ($instrument === null) {
            return $this->unknown("wrong-key|{$request->ip()}");
        }
        $request->attributes->set(Instrument::class, $instrument);

        return $next($request);
    }

    private function unknown(string $place): Response
    {
        if (RateLimiter::tooManyAttempts($place, self::WRONG_KEYS_A_MINUTE)) {
            return RejectedResponse::forInstrument(new TooManyBatches(RateLimiter::availableIn($place)));
        }
        RateLimiter::hit($place);

        return response()->json([
            'error' => 'unknown_key',
            'message' => 'This key is not known. The owner of the shop gives out another.',
        ], 401);
    }
}
