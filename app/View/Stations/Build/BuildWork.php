<?php

declare(strict_types=1);

namespace App\View\Stations\Build;

use App\View\Sheet\Undo;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\StationWork;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** Back on, in the reverse of this strip under the rules of the family; a guard counts when it was looked at. */
final readonly class BuildWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<FitKey>  $run what goes in next, one after the other; only the last may have a guard
     * @param  list<FitKey>  $also may go in now by itself
     * @param  list<array{name: string, cell: int, first: string}>  $later
     * @param  list<string>  $placed newest first
     * @param  list<array{part: string, name: string, left: string}>  $leftOver only once nothing more can go in
     * @param  list<StackCard>  $stacks edge-on, of what is being built
     * @param  Undo|null  $undo the latest part that went on
     */
    private function __construct(
        public array $run,
        public array $also,
        public array $later,
        public array $placed,
        public array $leftOver,
        public array $stacks,
        public string $count,
        public ?Undo $undo,
        public string $note,
    ) {
    }

    public static function of(Worksheet $sheet): self
    {
        $parts = $sheet->of(Parts::class);
        $build = $parts->build;
        $ready = array_map(static fn (TrayPart $p): FitKey => FitKey::of($build, $p), $build->ready());
        $run = array_map(static fn (TrayPart $p): FitKey => FitKey::of($build, $p), $build->run());
        $state = $sheet->stations[Station::Build->value];

        return new self(
            run: $run,
            also: count($run) > 1 ? $ready : array_slice($ready, 1),
            later: self::later($build, array_column($ready, 'key')),
            placed: self::placed($build),
            leftOver: $ready === [] ? LeftOver::of($build) : [],
            stacks: StackCard::all($sheet, $ready[0]->key ?? ''),
            count: "{$state->done} of {$state->of} back",
            undo: Undo::latestAt(Station::Build, $sheet),
            note: self::note($parts),
        );
    }

    public function view(): string
    {
        return 'stations.build.work';
    }

    private static function note(Parts $parts): string
    {
        return match (true) {
            ! $parts->isBegun() => 'Nothing is on the tray: it was not taken apart.',
            ! $parts->isStripped() => 'The strip is not ended. What goes back is what came off.',
            $parts->isWhole() => 'The tray is empty and every part is accounted for.',
            default => '',
        };
    }

    /**
     * @param  list<string>  $ready
     *
     * @return list<array{name: string, cell: int, first: string}>
     */
    private static function later(Build $build, array $ready): array
    {
        $later = [];
        foreach ($build->order() as $part) {
            if ($build->waits($part->key) && ! in_array($part->key, $ready, true)) {
                $cell = $build->tray->cell($part->key)->number ?? 0;
                $later[] = ['name' => $part->name, 'cell' => $cell, 'first' => self::first($build, $part)];
            }
        }

        return $later;
    }

    /** What goes in before it. */
    private static function first(Build $build, TrayPart $part): string
    {
        foreach (array_keys($build->tray->plan->before($part->key)) as $first) {
            $name = InSentence::name($build->tray->plan->parts[$first]->name);
            if ($build->waits($first) || $build->isLost($first)) {
                return $build->isLost($first) ? "{$name}, missing" : $name;
            }
        }

        return '';
    }

    /** @return list<string> */
    private static function placed(Build $build): array
    {
        $name = static fn (string $part): string => $build->tray->plan->parts[$part]->name;

        return array_reverse(array_map($name, array_keys($build->placed)));
    }
}
