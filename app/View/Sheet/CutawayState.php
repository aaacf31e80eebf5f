<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use App\View\Stations\Intake\SuspectRow;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use App\View\Stations\TalksOfAPart;
use DustyJet\Carburetor\Circuit;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\Carburetor\Variant;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\Turns;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Move;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/**
 * What a drawing shows of the sheet: which parts are out, how far the screws stand out, what leaks, what is asked
 * for.
 */
final readonly class CutawayState
{
    /** How far a screw moves on the drawing for a turn, and at most. */
    private const UNITS_PER_TURN = 3.0;

    private const MOST_UNITS = 12.0;

    private const LEAKING = [Verdict::Leaks, Verdict::HoldsBelow];

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
        public Variant $variant,
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

    /** @param  StationWork  $work what is in hand */
    public static function of(SheetView $view, StationWork $work): self
    {
        $sheet = $view->sheet;
        $family = $sheet->family;
        $suspects = $view->diagnosis === null ? [] : SuspectRow::byPart($view->diagnosis);
        $suspects = array_intersect_key($suspects, $family->drawing->parts);
        $leaks = self::isLeaking($sheet);
        $asked = $work instanceof TalksOfAPart
            ? self::drawn($work->part(), $family)
            : self::asked($view);
        $out = self::out($sheet->of(Parts::class)->build);

        return new self(
            drawing: self::component($family),
            family: $family->name,
            variant: $family->variants[$family->variantOr($sheet->variant())],
            leaks: $leaks,
            asked: $asked,
            parts: PartChips::of($view, $asked, $leaks, $suspects),
            circuits: array_values($family->drawing->circuits),
            sentence: self::sentence($sheet->of(Screws::class), $leaks, count($out)),
            movesFloat: self::hasFloatValve($family),
            turns: array_map(self::turns(...), array_filter($sheet->of(Screws::class)->all, self::isCounted(...))),
            out: $out,
            isRunning: $view->station === Station::Run,
        );
    }

    /** A family as the library shows it: whole, nothing asked. */
    public static function ofFamily(Family $family, string $variant): self
    {
        return new self(
            drawing: self::component($family),
            family: $family->name,
            variant: $family->variants[$family->variantOr($variant)],
            leaks: false,
            asked: '',
            parts: array_map(PartChip::plain(...), $family->partsOf($variant)),
            circuits: array_values($family->drawing->circuits),
            sentence: 'as it runs',
            movesFloat: self::hasFloatValve($family),
            turns: [],
            out: [],
            isRunning: false,
        );
    }

    public function has(string $part): bool
    {
        return isset($this->parts[$part]);
    }

    /** Whether the form is one of these. */
    public function is(string ...$variants): bool
    {
        return in_array($this->variant->key, $variants, true);
    }

    /** Of a bank: how many there are, and how they are drawn. */
    public function bank(): BankDrawing
    {
        return new BankDrawing($this->variant->carburetors);
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

    private static function component(Family $family): string
    {
        return str_replace('_', '-', $family->drawing->name);
    }

    private static function hasFloatValve(Family $family): bool
    {
        return isset($family->drawing->parts['float'], $family->drawing->parts['needle']);
    }

    /** By the last hold test, unless something under it changed. */
    private static function isLeaking(Worksheet $sheet): bool
    {
        $isStale = $sheet->of(Staleness::class)->has(Holds::READING);

        return ! $isStale && in_array($sheet->of(Holds::class)->latest()?->outcome->verdict, self::LEAKING, true);
    }

    private static function isCounted(AdjusterState $state): bool
    {
        return $state->current() !== null;
    }

    private static function turns(AdjusterState $state): float
    {
        return $state->current()?->inTurns() ?? 0.0;
    }

    private static function sentence(Screws $screws, bool $leaks, int $out): string
    {
        $said = [$leaks ? 'needle passing fuel' : 'needle closed'];
        foreach (array_filter($screws->all, self::isCounted(...)) as $state) {
            $said[] = InSentence::name($state->adjuster->name).' '.Numbers::counted($state->current() ?? Turns::ofUnits(0), $state->adjuster->datum());
        }

        return implode(', ', $out === 0 ? $said : [...$said, "{$out} parts on the tray"]);
    }

    /** @return array<string, true> parts of the drawing whose every part of the tray is off and not back */
    private static function out(Build $build): array
    {
        $on = $out = [];
        foreach ($build->tray->plan->parts as $part) {
            if ($part->on !== null && ! $part->isTask) {
                $build->waits($part->key) ? ($out[$part->on] = true) : ($on[$part->on] = true);
            }
        }

        return array_diff_key($out, $on);
    }

    private static function drawn(?string $part, Family $family): string
    {
        return $part !== null && isset($family->drawing->parts[$part]) ? $part : '';
    }

    /** The part the next move is about. */
    private static function asked(SheetView $view): string
    {
        foreach ($view->plainMoves as $move) {
            $part = $move->station === $view->station ? self::partOf($move, $view->sheet) : null;
            if ($part !== null) {
                return $part;
            }
        }
        $parts = $view->sheet->family->drawing->parts;

        return isset($parts['needle']) ? 'needle' : (string) array_key_first($parts);
    }

    private static function partOf(Move $move, Worksheet $sheet): ?string
    {
        return match ($move->key) {
            'part_off', 'part_on', 'parts_on' => $sheet->of(Parts::class)->build->tray->plan->parts[$move->target]->on ?? null,
            'inspect' => $sheet->family->teardown->inspections[$move->target]->on ?? null,
            default => $sheet->of(Screws::class)->all[$move->target]->adjuster->part ?? null,
        };
    }
}
