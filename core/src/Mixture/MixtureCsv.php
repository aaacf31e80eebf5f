<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Quantity\RotationalSpeed;
use DustyJet\Quantity\Turns;
use DustyJet\Rejected;

/** Reads `turns,rpm` lines; a semicolon may separate, turns may be written as fractions. */
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
        if ($columns !== ['turns', 'rpm']) {
            throw UnusableRun::badHeader($lines[0] ?? '');
        }
        $readings = [];
        foreach (array_slice($lines, 1, null, true) as $i => $line) {
            if (trim($line) !== '') {
                $readings[] = self::reading($line, $separator, $i + 1);
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
     *
     * @throws UnusableRun
     */
    private static function reading(string $line, string $separator, int $number): MixtureReading
    {
        $columns = explode($separator, $line);
        if (count($columns) !== 2) {
            throw UnusableRun::badLine($number, 'two columns are needed, turns and rpm.');
        }
        $speed = str_replace(',', '.', trim($columns[1], " \t\""));
        if (preg_match('~^\d+(?:\.\d+)?$~', $speed) !== 1) {
            throw UnusableRun::badLine(
                $number,
                '"'.mb_substr(mb_scrub(trim($columns[1])), 0, 30).'" is not a speed in rpm.',
            );
        }
        try {
            return new MixtureReading(Turns::parse(trim($columns[0], " \t\"")), RotationalSpeed::ofRpm((float) $speed));
        } catch (Rejected $rejected) {
            throw UnusableRun::badLine($number, $rejected->getMessage());
        }
    }
}
