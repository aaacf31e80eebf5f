<?php

declare(strict_types=1);

namespace App\View\Report;

use App\Models\Job;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Worksheet;

/** Whose machine a report is about. */
final readonly class ReportHead
{
    private function __construct(
        public string $shop,
        public string $number,
        public string $machine,
        public string $engine,
        public string $serial,
        public string $customer,
        public string $complaint,
        public string $opened,
        public string $handedBack,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet, string $shop): self
    {
        $intake = $sheet->intake;
        $back = $sheet->handedBackAt?->format('F j, Y');
        $unrepaired = $sheet->of(Proofs::class)->unrepaired;

        return new self(
            shop: $shop,
            number: $job->number,
            machine: $intake->machine ?? $job->machine,
            engine: $intake->engine ?? '',
            serial: $intake->serial ?? '',
            customer: $intake->customer ?? '',
            complaint: ucfirst($intake->complaint ?? ''),
            opened: $job->opened_at->format('F j, Y'),
            handedBack: match (true) {
                $back === null => 'still on the bench',
                $unrepaired !== null => "returned unrepaired {$back}: {$unrepaired}",
                default => "handed back {$back}",
            },
        );
    }
}
