<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A view printed on A4 or letter; nothing is fetched while printing. */
final readonly class PdfResponse implements Responsable
{
    /**
     * @param  view-string  $view
     * @param  array<string, Drawing>  $drawings by the name the view calls them
     */
    public function __construct(
        private string $view,
        private object $page,
        private string $name,
        private array $drawings = [],
    ) {
    }

    /** @param  Request  $request */
    public function toResponse($request): Response
    {
        $scratch = config()->string('shop.data').'/scratch';
        is_dir($scratch) || @mkdir($scratch, 0o700, true);
        $view = view($this->view, ['page' => $this->page, 'drawings' => $this->drawings]);
        $pdf = new Dompdf(
            new Options([
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'defaultFont' => 'DejaVu Sans',
                'chroot' => resource_path('fonts'),
                'tempDir' => $scratch,
                'fontDir' => $scratch,
                'fontCache' => $scratch,
            ]),
        );
        $pdf->loadHtml($view->render(), 'UTF-8');
        $pdf->setPaper('letter');
        $pdf->render();

        return new Response((string) $pdf->output(), 200, [
            'Content-Type' => 'application/pdf',
            'Cache-Control' => 'private, no-store',
            'X-Robots-Tag' => 'noindex',
            'Content-Disposition' => 'inline; filename="'.preg_replace('~[^A-Za-z0-9-]~', '', $this->name).'.pdf"',
        ]);
    }
}
