<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\RunPurpose;
use App\View\Charts\BankColumns;
use App\View\Numbers;
use App\View\Stations\BesideTheDrawing;
use App\View\Stations\Screws\ScrewTabs;
use App\View\Stations\SheetView;
use App\View\Stations\StationWork;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Run\BankOutlier;
use DustyJet\Worksheet\Screws\Screws;

/** A bank brought into balance: its columns, what they are read into, the screw that is to be turned. */
final readonly class BalanceWork implements StationWork
{
    use BesideTheDrawing;

    /**
     * @param  list<array{key: string, name: string, note: string, href: string, selected: bool}>  $tabs
     * @param  list<array{key: string, name: string, isReference: bool}>  $bank
     * @param  array{carburetor: string, turns: float, words: string}|null  $turn
     * @param  list<array{name: string, learned: string}>  $screws
     */
    private function __construct(
        public array $tabs,
        public array $bank,
        public bool $hasReference,
        public string $base,
        public ?BankColumns $columns,
        public ?array $turn,
        public string $said,
        public ?string $outlier,
        public string $tolerance,
        public array $screws,
        public RunLive $live,
    ) {
    }

    public static function of(SheetView $view): self
    {
        $bank = Ticket::bankOf($view->sheet->bench);
        $balancing = $view->sheet->of(Balancing::class);
        $balance = $balancing->balance(array_keys($bank));
        $outlier = BankOutlier::among($view->sheet->of(Screws::class), $bank);

        return new self(
            tabs: RunTabs::of($view, ScrewTabs::of($view, '', 'left '), Balancing::READING),
            bank: array_map(
                static fn (string $key, string $name): array => [
                    'key' => $key, 'name' => $name, 'isReference' => $key === $balancing->reference,
                ],
                array_keys($bank),
                $bank,
            ),
            hasReference: $balancing->reference !== null,
            base: $bank[$balancing->reference] ?? 'which one?',
            columns: BankColumns::of($balancing, $bank),
            turn: self::turn($balance?->next, $bank),
            said: match (true) {
                $balancing->turned !== null => 'Turned '.$balancing->turned->words().'. Blip, let it settle, read them again.',
                $balance === null => 'Warm, mixture and idle speed set, adapters tight, the columns damped until the needles stand.',
                default => ucfirst($balance->reason),
            },
            outlier: $outlier,
            tolerance: Numbers::short(Bank::TOLERANCE_INHG, 1),
            screws: self::learned($balance->sensitivity ?? [], $bank),
            live: RunLive::of($view, RunPurpose::Columns),
        );
    }

    public function view(): string
    {
        return 'stations.run.balance';
    }

    /**
     * @param  array<string, string>  $bank
     *
     * @return array{carburetor: string, turns: float, words: string}|null
     */
    private static function turn(?Move $move, array $bank): ?array
    {
        return $move === null ? null : [
            'carburetor' => $move->carburetor,
            'turns' => $move->turns,
            'words' => mb_strtolower($bank[$move->carburetor])." balance screw {$move->words()}",
        ];
    }

    /**
     * @param  array<string, float|null>  $sensitivity inHg a turn
     * @param  array<string, string>  $bank
     *
     * @return list<array{name: string, learned: string}>
     */
    private static function learned(array $sensitivity, array $bank): array
    {
        $screws = [];
        foreach ($sensitivity as $key => $inhg) {
            $screws[] = [
                'name' => $bank[$key],
                'learned' => match (true) {
                    $inhg === null => 'not known yet',
                    $inhg > 0.0 => 'in raises it, '.Numbers::short($inhg, 1).' inHg a turn',
                    default => 'in lowers it, '.Numbers::short(-$inhg, 1).' inHg a turn',
                },
            ];
        }

        return $screws;
    }
}
