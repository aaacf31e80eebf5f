<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Quantity\QuantityOutOfRange;
use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\UnreadableTurns;

/**
 * Reads `turns,rpm` or `turns,rpm,mark` lines; a semicolon may separate, turns may be written as fractions, marks are
 * separated by spaces, and where the engine died the speed is left empty.
 */
final readonly class MixtureCsv
{
    private const MOST_READINGS = 200;

    /**
     * @return non-empty-list<MixtureReading>
     *
     * @throws UnusableRun If a line cannot be read; the message names it.
     */
    public static function parse(string $text): array
    {
        $lines = preg_split(
            '~\r\n|\n|\r~',
            str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text,
            self::MOST_READINGS * 3,
        );
        $lines = $lines === false ? [] : $lines;
        $separator = str_contains($lines[0] ?? '', ';') ? ';' : ',';
        $columns = array_map(
            static fn (string $c): string => mb_strtolower(trim($c, " \t\"")),
            explode($separator, $lines[0] ?? ''),
        );
        if ($columns !== ['turns', 'rpm'] && $columns !== ['turns', 'rpm', 'mark']) {
            throw UnusableRun::badHeader($lines[0] ?? '');
        }
        $readings = [];
        foreach (array_slice($lines, 1, null, true) as $i => $line) {
            if (trim($line) !== '') {
                $readings[] = self::reading($line, $separator, count($columns), $i + 1);
            }
        }
        if (count($readings) > self::MOST_READINGS) {
            throw UnusableRun::tooMany(self::MOST_READINGS);
        }
        if ($readings === []) {
            throw UnusableRun::empty();
        }

        return $readings;
    }

    /**
     * @param  non-empty-string  $separator
     * @param  int  $width columns the header names
     *
     * @throws UnusableRun
     */
    private static function reading(string $line, string $separator, int $width, int $number): MixtureReading
    {
        $columns = array_map(static fn (string $c): string => trim($c, " \t\""), explode($separator, $line));
        if (count($columns) !== $width) {
            $names = $width === 3 ? 'three columns are needed, turns, rpm and mark.' : 'two columns are needed, turns and rpm.';
            throw UnusableRun::badLine($number, $names);
        }
        $marks = self::marks($columns[2] ?? '', $number);
        $isDead = $marks === [Mark::Dies] && $columns[1] === '';
        try {
            return new MixtureReading(
                Turns::parse($columns[0]),
                $isDead ? null : self::speed($columns[1], $number),
                $marks,
            );
        } catch (QuantityOutOfRange|UnreadableTurns $rejected) {
            throw UnusableRun::badLine($number, $rejected->getMessage());
        }
    }

    /** @throws UnusableRun|QuantityOutOfRange */
    private static function speed(string $typed, int $number): RotationalSpeed
    {
        $speed = str_replace(',', '.', $typed);
        if (preg_match('~^\d+(?:\.\d+)?$~D', $speed) !== 1) {
            throw UnusableRun::badLine($number, '"'.mb_substr(mb_scrub($typed), 0, 30).'" is not a speed in rpm.');
        }
        if ((float) $speed <= 0.0) {
            throw UnusableRun::badLine($number, 'rpm must be above 0; where it died leave it empty and mark it dies.');
        }

        return RotationalSpeed::ofRpm((float) $speed);
    }

    /**
     * @return list<Mark>
     *
     * @throws UnusableRun
     */
    private static function marks(string $typed, int $number): array
    {
        $marks = [];
        foreach (array_filter(explode(' ', $typed), static fn (string $w): bool => $w !== '') as $word) {
            $marks[] = Mark::tryFrom(mb_strtolower($word)) ?? throw UnusableRun::badLine(
                $number,
                'mark "'.mb_substr(mb_scrub($word), 0, 30).'" is unknown: '
                    .implode(', ', array_column(Mark::cases(), 'value')).' or nothing.',
            );
        }
        if (in_array(Mark::Dies, $marks, true) && $marks !== [Mark::Dies]) {
            throw UnusableRun::badLine($number, 'an engine that dies is marked nothing else.');
        }

        return $marks;
    }
}
