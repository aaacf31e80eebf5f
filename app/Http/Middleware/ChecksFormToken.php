<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Every form carries its token and the page its own: no cookie repeats it. */
final class ChecksFormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
