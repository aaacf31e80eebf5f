<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** It is in the log: back to the sheet, or, to a device that sends what it kept, the id that may now be forgotten. */
final readonly class LoggedResponse implements Responsable
{
    public function __construct(private string $address)
    {
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        return $request->expectsJson()
            ? response()->json(['logged' => $request->string('client_id')->lower()->toString()])
            : redirect()->to($this->address, 303);
    }
}
