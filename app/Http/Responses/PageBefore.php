<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Http\Request;

/** The page of ours a form was on; nobody is sent to a stranger's, whatever the request says it came from. */
final readonly class PageBefore
{
    public static function of(Request $request): string
    {
        $page = url()->previous('/');

        return str_starts_with($page, $request->getSchemeAndHttpHost().'/') ? $page : '/';
    }
}
