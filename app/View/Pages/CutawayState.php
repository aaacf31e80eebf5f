<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\AdjusterState;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Worksheet;

/** What a drawing shows of the sheet: which parts are out, how far the screws stand out, what leaks, what is asked for. */
final readonly class CutawayState
{
    /** How far a screw moves on the drawing for a turn, and at most. */
    private const UNITS_PER_TURN = 3.0;

    private const MOST_UNITS = 12.0;

    /**
     * @param  string  $drawing name of the component
     * @param  array<string, PartChip>  $parts by name, in the order of their numbers
     * @param  list<Circuit>  $circuits
     * @param  array<string, float>  $turns by screw; null turns are not in it
     * @param  array<string, true>  $out parts of which everything is off
     */
    private function __construct(
        public string $drawing,
        public string $family,
        public string $variant,
        public bool $leaks,
        public string $asked,
        public array $parts,
        public array $circuits,
        public string $sentence,
        public bool $movesFloat,
        private array $turns,
        private array $out,
        private bool $isRunning,
    ) {
    }

    /** @param  list<Move>  $moves worth making now, best first */
    public static function of(Worksheet $sheet, Station $here, array $moves, ?Diagnosis $diagnosis = null): self
    {
        $suspects = $diagnosis === null ? [] : SuspectRow::byPart($diagnosis);
        $suspects = array_intersect_key($suspects, $sheet->family->parts);
        $leaks = in_array($sheet->latestHold()?->verdict, [Verdict::Leaks, Verdict::HoldsBelow], true) && ! $sheet->isStale('needle_hold');
        $asked = $here === Station::Intake && $suspects !== [] ? (string) array_key_first($suspects) : self::asked($sheet, $here, $moves);
        $turns = array_map(static fn (AdjusterState $s): float => $s->current()?->inTurns() ?? 0.0, array_filter($sheet->adjusters, static fn (AdjusterState $s): bool => $s->current() !== null));
        $out = self::out($sheet);
        $said = array_map(static fn (AdjusterState $s): string => InSentence::name($s->adjuster->name).' '.Numbers::turns($s->current()).' turns out', array_filter($sheet->adjusters, static fn (AdjusterState $s): bool => $s->current() !== null));

        return new self(
            drawing: str_replace('_', '-', $sheet->family->drawing),
            family: $sheet->family->name,
            variant: $sheet->family->variantOr($sheet->intake->variant ?? ''),
            leaks: $leaks,
            asked: $asked,
            parts: PartChip::all($sheet, $asked, $leaks, $suspects, $here),
            circuits: array_values($sheet->family->circuits),
            sentence: implode(', ', [$leaks ? 'needle passing fuel' : 'needle closed', ...array_values($said), ...($out === [] ? [] : [count($out).' parts on the tray'])]),
            movesFloat: isset($sheet->family->parts['float'], $sheet->family->parts['needle']),
            turns: $turns,
            out: $out,
            isRunning: $here === Station::Run,
        );
    }

    /** A family as the library shows it: whole, nothing asked. */
    public static function ofFamily(Family $family, string $variant): self
    {
        $parts = array_map(static fn ($part): PartChip => new PartChip($part->key, $part->number, $part->name, '', '', '', false, true, '', null), $family->partsOf($variant));

        return new self(str_replace('_', '-', $family->drawing), $family->name, $family->variantOr($variant), false, '', $parts, array_values($family->circuits), 'as it runs', isset($family->parts['float'], $family->parts['needle']), [], [], false);
    }

    public function has(string $part): bool
    {
        return isset($this->parts[$part]);
    }

    /** Whether the form is one of these. */
    public function is(string ...$variants): bool
    {
        return in_array($this->variant, $variants, true);
    }

    /** Classes of a part on the drawing. */
    public function css(string $part): string
    {
        return 'part'.($this->asked === $part ? ' is-asked' : '').(isset($this->out[$part]) ? ' is-out' : '');
    }

    /** How far a screw stands out, in units of the drawing. */
    public function screwOut(string $adjuster): float
    {
        return round(min(self::MOST_UNITS, self::UNITS_PER_TURN * ($this->turns[$adjuster] ?? 1.0)), 1);
    }

    /** Of the plate's opening. */
    public function throttleDegrees(): int
    {
        return $this->isRunning ? 12 : 9;
    }

    /** @return array<string, true> parts of the drawing whose every part of the tray is off and not back */
    private static function out(Worksheet $sheet): array
    {
        $build = $sheet->rebuild->build;
        $on = $out = [];
        foreach ($build->tray->plan->parts as $part) {
            $isOut = $build->tray->has($part->key) && ! isset($build->placed[$part->key]) && ! isset($build->accounted[$part->key]);
            if ($part->on !== null && ! $part->isTask) {
                $isOut ? $out[$part->on] = true : $on[$part->on] = true;
            }
        }

        return array_diff_key($out, $on);
    }

    /**
     * The part the next move is about.
     *
     * @param  list<Move>  $moves
     */
    private static function asked(Worksheet $sheet, Station $here, array $moves): string
    {
        foreach ($moves as $move) {
            if ($move->station !== $here) {
                continue;
            }
            $part = match ($move->key) {
                'part_off', 'part_on' => $sheet->rebuild->build->tray->plan->parts[$move->target]->on ?? null,
                'inspect' => $sheet->family->inspections[$move->target]->on ?? null,
                default => $sheet->adjusters[$move->target]->adjuster->part ?? null,
            };
            if ($part !== null) {
                return $part;
            }
        }
        $screw = in_array($here, [Station::Run, Station::Set, Station::AsFound], true) ? array_values($sheet->adjusters)[0] ?? null : null;

        return $screw->adjuster->part ?? (isset($sheet->family->parts['needle']) ? 'needle' : (string) array_key_first($sheet->family->parts));
    }
}
