<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\Mixture\MixtureCsv;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\School;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\Rejected;

/** The core on the command line: exit 0 with a result, 2 with one clear line on bad input. */
final readonly class Jet
{
    private const OPTIONS = [
        'turns' => [],
        'hold' => ['volume-ml', 'limit-ml-min', 'resolution-psi'],
        'mixture' => ['school'],
    ];

    /**
     * @param  list<string>  $arguments
     * @param  resource  $out
     * @param  resource  $err
     */
    public static function run(array $arguments, mixed $out, mixed $err): int
    {
        try {
            $command = array_shift($arguments) ?? '';
            if (! isset(self::OPTIONS[$command])) {
                throw Usage::show();
            }
            [$words, $options, $asJson] = self::read($arguments, self::OPTIONS[$command]);
            $result = match ($command) {
                'turns' => self::turns(implode(' ', $words)),
                'hold' => self::hold($words, $options),
                default => self::mixture($words, $options),
            };
            fwrite($out, ($asJson ? json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES) : self::lines($result)).PHP_EOL);

            return 0;
        } catch (Rejected $rejected) {
            fwrite($err, str_replace(["\r", "\n"], ' ', $rejected->getMessage()).PHP_EOL);

            return 2;
        }
    }

    /** @return array<string, mixed> */
    private static function turns(string $text): array
    {
        $turns = Turns::parse($text);

        return ['turns' => $turns->inTurns(), 'text' => (string) $turns];
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $options
     *
     * @return array<string, mixed>
     */
    private static function hold(array $words, array $options): array
    {
        $resolution = isset($options['resolution-psi']) ? self::number($options, 'resolution-psi') : null;
        $rig = new Rig(Volume::ofMillilitres(self::number($options, 'volume-ml')));
        $limits = Limits::ofLeak(Flow::ofMillilitresPerMinute(self::number($options, 'limit-ml-min')));
        $result = HoldTest::judge(TraceCsv::parse(self::file($words), $resolution), $rig, $limits);

        return [
            'model' => $result->model->value,
            'settled_from_s' => $result->settledFrom->inSeconds(),
            'start_kpa' => $result->start->inKilopascals(),
            'tau_s' => $result->tau?->inSeconds(),
            'plateau_kpa' => $result->plateau?->inKilopascals(),
            'leak_ml_min' => $result->leak->inMillilitresPerMinute(),
            'leak_ml_min_low' => $result->leakLow->inMillilitresPerMinute(),
            'leak_ml_min_high' => $result->leakHigh->inMillilitresPerMinute(),
            'hole_um' => $result->hole?->inMicrometres(),
            'verdict' => $result->verdict->value,
            'watch_more_s' => $result->watchMore?->inSeconds(),
        ];
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $options
     *
     * @return array<string, mixed>
     */
    private static function mixture(array $words, array $options): array
    {
        $name = $options['school'] ?? throw Usage::missing('school');
        $school = School::tryFrom($name) ?? throw Usage::badSchool($name);
        $result = MixtureRun::judge(MixtureCsv::parse(self::file($words)), $school);

        return [
            'peak_turns' => $result->peakTurns,
            'peak_turns_low' => $result->peakLowTurns,
            'peak_turns_high' => $result->peakHighTurns,
            'peak_rpm' => $result->peakRpm,
            'recommended_turns' => $result->recommendedTurns,
            'next_turns' => $result->nextTurns,
            'done' => $result->done,
        ];
    }

    /**
     * @param  list<string>  $arguments
     * @param  list<string>  $known
     *
     * @return array{0: list<string>, 1: array<string, string>, 2: bool}
     */
    private static function read(array $arguments, array $known): array
    {
        $words = $options = [];
        $asJson = false;
        while ($arguments !== []) {
            $argument = array_shift($arguments);
            if ($argument === '--json') {
                $asJson = true;
            } elseif (str_starts_with($argument, '--')) {
                [$name, $value] = [...explode('=', substr($argument, 2), 2), null];
                if (! in_array($name, $known, true)) {
                    throw Usage::unknown($argument);
                }
                $options[$name] = $value ?? array_shift($arguments) ?? throw Usage::missing($name);
            } else {
                $words[] = $argument;
            }
        }

        return [$words, $options, $asJson];
    }

    /** @param  array<string, string>  $options */
    private static function number(array $options, string $name): float
    {
        $text = $options[$name] ?? throw Usage::missing($name);
        if (preg_match('~^\d+(?:[.,]\d+)?$~', $text) !== 1 || (float) str_replace(',', '.', $text) <= 0.0) {
            throw Usage::badNumber($name, $text);
        }

        return (float) str_replace(',', '.', $text);
    }

    /** @param  list<string>  $words */
    private static function file(array $words): string
    {
        if (count($words) !== 1) {
            throw Usage::show();
        }
        if (! is_file($words[0]) || ! is_readable($words[0])) {
            throw Usage::unreadable($words[0]);
        }
        if (filesize($words[0]) > TraceCsv::MOST_BYTES) {
            throw Usage::tooLarge(intdiv(TraceCsv::MOST_BYTES, 1_000_000));
        }

        return (string) file_get_contents($words[0]);
    }

    /** @param  array<string, mixed>  $result */
    private static function lines(array $result): string
    {
        $lines = [];
        foreach ($result as $name => $value) {
            $lines[] = str_pad($name, 20).(is_scalar($value) ? (is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value) : '-');
        }

        return implode(PHP_EOL, $lines);
    }
}
