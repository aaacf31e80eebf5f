<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Worksheet\CheckState;
use DustyJet\Worksheet\Promise;
use DustyJet\Worksheet\StaleItem;
use DustyJet\Worksheet\Worksheet;

/** The proof before a machine goes home: checks, gates, overrides, report. */
final readonly class HandBackWork
{
    public const ADVICE = 'Fuel tap off and run it dry before storage. Fresh fuel each season, no older than 30 days. Keep the air filter clean.';

    /**
     * @param  list<array{key: string, do: string, takesRpm: bool, state: string, note: string}>  $checks
     * @param  list<array{key: string, what: string, because: string}>  $stale
     * @param  list<string>  $gates
     * @param  list<array{name: string, found: string, left: string}>  $screws
     * @param  array<string, string>  $overrides
     * @param  list<array{id: string, what: string, by: string}>  $promises checks put off and still open
     */
    public function __construct(
        public array $checks,
        public array $stale,
        public array $gates,
        public int $inTheWay,
        public array $screws,
        public array $overrides,
        public array $promises,
        public bool $mayHandBack,
        public string $handedBack,
        public string $advice,
        public string $reportHref,
        public string $pdfHref,
        public string $fileHref,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet): self
    {
        return new self(
            checks: array_values(array_map(static fn (CheckState $c): array => [
                'key' => $c->key,
                'do' => $c->do,
                'takesRpm' => $c->takesRpm,
                'state' => $c->passed === null ? 'open' : ($c->passed ? 'passed' : 'failed'),
                'note' => $c->at === null ? '' : Numbers::clock($c->at).($c->rpm === null ? '' : ', '.Numbers::rpm($c->rpm).' rpm'),
            ], $sheet->checks)),
            stale: array_map(static fn (StaleItem $s): array => ['key' => $s->key, 'what' => $s->what, 'because' => $s->because], $sheet->stale),
            gates: array_values(array_filter($sheet->gates(), static fn (string $gate): bool => ! str_starts_with($gate, 'Not checked'))),
            inTheWay: count($sheet->gates()),
            screws: array_values(array_map(static fn ($s): array => ['name' => $s->adjuster->name, 'found' => Numbers::turns($s->found), 'left' => Numbers::turns($s->left)], $sheet->adjusters)),
            overrides: $sheet->overrides,
            promises: array_map(static fn (Promise $p): array => ['id' => $p->entryId, 'what' => $p->what, 'by' => $p->by], $sheet->rebuild->openPromises()),
            mayHandBack: $sheet->gates() === [] && $sheet->handedBackAt === null,
            handedBack: $sheet->handedBackAt === null ? '' : $sheet->handedBackAt->format('M j, G:i'),
            advice: $sheet->advice ?? self::ADVICE,
            reportHref: route('report.show', $job),
            pdfHref: route('report.pdf', $job),
            fileHref: route('job-files.show', $job),
        );
    }
}
