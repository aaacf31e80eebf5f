<?php

declare(strict_types=1);

namespace App\View\Charts;

use App\View\Numbers;
use DustyJet\Bank\Balance;
use DustyJet\Bank\Bank;
use DustyJet\Bank\Move;
use DustyJet\Worksheet\Balancing\Balancing;

/**
 * Vacuum at idle, a column a carburetor, with the band they are to share and one plate under the column whose screw is to
 * be turned. View box 640 x 352.
 */
final readonly class BankColumns
{
    private const LEFT = 56.0;

    private const RIGHT = 600.0;

    private const TOP = 64.0;

    private const BOTTOM = 250.0;

    private const SPARE_INHG = 1.5;

    /**
     * @param  list<array{y: float, text: string}>  $levels
     * @param  array{y: float, height: float, high: string, low: string}|null  $band
     * @param  list<array{x: float, y: float, read: string, name: string, says: string, is: string}>  $columns
     */
    private function __construct(public array $levels, public ?array $band, public array $columns, public string $label)
    {
    }

    /** @param  array<string, string>  $bank names by carburetor, the top one first */
    public static function of(Balancing $balancing, array $bank): ?self
    {
        $latest = $balancing->readings[count($balancing->readings) - 1] ?? null;
        $reference = $balancing->reference;
        if ($latest === null || $reference === null) {
            return null;
        }
        $means = array_map(static fn (string|int $c): float => $latest->mean((string) $c), array_combine(array_keys($bank), array_keys($bank)));
        $low = max(0.0, floor(min([...$means, 30.0]) - self::SPARE_INHG));
        $high = ceil(max([0.0, ...$means]) + self::SPARE_INHG);
        $y = Scale::between($low, $high, self::BOTTOM, self::TOP);
        $balance = $balancing->balance(array_keys($bank));
        $tolerance = Bank::TOLERANCE_INHG;
        $top = $y->near($means[$reference] + $tolerance);

        return new self(
            levels: array_map(
                static fn (float $inhg): array => ['y' => $y->at($inhg), 'text' => Numbers::short($inhg, 0)],
                range($low, $high, $high - $low > 8.0 ? 2.0 : 1.0),
            ),
            band: [
                'y' => $top,
                'height' => $y->near($means[$reference] - $tolerance) - $top,
                'high' => Numbers::short($means[$reference] + $tolerance, 1),
                'low' => Numbers::short($means[$reference] - $tolerance, 1),
            ],
            columns: self::columns($means, $bank, $reference, $y, $balance, $balancing->turned),
            label: self::label($means, $bank, $balance),
        );
    }

    /**
     * @param  array<string, float>  $means
     * @param  array<string, string>  $bank
     *
     * @return list<array{x: float, y: float, read: string, name: string, says: string, is: string}>
     */
    private static function columns(
        array $means,
        array $bank,
        string $reference,
        Scale $y,
        ?Balance $balance,
        ?Move $turned,
    ): array {
        $columns = [];
        $apart = (self::RIGHT - self::LEFT) / count($bank);
        foreach (array_keys($bank) as $i => $key) {
            $next = $balance?->next?->carburetor === $key ? $balance->next : null;
            [$is, $says] = match (true) {
                $key === $reference => ['base', 'leave it'],
                $next !== null => ['go', "turn {$next->words()}"],
                $turned?->carburetor === $key => ['wait', 'read again'],
                abs($means[$key] - $means[$reference]) <= Bank::TOLERANCE_INHG => ['ok', 'even'],
                default => ['base', 'later'],
            };
            $columns[] = [
                'x' => round(self::LEFT + ($i + 0.5) * $apart, 1),
                'y' => $y->near($means[$key]),
                'read' => Numbers::short($means[$key], 1),
                'name' => $bank[$key].($key === $reference ? ', base' : ''),
                'says' => $says,
                'is' => $is,
            ];
        }

        return $columns;
    }

    /**
     * @param  array<string, float>  $means
     * @param  array<string, string>  $bank
     */
    private static function label(array $means, array $bank, ?Balance $balance): string
    {
        $said = [];
        foreach ($bank as $key => $name) {
            $said[] = "{$name} ".Numbers::short($means[$key], 1);
        }

        return 'Vacuum at idle, inches of mercury: '.implode(', ', $said).'. '.ucfirst($balance->reason ?? 'Read them again').'';
    }
}
