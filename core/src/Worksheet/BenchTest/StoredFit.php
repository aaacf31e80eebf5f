<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\HoldTest\FittedTrace;
use DustyJet\HoldTest\HoldModel;
use DustyJet\HoldTest\LeakShape;

/** The curves of a hold test as an entry stores them: refused unless they can be drawn. */
final readonly class StoredFit
{
    /**
     * @param  array<array-key, mixed>  $fit
     *
     * @throws UnreadableEntry If it is not one this program wrote.
     */
    public static function of(array $fit): FittedTrace
    {
        $model = is_string($fit['model'] ?? null) ? HoldModel::tryFrom($fit['model']) : null;
        $shape = is_string($fit['shape'] ?? null) ? LeakShape::tryFrom($fit['shape']) : null;
        $vacuum = $fit['vacuum'] ?? null;
        if ($model === null || $shape === null || ! is_bool($vacuum)) {
            throw UnreadableEntry::field('hold_tested', 'fit', 'a known model and shape');
        }

        return FittedTrace::fromArray([
            'model' => $model->value,
            'shape' => $shape->value,
            'vacuum' => $vacuum,
            'atmosphere_kpa' => self::atmosphere($fit['atmosphere_kpa'] ?? null),
            'best' => self::numbers($fit['best'] ?? null, 'fit.best', self::parameters($model)),
            'low' => self::numbers($fit['low'] ?? null, 'fit.low', self::parameters(HoldModel::Leak)),
            'high' => self::numbers($fit['high'] ?? null, 'fit.high', self::parameters(HoldModel::Leak)),
        ]);
    }

    /** The band of every model is drawn with leaks. */
    private static function parameters(HoldModel $model): int
    {
        return match ($model) {
            HoldModel::Tight => 3,
            HoldModel::Leak => 4,
            HoldModel::HoldsBelow => 5,
        };
    }

    private static function atmosphere(mixed $kilopascals): float
    {
        $isAir = is_numeric($kilopascals) && $kilopascals >= 10 && $kilopascals <= 200;

        return $isAir
            ? (float) $kilopascals
            : throw UnreadableEntry::field('hold_tested', 'fit', 'a known model and shape');
    }

    /**
     * @return list<float>
     *
     * @throws UnreadableEntry
     */
    private static function numbers(mixed $values, string $field, int $count): array
    {
        $numbers = [];
        foreach (is_array($values) ? $values : [] as $value) {
            $numbers = is_int($value) || is_float($value) ? [...$numbers, (float) $value] : $numbers;
        }
        count($numbers) === $count || throw UnreadableEntry::field('hold_tested', $field, "{$count} numbers");
        StoredNumbers::refuseWild($numbers, $field);
        // The first is a pressure the curves divide by; the last the logarithm of a settling time.
        $canBeDrawn = $numbers[0] > 0 && abs($numbers[$count - 1]) < 20;
        $canBeDrawn || throw UnreadableEntry::field('hold_tested', $field, 'a curve that can be drawn');

        return $numbers;
    }
}
