<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\AdjusterState;
use DustyJet\Worksheet\Worksheet;

/** What the drawing shows of the sheet: float, needle, plates, screws and the part in hand. */
final readonly class CutawayState
{
    /**
     * @param  int  $chokeDegrees 90 is open
     * @param  int  $throttleDegrees of opening
     * @param  float  $mixtureOut how far the mixture screw stands out, in drawing units
     * @param  list<PartChip>  $parts
     */
    public function __construct(
        public bool $floatUp,
        public bool $needleClosed,
        public bool $leaks,
        public bool $hasMainNeedle,
        public int $chokeDegrees,
        public int $throttleDegrees,
        public float $mixtureOut,
        public float $speedIn,
        public string $asked,
        public array $parts,
        public string $sentence,
    ) {
    }

    public static function of(Worksheet $sheet, Station $here, ?Diagnosis $diagnosis = null): self
    {
        $suspects = $diagnosis === null ? [] : SuspectRow::byPart($diagnosis);
        $leaks = in_array($sheet->latestHold()?->verdict, [Verdict::Leaks, Verdict::HoldsBelow], true) && ! $sheet->isStale('needle_hold');
        $running = $here === Station::Run;
        $asked = $here === Station::Intake && $suspects !== [] ? (string) array_key_first($suspects) : self::asked($sheet, $here);
        $mixture = $sheet->adjusters['idle_mixture'] ?? null;
        $speed = $sheet->adjusters['idle_speed'] ?? null;

        return new self(
            floatUp: ! $leaks,
            needleClosed: ! $leaks,
            leaks: $leaks,
            hasMainNeedle: isset($sheet->adjusters['main']),
            chokeDegrees: 90,
            throttleDegrees: $running ? 12 : 9,
            mixtureOut: min(14.0, 3.0 * ($mixture?->current()?->inTurns() ?? 0.0)),
            speedIn: min(10.0, 3.0 * ($speed?->current()?->inTurns() ?? 0.0)),
            asked: $asked,
            parts: PartChip::all($sheet, $asked, $leaks, $suspects),
            sentence: ($leaks ? 'needle passing fuel' : 'float up, needle closed').($mixture?->current() === null ? '' : ', idle mixture '.Numbers::turns($mixture->current()).' turns out'),
        );
    }

    /** The part the next move is about. */
    private static function asked(Worksheet $sheet, Station $here): string
    {
        foreach ($sheet->moves() as $move) {
            $step = $move->key === 'step' ? $sheet->family->stepsAt($move->station)[$move->target] ?? null : null;
            $screw = $sheet->adjusters[$move->target] ?? null;
            $part = $step->part ?? ($screw instanceof AdjusterState ? $screw->adjuster->part : 'needle');
            if ($move->station === $here) {
                return $part;
            }
        }

        return $here === Station::Run || $here === Station::Set || $here === Station::AsFound ? 'mixscrew' : 'needle';
    }
}
