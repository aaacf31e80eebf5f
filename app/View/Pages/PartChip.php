<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Worksheet;

/** A part in the list under the drawing, with what the log says of it and what may be done with it here. */
final readonly class PartChip
{
    private const SHOWN_AT_FIRST = 7;

    /** @param  array{label: string, form: string}|null  $act the form that a press on the part sends */
    public function __construct(
        public string $key,
        public int $number,
        public string $name,
        public string $mark,
        public string $said,
        public string $note,
        public bool $isAsked,
        public bool $isCommon,
        public string $letter,
        public ?array $act,
    ) {
    }

    /**
     * @param  array<string, array{letter: string, percent: int}>  $suspects by part
     *
     * @return array<string, self>
     */
    public static function all(Worksheet $sheet, string $asked, bool $leaks, array $suspects, Station $here): array
    {
        $parts = $sheet->family->partsOf($sheet->intake->variant ?? '');
        $first = array_slice(array_keys($parts), 0, self::SHOWN_AT_FIRST);

        return array_map(static fn (Part $part): self => self::of($sheet, $part, $asked, $leaks, $suspects[$part->key] ?? null, $here, in_array($part->key, $first, true)), $parts);
    }

    /** @param  array{letter: string, percent: int}|null  $suspect */
    private static function of(Worksheet $sheet, Part $part, string $asked, bool $leaks, ?array $suspect, Station $here, bool $isCommon): self
    {
        $verdicts = self::verdicts($sheet, $part->key);
        $isSound = $verdicts !== [] && array_diff($verdicts, ['sound', 'cleaned']) === [];
        [$mark, $said] = match (true) {
            in_array($part->key, ['needle', 'seat'], true) && $sheet->isStale('needle_hold') => ['stale', 're-check'],
            $leaks && $part->key === 'needle' => ['suspect', 'leaks'],
            in_array(Condition::Scrap->value, $verdicts, true) => ['new', 'scraps the body'],
            in_array(Condition::Replace->value, $verdicts, true) => ['new', 'new part'],
            $isSound => ['ok', 'clean and sound'],
            $suspect !== null => ['suspect', "suspect {$suspect['letter']}, {$suspect['percent']} %"],
            default => ['', ''],
        };

        return new self($part->key, $part->number, $part->name, $mark, $said, self::note($sheet, $part->key, $said), $part->key === $asked, $isCommon, $suspect['letter'] ?? '?', self::act($sheet, $part->key, $here));
    }

    /** @return list<string> */
    private static function verdicts(Worksheet $sheet, string $part): array
    {
        $verdicts = [];
        foreach ($sheet->rebuild->inspected as $key => $record) {
            $verdicts = $sheet->family->inspections[$key]->on === $part ? [...$verdicts, $record->condition->value] : $verdicts;
        }

        return $verdicts;
    }

    private static function note(Worksheet $sheet, string $part, string $said): string
    {
        foreach ($sheet->adjusters as $state) {
            if ($state->adjuster->part === $part) {
                return 'Found '.Numbers::turns($state->found).', book '.Numbers::turns($state->adjuster->baseline).', now '.Numbers::turns($state->current()).'. In: '.$state->adjuster->sense->turningIn().', out: '.$state->adjuster->sense->turningOut().'.';
            }
        }
        $build = $sheet->rebuild->build;
        $cells = array_filter($build->tray->cells, static fn ($c): bool => ($build->tray->plan->parts[$c->key]->on ?? null) === $part && $c->number > 0 && ! isset($build->placed[$c->key]));
        if ($cells !== []) {
            return 'On the tray: '.implode(', ', array_map(static fn ($c): string => "cell {$c->number} ".InSentence::name($c->name), array_values($cells))).'.';
        }
        $looked = array_filter($sheet->family->inspections, static fn ($i): bool => $i->on === $part);

        return $looked === [] || $said !== '' ? ($said === '' ? 'Nothing logged of it.' : ucfirst($said).'.') : 'Good: '.lcfirst(array_values($looked)[0]->good).'.';
    }

    /** @return array{label: string, form: string}|null */
    private static function act(Worksheet $sheet, string $part, Station $here): ?array
    {
        $tray = $sheet->rebuild->build->tray;
        $ready = match ($here) {
            Station::Strip => $tray->plan->ready($tray->off()),
            Station::Build => $sheet->rebuild->build->ready(),
            default => [],
        };
        $first = array_values(array_filter($ready, static fn (TrayPart $p): bool => $p->on === $part))[0] ?? null;

        return match (true) {
            $first === null || $sheet->handedBackAt !== null => null,
            $here === Station::Strip => ['label' => $first->isTask ? 'Done' : 'Off: '.InSentence::name($first->name), 'form' => "off-{$first->key}"],
            default => ['label' => 'Fitted: '.InSentence::name($first->name), 'form' => "on-{$first->key}"],
        };
    }
}
