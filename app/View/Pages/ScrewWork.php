<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Charts\DialFace;
use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\AdjusterState;
use DustyJet\Worksheet\Worksheet;

/** One screw at a time under the dial: counted in as found, or set to the book. */
final readonly class ScrewWork
{
    /** @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs */
    public function __construct(public array $tabs, public DialFace $dial, public string $kind, public string $verb, public string $story, public string $senseNote)
    {
    }

    public static function of(Job $job, Worksheet $sheet, Station $station, string $screw): self
    {
        $counting = $station === Station::AsFound;
        $chosen = self::choose($sheet, $screw, static fn (AdjusterState $s): bool => ($counting ? $s->found : $s->set) === null);
        $tabs = [];
        foreach ($sheet->adjusters as $key => $state) {
            $value = $counting ? $state->found : $state->set;
            $tabs[] = ['key' => $key, 'name' => $state->adjuster->name, 'note' => $value === null ? ($counting ? 'to count' : 'to set') : Numbers::turns($value).' turns', 'href' => route('stations.show', [$job, $station->value, 'screw' => $key]), 'selected' => $key === $chosen->adjuster->key];
        }

        return new self(
            tabs: $tabs,
            dial: DialFace::of($chosen, $counting ? $chosen->found : $chosen->set ?? $chosen->adjuster->baseline),
            kind: $counting ? 'screw_counted' : 'screw_set',
            verb: $counting ? 'Counted in' : 'Set',
            story: self::story($chosen, $counting),
            senseNote: self::senseNote($chosen),
        );
    }

    /** @param  callable(AdjusterState): bool  $isOpen */
    public static function choose(Worksheet $sheet, string $screw, callable $isOpen): AdjusterState
    {
        $open = array_values(array_filter($sheet->adjusters, $isOpen));
        $all = array_values($sheet->adjusters);

        return $sheet->adjusters[$screw] ?? $open[0] ?? $all[0];
    }

    private static function story(AdjusterState $state, bool $counting): string
    {
        if ($state->isFoundFarOut()) {
            return 'Found '.Numbers::turns($state->found).', book '.Numbers::turns($state->adjuster->baseline).': two turns away and more. Somebody turned it to make up for dirt or an air leak.';
        }

        return $counting
            ? 'Turn it in by half turns until lightly seated, tapping once each. Force ruins the tip.'
            : 'From lightly seated, out to the book: '.Numbers::turns($state->adjuster->baseline).', '.$state->adjuster->provenance.'. Found '.Numbers::turns($state->found).'.';
    }

    private static function senseNote(AdjusterState $state): string
    {
        $adjuster = $state->adjuster;
        if (! $adjuster->isMixture) {
            return 'Stop screw: counted from touching the cam. In is faster.';
        }

        return ucfirst($adjuster->sense->value)." screw: out is {$adjuster->sense->turningOut()}, in is {$adjuster->sense->turningIn()}.";
    }
}
