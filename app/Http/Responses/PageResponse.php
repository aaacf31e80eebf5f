<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** One view, printed whole for a page load and in part for htmx. */
final readonly class PageResponse implements Responsable
{
    public const HEADERS = ['Vary' => 'HX-Request', 'Cache-Control' => 'no-store'];

    /** @param  view-string  $view */
    public function __construct(private string $view, private object $page, private string $fragment)
    {
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $view = view($this->view, ['page' => $this->page]);
        $html
            = $request->hasHeader('HX-Request') && ! $request->hasHeader('HX-History-Restore-Request')
                ? $view->fragment($this->fragment)
                : $view->render();

        return new Response($html, 200, self::HEADERS);
    }
}
