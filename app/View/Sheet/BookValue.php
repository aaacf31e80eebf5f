<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\View\Numbers;
use DustyJet\Carburetor\Card;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** A value of the book with where it comes from. */
final readonly class BookValue
{
    private function __construct(public string $name, public string $value, public string $from)
    {
    }

    /** @return list<self> those that matter at the station */
    public static function all(Worksheet $sheet, Station $station): array
    {
        $card = $sheet->family->card;
        $hold = $sheet->family->proof->hold === null ? [] : [self::hold($card)];
        $screws = array_values(array_map(self::screw(...), $sheet->of(Screws::class)->all));

        return match ($station) {
            Station::BenchTest => [...$hold, ...array_slice($screws, 0, 1)],
            Station::AsFound, Station::Set => $screws,
            default => [
                ...self::speed('Idle', $card->idleRpm, $card->provenance['idle_rpm'] ?? ''),
                ...self::speed($card->top, $card->topRpm, $card->provenance['top_rpm'] ?? ''),
                ...$hold,
            ],
        };
    }

    private static function hold(Card $card): self
    {
        return new self(
            'Hold at '.Numbers::plain($card->test->inPsi(), 0).' psi',
            Numbers::flow($card->holdLimit->inMillilitresPerMinute()).' cc/min max',
            $card->provenance['hold_limit_ml_min'],
        );
    }

    /**
     * @param  array{0: float, 1: float}|null  $rpm
     *
     * @return list<self>
     */
    private static function speed(string $name, ?array $rpm, string $from): array
    {
        return $rpm === null ? [] : [new self($name, Numbers::rpm($rpm[0]).' to '.Numbers::rpm($rpm[1]).' rpm', $from)];
    }

    private static function screw(AdjusterState $state): self
    {
        $book = $state->adjuster->book;
        $isOne = $book->range === null && $book->turns->inTurns() <= 1.0;

        return new self($state->adjuster->name, Numbers::book($book).($isOne ? ' turn' : ' turns'), $book->provenance);
    }
}
