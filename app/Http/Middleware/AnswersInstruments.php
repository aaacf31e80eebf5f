<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use DustyJet\Instrument\SampleBatch;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** An instrument is answered in JSON, whatever it asks for, and is not read beyond the size of a batch. */
final readonly class AnswersInstruments
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->headers->set('Accept', 'application/json');
        $length = $request->headers->get('Content-Length');
        if (is_numeric($length) && (int) $length > SampleBatch::MOST_BYTES || strlen($request->getContent()) > SampleBatch::MOST_BYTES) {
            return response()->json([
                'error' => 'too_large',
                'message' => 'A batch has at most '.SampleBatch::MOST_BYTES.' bytes. Send it in parts.',
            ], 413);
        }

        return $next($request);
    }
}
