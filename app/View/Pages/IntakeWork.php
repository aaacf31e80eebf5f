<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Numbers;
use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\RebuildOrReplace;
use DustyJet\Worksheet\Told;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;

/** What was said and seen, what is likely, which check is worth the next minutes, and the intake itself to be corrected. */
final readonly class IntakeWork
{
    private const RUNNERS_UP = 4;

    /**
     * @param  list<SuspectRow>  $suspects
     * @param  list<array{do: string, minutes: string, worth: string, href: string}>  $runnersUp
     * @param  list<array{do: string, why: string}>  $notNow
     * @param  list<array{if: string, then: string, href: string}>  $turns answers that would put another suspect at the top
     * @param  array{fault: string, do: string, name: string, minutes: string}|null  $repair
     * @param  list<array{id: string, text: string, by: string, isThere: bool}>  $said
     * @param  list<Tick>  $ticks complaints not named yet
     * @param  list<FlowCard>  $flows
     * @param  list<array{name: string, value: string}>  $estimate
     * @param  array<string, string>  $values of the intake form
     */
    private function __construct(
        public string $kind,
        public bool $hasComplaint,
        public ?CheckCard $check,
        public bool $isChosen,
        public array $runnersUp,
        public array $notNow,
        public array $turns,
        public ?array $repair,
        public array $suspects,
        public string $unexplained,
        public string $expected,
        public array $said,
        public array $ticks,
        public array $flows,
        public array $estimate,
        public string $advice,
        public array $values,
        public VariantChoice $variants,
        public ?string $supersedes,
        public string $fuelWarning,
    ) {
    }

    public static function of(Job $job, Worksheet $sheet, Catalogue $catalogue, Triage $triage, ?Diagnosis $diagnosis, string $chosen): self
    {
        $best = $diagnosis?->nextCheck();
        $ranked = self::ranked($diagnosis, $chosen) ?? $best;
        $estimate = $diagnosis === null ? null : RebuildOrReplace::of($diagnosis, $catalogue->costs, isCondemned: $sheet->rebuild->scrapped() !== []);

        return new self(
            kind: $triage->kind()->name,
            hasComplaint: $triage->hasComplaint(),
            check: $ranked === null || $diagnosis === null ? null : CheckCard::of($catalogue, $diagnosis, $ranked),
            isChosen: $ranked !== $best,
            runnersUp: self::runnersUp($job, $diagnosis, $ranked),
            notNow: self::notNow($catalogue, $diagnosis),
            turns: self::turns($job, $catalogue, $diagnosis),
            repair: $best === null ? self::repair($diagnosis) : null,
            suspects: $diagnosis === null ? [] : SuspectRow::all($catalogue, $diagnosis),
            unexplained: $diagnosis === null ? '' : (int) round(100.0 * $diagnosis->unexplained).' %',
            expected: $diagnosis === null ? '' : Numbers::plain($diagnosis->expectedMinutes(), 0),
            said: self::said($catalogue, $sheet),
            ticks: array_values(array_filter(Tick::complaints($catalogue, $triage->kind()), static fn (Tick $t): bool => ! isset($triage->answers()[$t->finding]))),
            flows: array_map(static fn (FlowRun $r): FlowCard => FlowCard::of($catalogue, $r), $sheet->handedBackAt === null ? $triage->flows() : []),
            estimate: $estimate === null ? [] : self::money($estimate),
            advice: $estimate === null ? '' : self::advice($estimate),
            values: self::values($sheet),
            variants: VariantChoice::of($sheet->family),
            supersedes: $sheet->intake?->entryId,
            fuelWarning: self::warning($sheet->intake?->fuelAgeDays),
        );
    }

    /** @return array<string, string> an empty form */
    public static function blank(Family $family): array
    {
        return ['machine' => '', 'engine' => '', 'serial' => '', 'customer' => '', 'complaint' => '', 'variant' => array_key_first($family->variants), 'idle_sense' => 'fuel', 'stored_days' => '', 'fuel_age_days' => '', 'promised_at' => ''];
    }

    /** @return array<string, string> */
    private static function values(Worksheet $sheet): array
    {
        $intake = $sheet->intake;

        return [
            'machine' => $intake->machine ?? '',
            'engine' => $intake->engine ?? '',
            'serial' => $intake->serial ?? '',
            'customer' => $intake->customer ?? '',
            'complaint' => $intake->complaint ?? '',
            'variant' => $sheet->family->variantOr($intake->variant ?? ''),
            'idle_sense' => $intake->idleSense->value ?? 'fuel',
            'stored_days' => (string) ($intake->storedDays ?? ''),
            'fuel_age_days' => (string) ($intake->fuelAgeDays ?? ''),
            'promised_at' => $intake?->promisedAt?->format('Y-m-d\TH:i') ?? '',
        ];
    }

    private static function ranked(?Diagnosis $diagnosis, string $check): ?RankedCheck
    {
        return array_values(array_filter($diagnosis->checks ?? [], static fn (RankedCheck $r): bool => $r->check->id === $check))[0] ?? null;
    }

    /** @return list<array{do: string, minutes: string, worth: string, href: string}> */
    private static function runnersUp(Job $job, ?Diagnosis $diagnosis, ?RankedCheck $shown): array
    {
        $others = array_filter($diagnosis->checks ?? [], static fn (RankedCheck $r): bool => $r !== $shown);

        return array_map(static fn (RankedCheck $r): array => [
            'do' => $r->check->do,
            'minutes' => Numbers::plain($r->minutes, 0),
            'worth' => CheckCard::worth($r),
            'href' => route('stations.show', [$job, 'intake', 'check' => $r->check->id]),
        ], array_slice(array_values($others), 0, self::RUNNERS_UP));
    }

    /** @return list<array{do: string, why: string}> */
    private static function notNow(Catalogue $catalogue, ?Diagnosis $diagnosis): array
    {
        $rows = [];
        foreach ($diagnosis->notNow ?? [] as $check => $why) {
            $rows[] = ['do' => $catalogue->checks[$check]->do, 'why' => $why];
        }

        return $rows;
    }

    /** @return list<array{if: string, then: string, href: string}> */
    private static function turns(Job $job, Catalogue $catalogue, ?Diagnosis $diagnosis): array
    {
        return array_map(static fn (array $p): array => [
            'if' => ucfirst(implode(', ', array_map(static fn (string $f, Answer $a): string => ($a->isThere() ? '' : 'not: ').$catalogue->findings[$f]->because.($catalogue->findings[$f]->isGraded() && $a->isThere() ? ', '.$catalogue->findings[$f]->word($a) : ''), array_keys($p['answers']), $p['answers']))),
            'then' => ($catalogue->faults[$p['leader'] ?? '']->name ?? 'No fault of the list').', '.max(1, (int) round(100.0 * $p['probability'])).' % likely',
            'href' => route('stations.show', [$job, 'intake', 'check' => $p['check']]),
        ], array_slice($diagnosis?->turningPoints() ?? [], 0, self::RUNNERS_UP));
    }

    /** @return array{fault: string, do: string, name: string, minutes: string}|null */
    private static function repair(?Diagnosis $diagnosis): ?array
    {
        $fault = $diagnosis->plan[0] ?? null;

        return $fault === null ? null : ['fault' => $fault->id, 'do' => $fault->cure->do, 'name' => $fault->name, 'minutes' => Numbers::plain($fault->cure->minutes, 0)];
    }

    /** @return list<array{id: string, text: string, by: string, isThere: bool}> newest first */
    private static function said(Catalogue $catalogue, Worksheet $sheet): array
    {
        $known = array_filter($sheet->told, static fn (Told $t): bool => isset($catalogue->findings[$t->finding]));

        return array_reverse(array_values(array_map(static function (Told $t) use ($catalogue): array {
            $finding = $catalogue->findings[$t->finding];
            $text = match (true) {
                ! $t->answer->isEvidence() => rtrim($finding->ask, '?').': '.$finding->word($t->answer),
                ! $t->answer->isThere() => 'Not: '.$finding->because,
                $finding->isGraded() => ucfirst($finding->because).', '.$finding->word($t->answer),
                default => ucfirst($finding->because),
            };

            return ['id' => $t->entryId, 'text' => $text, 'by' => $t->by, 'isThere' => $t->answer->isThere()];
        }, $known)));
    }

    /** @return list<array{name: string, value: string}> */
    private static function money(RebuildOrReplace $estimate): array
    {
        return [
            ['name' => 'Rebuild', 'value' => Numbers::money($estimate->rebuildCents)],
            ['name' => 'Replace, at '.Numbers::money($estimate->carburetorCents), 'value' => Numbers::money($estimate->replaceCents)],
            ['name' => 'Same cost if a new one is', 'value' => Numbers::money($estimate->breakEvenCents)],
            ['name' => 'Body beyond a kit', 'value' => (int) round(100.0 * $estimate->bodyIsScrap).' %'],
        ];
    }

    private static function advice(RebuildOrReplace $estimate): string
    {
        $percent = (int) round(100.0 * $estimate->inCarburetor);

        return match (true) {
            $estimate->inCarburetor < 0.5 => "Neither yet: the carburetor is at fault with {$percent} % only.",
            $estimate->favorsReplacing() => 'Replacing is expected to cost less.',
            default => 'Rebuilding is expected to cost less.',
        };
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
