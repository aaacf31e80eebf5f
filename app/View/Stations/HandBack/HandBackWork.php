<?php

declare(strict_types=1);

namespace App\View\Stations\HandBack;

use App\View\Numbers;
use App\View\Sheet\ScrewRow;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Worksheet\Clean\Inspections;
use DustyJet\Worksheet\HandBack\CheckState;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\Promises\Promise;
use DustyJet\Worksheet\Promises\Promises;
use DustyJet\Worksheet\Stale\StaleItem;
use DustyJet\Worksheet\Stale\Staleness;

/** The proof before a machine goes home: checks, gates, overrides, report. */
final readonly class HandBackWork implements StationWork
{
    use BesideTheDrawing;

    public const ADVICE = 'Fresh fuel, no older than 30 days. Keep the air filter clean.';

    /**
     * @param  list<array{key: string, do: string, takesRpm: bool, state: string, note: string, isPossible: bool, inTheWay: string}>  $checks
     * @param  list<StaleItem>  $stale
     * @param  list<string>  $gates but for checks that were never done: those have their own row
     * @param  int  $inTheWay how many gates there are in all
     * @param  list<ScrewRow>  $screws
     * @param  array<string, string>  $overrides
     * @param  list<Promise>  $promises checks put off and still open
     */
    private function __construct(
        public array $checks,
        public array $stale,
        public array $gates,
        public int $inTheWay,
        public array $screws,
        public array $overrides,
        public array $promises,
        public bool $mayHandBack,
        public bool $isScrap,
        public string $handedBack,
        public string $advice,
        public Papers $papers,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $sheet = $view->sheet;
        $gates = $sheet->gates();
        $proofs = $sheet->of(Proofs::class);
        $machine = Machine::on($sheet->bench);
        $asked = $sheet->family->proof->checks;
        $hasNoRow = static fn (string $gate): bool => ! str_starts_with($gate, 'Not checked');

        return new self(
            checks: self::checks($proofs->checks, static fn (CheckState $c): ?string => $machine->inTheWay($asked[$c->key]->needs)),
            stale: $sheet->of(Staleness::class)->items(),
            gates: array_values(array_filter($gates, $hasNoRow)),
            inTheWay: count($gates),
            screws: ScrewRow::all($sheet),
            overrides: $sheet->of(Staleness::class)->overrides,
            promises: $sheet->of(Promises::class)->open(),
            isScrap: Inspections::on($sheet->bench)->scrapped() !== [],
            mayHandBack: $gates === [] && $sheet->handedBackAt === null,
            handedBack: ($proofs->unrepaired === null ? '' : 'unrepaired ')
                .($sheet->handedBackAt === null ? '' : Numbers::moment($sheet->handedBackAt)),
            advice: $proofs->advice ?? self::ADVICE,
            papers: Papers::of($view->job),
        );
    }

    public function view(): string
    {
        return 'stations.hand-back.work';
    }

    /**
     * What is in the way of several is said once.
     *
     * @param  array<string, CheckState>  $checks
     * @param  callable(CheckState): (string|null)  $inTheWay
     *
     * @return list<array{key: string, do: string, takesRpm: bool, state: string, note: string, isPossible: bool, inTheWay: string}>
     */
    private static function checks(array $checks, callable $inTheWay): array
    {
        $rows = [];
        $said = null;
        foreach ($checks as $check) {
            $why = $inTheWay($check);
            $rows[] = [...self::check($check), 'isPossible' => $why === null, 'inTheWay' => $why === $said ? '' : (string) $why];
            $said = $why ?? $said;
        }

        return $rows;
    }

    /** @return array{key: string, do: string, takesRpm: bool, state: string, note: string} */
    private static function check(CheckState $check): array
    {
        $rpm = $check->rpm === null ? '' : ', '.Numbers::rpm($check->rpm).' rpm';

        return [
            'key' => $check->key,
            'do' => $check->do,
            'takesRpm' => $check->takesRpm,
            'state' => $check->passed === null ? 'open' : ($check->passed ? 'passed' : 'failed'),
            'note' => $check->at === null ? '' : Numbers::clock($check->at).$rpm,
        ];
    }
}
