<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\PressureUnit;

/**
 * Reads a trace from text: a header `t_s` and one of `psi`, `kpa`, `inhg`, then one reading a line.
 *
 * Comma or semicolon between columns; with a semicolon the decimal mark may be a comma. A byte order mark, CRLF line
 * ends and empty lines are accepted. `inhg` is a vacuum; a reading with a minus sign under `psi` or `kpa` is one too.
 */
final readonly class TraceCsv
{
    public const MOST_BYTES = 8_000_000;

    private const UNITS = [
        'psi' => PressureUnit::Psi,
        'kpa' => PressureUnit::Kilopascal,
        'inhg' => PressureUnit::InchOfMercury,
    ];

    /**
     * @param  float|null  $stepPsi how finely the gauge was read, in psi; null takes the finest step seen
     *
     * @throws UnusableTrace If the text cannot be read as a trace; the message names the line.
     */
    public static function parse(string $text, ?float $stepPsi = null): PressureTrace
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw UnusableTrace::tooLarge(self::MOST_BYTES);
        }
        $lines = preg_split('~\r\n|\n|\r~', str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text);
        $lines = $lines === false ? [] : $lines;
        $separator = str_contains($lines[0] ?? '', ';') ? ';' : ',';
        $unit = self::unit($lines[0] ?? '', $separator);
        [$readings, $written] = self::readings($lines, $separator);
        $step
            = $stepPsi === null
                ? self::gaugeStep($written)
                : ($stepPsi * PressureUnit::Psi->pascals()) / $unit->pascals();
        $isVacuum = $unit === PressureUnit::InchOfMercury || self::mostlyNegative($readings);

        return PressureTrace::of($readings, $unit, $isVacuum, $step, 2);
    }

    /**
     * Reads lines a technician typed or tapped, `0 5.0` or `10; 4,9`: a time in seconds, space, comma, semicolon or
     * tab, a reading.
     *
     * @param  float|null  $step how finely the gauge was read, in the unit; null takes the finest step seen
     *
     * @throws UnusableTrace If a line cannot be read; the message names it.
     */
    public static function typed(string $text, PressureUnit $unit, bool $isVacuum, ?float $step = null): PressureTrace
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw UnusableTrace::tooLarge(self::MOST_BYTES);
        }
        $lines = preg_split('~\r\n|\n|\r~', trim($text));
        $readings = $written = [];
        foreach ($lines === false ? [] : $lines as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $columns = self::columns(trim($line, ' 	,;'));
            if (count($columns) !== 2) {
                throw UnusableTrace::wrongColumns($i + 1, count($columns));
            }
            $readings[] = [self::number($columns[0], $i + 1), self::number($columns[1], $i + 1)];
            $written[] = $columns[1];
            if (count($readings) > PressureTrace::MOST_READINGS) {
                throw UnusableTrace::tooManyReadings(PressureTrace::MOST_READINGS);
            }
        }

        return PressureTrace::of($readings, $unit, $isVacuum, $step ?? self::gaugeStep($written));
    }

    /**
     * A semicolon separates; else white space, with or without a comma; else a comma.
     *
     * @return list<string>
     */
    private static function columns(string $line): array
    {
        $between = match (true) {
            str_contains($line, ';') => '~\s*;\s*~',
            preg_match('~\s~', $line) === 1 => '~,?\s+~',
            default => '~,~',
        };
        $columns = preg_split($between, $line);

        return $columns === false ? [] : $columns;
    }

    /**
     * @param  non-empty-string  $separator
     *
     * @throws UnusableTrace
     */
    private static function unit(string $header, string $separator): PressureUnit
    {
        $columns = array_map(
            static fn (string $c): string => mb_strtolower(trim($c, " \t\"")),
            explode($separator, $header),
        );
        if (count($columns) !== 2 || $columns[0] !== 't_s' || ! isset(self::UNITS[$columns[1]])) {
            throw UnusableTrace::badHeader($header);
        }

        return self::UNITS[$columns[1]];
    }

    /**
     * @param  array<int, string>  $lines
     * @param  non-empty-string  $separator
     *
     * @return array{0: list<array{0: float, 1: float}>, 1: list<string>} the readings, and their values as written
     *
     * @throws UnusableTrace
     */
    private static function readings(array $lines, string $separator): array
    {
        $readings = $written = [];
        $last = count($lines);
        for ($i = 1; $i < $last; $i++) {
            if (trim($lines[$i]) === '') {
                continue;
            }
            $columns = explode($separator, $lines[$i]);
            if (count($columns) !== 2) {
                throw UnusableTrace::wrongColumns($i + 1, count($columns));
            }
            $readings[] = [self::number($columns[0], $i + 1), self::number($columns[1], $i + 1)];
            $written[] = $columns[1];
            if (count($readings) > PressureTrace::MOST_READINGS) {
                throw UnusableTrace::tooManyReadings(PressureTrace::MOST_READINGS);
            }
        }

        return [$readings, $written];
    }

    /** @throws UnusableTrace */
    private static function number(string $text, int $line): float
    {
        // As nearly all are written; what is not is looked at more closely.
        if (is_numeric($text) && is_finite((float) $text)) {
            return (float) $text;
        }
        $plain = str_replace(["\u{2212}", ','], ['-', '.'], trim($text, " \t\""));
        if (
            preg_match('~^[+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:[eE][+-]?\d{1,3})?$~', $plain) !== 1
            || ! is_finite((float) $plain)
        ) {
            throw UnusableTrace::badNumber($line, $text);
        }

        return (float) $plain;
    }

    /** @param  list<array{0: float, 1: float}>  $readings */
    private static function mostlyNegative(array $readings): bool
    {
        return array_sum(array_column($readings, 1)) < 0.0;
    }

    /**
     * How finely the gauge was read, from how the readings are written: `5.0` is read to a tenth.
     *
     * Three different values and more that are all halves, quarters or fifths of ten say that the gauge is read no
     * finer.
     *
     * @param  list<string>  $written
     *
     * @return float in the unit of the readings
     */
    private static function gaugeStep(array $written): float
    {
        $decimals = 0;
        $values = [];
        foreach ($written as $text) {
            $plain = str_replace(',', '.', trim($text, " \t\""));
            $point = strpos($plain, '.');
            $decimals = max($decimals, $point === false ? 0 : min(6, strlen($plain) - $point - 1));
            $values[$plain] = (float) $plain;
        }
        $step = 10.0 ** -$decimals;
        if (count($values) < 3) {
            return $step;
        }
        foreach ([50.0, 25.0, 20.0, 10.0, 5.0, 2.5, 2.0] as $coarser) {
            if (self::allMultiplesOf($values, $coarser * $step)) {
                return $coarser * $step;
            }
        }

        return $step;
    }

    /** @param  array<array-key, float>  $values */
    private static function allMultiplesOf(array $values, float $step): bool
    {
        foreach ($values as $value) {
            if (abs($value / $step - round($value / $step)) > 1e-6 * max(1.0, abs($value / $step))) {
                return false;
            }
        }

        return true;
    }
}
