<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Diagnosis\Finding;
use DustyJet\Fuel\DeliveryVerdict;
use DustyJet\Worksheet\Flow\Deliveries;
use DustyJet\Worksheet\Flow\DeliveryMeasured;
use DustyJet\Worksheet\Flow\DeliveryReading;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** What the line delivers, in bars beside what the engine drinks and what its seat passes. View box 320 wide. */
final readonly class DeliveryCard implements BenchCard
{
    private const BAR_UNITS = 230.0;

    /**
     * @param  list<array{name: string, text: string, width: float}>  $bars
     * @param  list<NumberField>  $numbers
     */
    private function __construct(
        public array $bars,
        public string $says,
        public string $how,
        public string $label,
        public array $numbers,
        public bool $isTwoStroke,
        public string $notNow,
    ) {
    }

    /** @param  Finding|null  $danger what forbids that the engine is turned over */
    public static function of(Worksheet $sheet, ?Finding $danger = null): self
    {
        $reading = $sheet->of(Deliveries::class)->latest;
        $bars = $reading === null ? [] : self::bars($reading);

        return new self(
            bars: $bars,
            says: $reading === null ? '' : self::says($reading),
            how: $reading?->demand === null ? '' : self::how($reading->typed),
            label: implode(', ', array_map(static fn (array $b): string => "{$b['name']} {$b['text']}", $bars)),
            numbers: self::numbers($reading?->typed),
            isTwoStroke: $reading?->typed->strokes === 2,
            notNow: $danger === null ? '' : ucfirst($danger->because),
        );
    }

    public function view(): string
    {
        return 'stations.bench-test.delivery';
    }

    public static function note(Worksheet $sheet): string
    {
        $reading = $sheet->of(Deliveries::class)->latest;

        return match (true) {
            $reading === null => 'not measured',
            $sheet->of(Staleness::class)->has(Deliveries::READING) => 're-check',
            default => self::flow($reading->delivery->millilitresPerMinute),
        };
    }

    /** @return list<array{name: string, text: string, width: float}> */
    private static function bars(DeliveryReading $reading): array
    {
        $flows = array_filter([
            'Delivered' => $reading->delivery->millilitresPerMinute,
            'Drinks' => $reading->demand?->millilitresPerMinute,
            'Seat passes' => $reading->seat?->millilitresPerMinute,
        ], static fn (?float $flow): bool => $flow !== null);
        $most = max(1.0, ...array_values($flows));
        $bar = static fn (string $name, float $flow): array => [
            'name' => $name, 'text' => self::flow($flow), 'width' => round(self::BAR_UNITS * $flow / $most, 1),
        ];

        return array_map($bar, array_keys($flows), array_values($flows));
    }

    private static function says(DeliveryReading $reading): string
    {
        if ($reading->demand === null) {
            return 'How much the engine drinks follows from its power.';
        }
        $times = Numbers::plain($reading->delivery->marginOver($reading->demand), 1);

        return match ($reading->delivery->against($reading->demand)) {
            DeliveryVerdict::Starves => "Delivers {$times} times what it drinks: it starves at full load.",
            DeliveryVerdict::Scant => "Delivers {$times} times what it drinks: little in hand. Filter, cap vent, pump.",
            DeliveryVerdict::Enough => "Delivers {$times} times what it drinks: enough.",
        };
    }

    private static function how(DeliveryMeasured $typed): string
    {
        $specific = $typed->strokes === 2 ? '0.55' : '0.40';

        return Numbers::short($typed->kilowatts ?? 0.0, 2)." kW x {$specific} kg/kWh / 0.745 kg/l / 60. The kg/kWh are from memory.";
    }

    /** @return list<NumberField> */
    private static function numbers(?DeliveryMeasured $typed): array
    {
        $said = static fn (?float $number): string => $number === null ? '' : Numbers::short($number, 2);

        return [
            NumberField::required('volume_ml', 'Into the can, ml'),
            NumberField::required('seconds', 'In, seconds', $said($typed->seconds ?? 30.0)),
            NumberField::optional('power_kw', 'Power, kW', $said($typed?->kilowatts), '1 hp is 0.75 kW'),
            NumberField::optional('seat_mm', 'Seat bore, mm', $said($typed?->seatMillimetres), 'At half a metre of head'),
        ];
    }

    private static function flow(float $millilitresPerMinute): string
    {
        return Numbers::plain($millilitresPerMinute, 0).' ml/min';
    }
}
