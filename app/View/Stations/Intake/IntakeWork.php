<?php

declare(strict_types=1);

namespace App\View\Stations\Intake;

use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\TalksOfAPart;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Worksheet\Clean\Inspections;

/**
 * What was said and seen, what is likely, which check is worth the next minutes, and the intake itself to be
 * corrected.
 */
final readonly class IntakeWork implements StationWork, TalksOfAPart
{
    use BesideTheDrawing;

    /** Asked for by the key that every station has. */
    public const SAY = 'say';

    /**
     * @param  Suspicion|null  $likely null while there is nothing to diagnose
     * @param  list<SaidRow>  $said
     * @param  list<Tick>  $ticks what was not said yet
     * @param  bool  $isSaying whether somebody came here to say something
     * @param  list<FlowCard>  $flows
     * @param  array<string, string>  $values of the intake form
     * @param  string|null  $supersedes the intake that the form corrects
     * @param  string|null  $leads part of the leader
     */
    private function __construct(
        public string $kind,
        public bool $hasComplaint,
        public ?Suspicion $likely,
        public array $said,
        public array $ticks,
        public bool $isSaying,
        public array $flows,
        public array $values,
        public VariantChoice $variants,
        public ?string $supersedes,
        public string $fuelWarning,
        private ?string $leads,
    ) {
    }

    /** @param  string  $chosen the check asked for; empty for the best */
    public static function of(SheetView $view, string $chosen): self
    {
        $sheet = $view->sheet;
        $isCondemned = Inspections::on($sheet->bench)->scrapped() !== [];

        return new self(
            kind: $view->triage->kind()->name,
            hasComplaint: $view->triage->hasComplaint(),
            likely: Suspicion::of($view, $chosen, $isCondemned),
            said: SaidRow::all($view->catalogue, $sheet),
            // With a complaint there, the rest is a page away: no list of forms that nobody opens.
            ticks: $view->triage->hasComplaint() && $chosen !== self::SAY ? [] : self::ticks($view, $chosen === self::SAY),
            isSaying: $chosen === self::SAY,
            flows: $sheet->handedBackAt === null ? self::flows($view) : [],
            values: IntakeValues::of($sheet),
            variants: VariantChoice::of($sheet->family),
            supersedes: $sheet->intake?->entryId,
            fuelWarning: self::warning($sheet->intake?->fuelAgeDays),
            leads: $view->diagnosis?->leader()?->fault->part,
        );
    }

    public function part(): ?string
    {
        return $this->leads;
    }

    public function view(): string
    {
        return 'stations.intake.work';
    }

    /** @return list<Tick> */
    private static function ticks(SheetView $view, bool $isSaying): array
    {
        $answers = $view->triage->answers();
        $kind = $view->triage->kind();
        $ticks = $isSaying ? Tick::all($view->catalogue, $kind) : Tick::complaints($view->catalogue, $kind);

        return array_values(array_filter($ticks, static fn (Tick $t): bool => ! isset($answers[$t->finding])));
    }

    /** @return list<FlowCard> */
    private static function flows(SheetView $view): array
    {
        $card = static fn (FlowRun $run): FlowCard => FlowCard::of($view->catalogue, $run);

        return array_map($card, $view->triage->flows());
    }

    /** 30 days fresh, 90 suspect: from memory. */
    private static function warning(?int $days): string
    {
        return match (true) {
            $days === null => '',
            $days > 90 => "Fuel is {$days} days old: suspect. (Ninety days: from memory.)",
            $days > 30 => "Fuel is {$days} days old: no longer fresh. (Thirty days: from memory.)",
            default => '',
        };
    }
}
