<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Diagnosis\DiagnosisCase;
use DustyJet\Diagnosis\Evidence;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\Suspect;
use DustyJet\Diagnosis\UnusableCase;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\Knowledge\DiagnosisFiles;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Turns;
use DustyJet\Quantity\Volume;
use DustyJet\Rejected;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;

/** The core on the command line: exit 0 with a result, 2 with one clear line on bad input. */
final readonly class Jet
{
    private const OPTIONS = [
        'turns' => [],
        'hold' => ['volume-ml', 'limit-ml-min', 'resolution-psi'],
        'diagnose' => [],
        'knowledge' => [],
        'strip' => ['variant'],
    ];

    /** Those that are a class of their own. */
    private const COMMANDS = [
        'spring' => SpringCommand::class,
        'lever' => LeverCommand::class,
        'float' => FloatCommand::class,
        'isolate' => IsolateCommand::class,
        'popoff' => PopOffCommand::class,
        'mixture' => MixtureCommand::class,
        'engine' => EngineCommand::class,
        'sync' => SyncCommand::class,
    ];

    /** How many suspects and checks a diagnosis prints. */
    private const MOST_NAMED = 8;

    /**
     * @param  list<string>  $arguments
     * @param  resource  $out
     * @param  resource  $err
     */
    public static function run(array $arguments, mixed $out, mixed $err): int
    {
        try {
            $command = array_shift($arguments) ?? '';
            $own = self::COMMANDS[$command] ?? null;
            $known = $own === null ? self::OPTIONS[$command] ?? throw Usage::show() : $own::options();
            [$words, $options, $asJson] = self::read($arguments, $known);
            $result = match (true) {
                $own === null => self::result($command, $words, $options),
                $words !== [] && ! is_subclass_of($own, FromFile::class) => throw Usage::show(),
                default => $own::run(new Options($options, $words)),
            };
            fwrite(
                $out,
                ($asJson ? json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES) : self::lines($result))
                    .PHP_EOL,
            );

            return 0;
        } catch (Rejected $rejected) {
            fwrite($err, str_replace(["\r", "\n"], ' ', $rejected->getMessage()).PHP_EOL);

            return 2;
        }
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $options
     *
     * @return array<string, mixed>
     */
    private static function result(string $command, array $words, array $options): array
    {
        return match ($command) {
            'turns' => self::turns(implode(' ', $words)),
            'hold' => self::hold($words, $options),
            'diagnose' => self::diagnose($words),
            'knowledge' => self::knowledge(),
            default => self::strip($words, $options),
        };
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
            'leak_ml_min' => $result->leak->best->inMillilitresPerMinute(),
            'leak_ml_min_low' => $result->leak->low->inMillilitresPerMinute(),
            'leak_ml_min_high' => $result->leak->high->inMillilitresPerMinute(),
            'hole_um' => $result->leak->hole?->inMicrometres(),
            'verdict' => $result->verdict->value,
            'watch_more_s' => $result->watchMore?->inSeconds(),
        ];
    }

    /**
     * @param  list<string>  $words
     *
     * @return array<string, mixed>
     */
    private static function diagnose(array $words): array
    {
        $catalogue = self::catalogue();
        $diagnosis = Diagnosis::of($catalogue, DiagnosisCase::parse($catalogue, self::file($words)), self::MOST_NAMED);
        $repair = $diagnosis->nextCheck() === null ? $diagnosis->plan[0] ?? null : null;

        return [
            'suspects' => array_map(
                static fn (Suspect $s): array => [
                    'fault' => $s->fault->id,
                    'probability' => round($s->probability, 6),
                    'because' => array_map(
                        static fn (Evidence $e): array => [
                            'finding' => $e->finding,
                            'decibans' => round($e->decibans, 2),
                        ],
                        $s->because,
                    ),
                ],
                array_slice($diagnosis->suspects, 0, self::MOST_NAMED),
            ),
            'unexplained' => round($diagnosis->unexplained, 6),
            'next_checks' => array_map(
                static fn (RankedCheck $c): array => [
                    'check' => $c->check->id,
                    'minutes' => $c->minutes,
                    'gain' => round($c->gain, 3),
                ],
                array_slice($diagnosis->paying, 0, self::MOST_NAMED),
            ),
            'turning_points' => array_map(
                static fn (array $p): array => [
                    'check' => $p['check'],
                    'answers' => array_map(static fn (Answer $a): string => $a->value, $p['answers']),
                    'leader' => $p['leader'],
                    'probability' => round($p['probability'], 4),
                ],
                array_slice($diagnosis->turningPoints(), 0, self::MOST_NAMED),
            ),
            'repair' => $repair?->id,
        ];
    }

    /**
     * The order in which a family comes apart and goes together again, as the file lists it.
     *
     * @param  list<string>  $words
     * @param  array<string, string>  $options
     *
     * @return array<string, mixed>
     */
    private static function strip(array $words, array $options): array
    {
        $family = self::catalogue()->family($words[0] ?? throw Usage::show())->id;
        $plans = FamilyFiles::shipped()->of($family)->teardown->plans;
        $variant = $options['variant'] ?? array_key_first($plans);
        $plan = $plans[$variant] ?? throw UnusableCase::unknown('variant', $variant);
        $tray = Tray::empty($plan);
        foreach ($plan->stripOrder() as $part) {
            $tray = $tray->takeOff($part->key);
        }
        $line = static fn (TrayPart $p, ?string $note): string => $p->name
            .($p->count > 1 ? " ({$p->count})" : '')
            .($note === null ? '' : ". {$note}.");

        return [
            'family' => $family,
            'variant' => $plan->variant,
            'strip' => array_map(static fn (TrayPart $p): string => $line($p, $p->heed->caution), $plan->stripOrder()),
            'springs' => $tray->springs()['expected'],
            'build' => array_map(static fn (TrayPart $p): string => $line($p, $p->heed->guard), Build::from($tray)->order()),
        ];
    }

    /** @return array<string, mixed> every name a case may use, by kind */
    private static function knowledge(): array
    {
        $catalogue = self::catalogue();
        $names = static fn (array $of): array => array_map(strval(...), array_keys($of));

        return [
            'families' => $names($catalogue->families),
            'facts' => ['fuel_age_days', 'stored_days', 'season', 'received_on', 'fuel_bought_on', 'last_run_on'],
            'findings' => $names($catalogue->findings),
            'checks' => $names($catalogue->checks),
            'access' => $names($catalogue->access),
            'faults' => $names($catalogue->faults),
            'flows' => $names($catalogue->flows),
        ];
    }

    private static function catalogue(): Catalogue
    {
        $files = glob(__DIR__.'/../../knowledge/diagnosis/*.yaml');

        return DiagnosisFiles::catalogue(
            DiagnosisFiles::merge(
                array_map(
                    static fn (string $f): string => (string) file_get_contents($f),
                    $files === false ? [] : $files,
                ),
            ),
        );
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
                $value ??= array_shift($arguments) ?? throw Usage::missing($name);
                $options[$name] = isset($options[$name]) ? $options[$name].Options::AND.$value : $value;
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
        return (new Options([], $words))->file();
    }

    /** @param  array<string, mixed>  $result */
    private static function lines(array $result): string
    {
        $lines = [];
        foreach ($result as $name => $value) {
            foreach (is_array($value) ? $value : [$value] as $one) {
                $lines[]
                    = str_pad($name, 26)
                    .match (true) {
                        is_bool($one) => $one ? 'yes' : 'no',
                        is_scalar($one) => (string) $one,
                        is_array($one) => implode(
                            '  ',
                            array_map(
                                static fn (mixed $v): string => is_scalar($v) ? (string) $v : (string) json_encode($v),
                                $one,
                            ),
                        ),
                        default => '-',
                    };
            }
        }

        return implode(PHP_EOL, $lines);
    }
}
