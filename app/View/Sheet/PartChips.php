<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use App\View\Stations\BenchTest\BenchTab;
use App\View\Stations\BenchTest\Measures\JointMarks;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Part;
use DustyJet\Carburetor\Station;
use DustyJet\StripAndBuild\TrayCell;
use DustyJet\StripAndBuild\TrayPart;
use DustyJet\Worksheet\BenchTest\Holds;
use DustyJet\Worksheet\Clean\Inspected;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Strip\Parts;

/** Makes the chips of all parts of a drawing. */
final readonly class PartChips
{
    private const SHOWN_AT_FIRST = 7;

    /** Parts of the inlet valve: what a stale hold test is about. */
    private const VALVE = ['needle', 'seat'];

    /**
     * @param  array<string, array{letter: string, percent: int}>  $suspects by part
     * @param  array<string, array{letter: string, state: string, percent: int}>  $joints by part
     * @param  array<string, string>  $seals by part
     */
    private function __construct(
        private SheetView $view,
        private string $asked,
        private bool $leaks,
        private array $suspects,
        private array $joints,
        private array $seals,
    ) {
    }

    /**
     * @param  array<string, array{letter: string, percent: int}>  $suspects by part
     *
     * @return array<string, PartChip> in the order of their numbers
     */
    public static function of(SheetView $view, string $asked, bool $leaks, array $suspects): array
    {
        $paths = $view->sheet->family->proof->leaks;
        $joints = $paths === null ? [] : JointMarks::of($paths, $view->leaks)->byPart($paths);
        $chips = new self($view, $asked, $leaks, $suspects, $joints, self::seals($view));
        $parts = [];
        foreach ($view->sheet->family->partsOf($view->sheet->variant()) as $key => $part) {
            $parts[$key] = $chips->chip($part, count($parts) < self::SHOWN_AT_FIRST);
        }

        return $parts;
    }

    private function chip(Part $part, bool $isCommon): PartChip
    {
        [$mark, $said] = $this->mark($part->key);

        return new PartChip(
            key: $part->key,
            number: $part->number,
            name: $part->name,
            mark: $mark,
            said: $said,
            note: $this->note($part->key, $said),
            isAsked: $part->key === $this->asked,
            isCommon: $isCommon,
            letter: $this->joints[$part->key]['letter'] ?? $this->suspects[$part->key]['letter'] ?? '?',
            act: $this->act($part->key),
            joint: $this->joints[$part->key]['state'] ?? '',
            seal: $this->seals[$part->key] ?? '',
        );
    }

    /** @return array{0: string, 1: string} the mark and what it means */
    private function mark(string $part): array
    {
        $verdicts = $this->verdicts($part);
        $isSound = $verdicts !== [] && ! array_intersect(['replace', 'scrap'], $verdicts);
        $isStale = in_array($part, self::VALVE, true) && $this->view->sheet->of(Staleness::class)->has(Holds::READING);
        $suspect = $this->suspects[$part] ?? null;

        $joint = $this->joints[$part] ?? null;

        return match (true) {
            $isStale => ['stale', 're-check'],
            $joint !== null => self::ofJoint($joint),
            $this->leaks && $part === 'needle' => ['suspect', 'leaks'],
            in_array(Condition::Scrap->value, $verdicts, true) => ['new', 'scraps the body'],
            in_array(Condition::Replace->value, $verdicts, true) => ['new', 'new part'],
            $isSound => ['ok', 'clean and sound'],
            $suspect !== null => ['suspect', "suspect {$suspect['letter']}, {$suspect['percent']} %"],
            default => ['', ''],
        };
    }

    /** @return array<string, string> open or sealed, by part that may be closed off for the hold test in hand */
    private static function seals(SheetView $view): array
    {
        $isHere = $view->station === Station::BenchTest && BenchTab::shown($view) === BenchTab::Hold;
        $sealed = $view->sheet->of(Holds::class)->latest()->setup->arranged->sealed ?? [];
        $state = static fn (string $part): string => in_array($part, $sealed, true) ? 'sealed' : 'open';
        $parts = $isHere ? array_keys($view->sheet->family->proof->seals) : [];

        return array_combine($parts, array_map($state, $parts));
    }

    /**
     * @param  array{letter: string, state: string, percent: int}  $joint
     *
     * @return array{0: string, 1: string} the mark and what it means
     */
    private static function ofJoint(array $joint): array
    {
        return match ($joint['state']) {
            'cleared' => ['ok', 'cleared'],
            'leaks' => ['leak', 'leaks'],
            default => ['suspect', "joint {$joint['letter']}, {$joint['percent']} %"],
        };
    }

    /** @return list<string> what was judged of it, in words of the log */
    private function verdicts(string $part): array
    {
        $verdicts = [];
        foreach ($this->view->sheet->of(Inspected::class)->records as $key => $record) {
            if ($this->view->sheet->family->teardown->inspections[$key]->on === $part) {
                $verdicts[] = $record->condition->value;
            }
        }

        return $verdicts;
    }

    private function note(string $part, string $said): string
    {
        return $this->screwNote($part) ?? $this->trayNote($part) ?? $this->lookNote($part, $said);
    }

    private function screwNote(string $part): ?string
    {
        $isPart = static fn (AdjusterState $s): bool => $s->adjuster->part === $part;
        $state = array_values(array_filter($this->view->sheet->of(Screws::class)->all, $isPart))[0] ?? null;
        if ($state === null) {
            return null;
        }
        $sense = $state->adjuster->sense;

        return 'Found '.Numbers::found($state->found).', book '.Numbers::book($state->adjuster->book)
            .', now '.Numbers::turns($state->current(), 'not known')
            .". In: {$sense->turningIn()}, out: {$sense->turningOut()}.";
    }

    private function trayNote(string $part): ?string
    {
        $build = $this->view->sheet->of(Parts::class)->build;
        $isHere = static fn (TrayCell $c): bool => $c->number > 0
            && ($build->tray->plan->parts[$c->key]->on ?? null) === $part
            && ! isset($build->placed[$c->key]);
        $said = static fn (TrayCell $c): string => "cell {$c->number} ".InSentence::name($c->name);
        $cells = array_map($said, array_filter($build->tray->cells, $isHere));

        return $cells === [] ? null : 'On the tray: '.implode(', ', $cells).'.';
    }

    /** What good looks like, unless nothing is known of it but what is said beside its name. */
    private function lookNote(string $part, string $said): string
    {
        $isOfPart = static fn (Inspection $i): bool => $i->on === $part;
        $looks = array_values(array_filter($this->view->sheet->family->teardown->inspections, $isOfPart));

        return match (true) {
            $looks !== [] => 'Good: '.lcfirst($looks[0]->good).'.',
            $said !== '' => '',
            default => 'Not looked at yet.',
        };
    }

    /** @return array{label: string, form: string}|null */
    private function act(string $part): ?array
    {
        $isHere = static fn (TrayPart $p): bool => $p->on === $part;
        $first = array_values(array_filter($this->ready(), $isHere))[0] ?? null;
        if ($first === null || $this->view->sheet->handedBackAt !== null) {
            return null;
        }
        $name = InSentence::name($first->name);

        return $this->view->station === Station::Strip
            ? ['label' => $first->isTask ? 'Done' : "Off: {$name}", 'form' => "off-{$first->key}"]
            : ['label' => "Fitted: {$name}", 'form' => "on-{$first->key}"];
    }

    /** @return list<TrayPart> what may come off or go in at this station now */
    private function ready(): array
    {
        $build = $this->view->sheet->of(Parts::class)->build;

        return match ($this->view->station) {
            Station::Strip => $build->tray->plan->ready($build->tray->off()),
            Station::Build => $build->ready(),
            default => [],
        };
    }
}
