<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * It is in the log: the sheet as it is now, with the id that was logged, so that no other answer is taken for it; to a
 * device that sends what it kept, the id that may now be forgotten; without scripts, back to the sheet.
 */
final readonly class LoggedResponse implements Responsable
{
    /** The id of the entry this answer is about. */
    public const LOGGED = 'X-Logged';

    /** Under which address the sheet in it would be asked for. */
    public const SHEET = 'X-Sheet';

    public function __construct(private string $address)
    {
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $id = $request->string('client_id')->lower()->toString();
        if ($request->expectsJson()) {
            return response()->json(['logged' => $id]);
        }
        if (! $request->hasHeader('HX-Request')) {
            return redirect()->to($this->address, 303);
        }
        $sheet = resolve(SameTrip::class)->to($this->address, $request);
        $sheet->headers->add([self::LOGGED => $id, self::SHEET => $this->address]);

        return $sheet;
    }
}
