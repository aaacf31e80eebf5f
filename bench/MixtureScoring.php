<?php

declare(strict_types=1);

namespace Bench;

use Bench\Mixture\OneScrew;
use Bench\Mixture\QuarterTurns;
use Bench\Mixture\Tally;
use DustyJet\Engine\Stroke;
use DustyJet\Mixture\MixtureReading;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\Mixture\UnusableRun;
use DustyJet\Numerics\Chance;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Mixture runs on virtual engines whose best settings are known, started within 3/4 turn of the best.
 *
 * @phpstan-type Said array{answer: float|null, low: float|null, high: float|null, next: float|null}
 */
final class MixtureScoring
{
    private const START_TURNS = 0.75;

    private const MOST_READINGS = 20;

    /** Engines whose flutter no ear places. */
    public int $inaudible = 0;

    public function __construct(
        private readonly int $seed,
        private readonly int $engines,
        private readonly bool $isScreened,
    ) {
    }

    /** @return array{proposed: Tally, quarters: Tally} on the same engines */
    public function by(School $school): array
    {
        [$proposed, $quarters] = [new Tally, new Tally];
        for ($i = 0; $i < $this->engines; $i++) {
            $chance = new Randomizer(new Mt19937($this->seed + $i));
            $stroke = $school === School::Flutter || $i % 2 === 0 ? Stroke::Two : Stroke::Four;
            $screw = OneScrew::random($chance, $school, $stroke, $this->isScreened);
            if ($screw->isFlutter() && ! $screw->isAudible()) {
                $this->inaudible++;

                continue;
            }
            $start = $screw->truth + self::START_TURNS * (new Chance($chance))->between(-1.0, 1.0);
            $start = max(0.25, round($start * 8.0) / 8.0);
            $proposed->add($screw, ...self::run($screw, $start, self::proposed(...)));
            $quarters->add($screw, ...self::run($screw, $start, QuarterTurns::search(...)));
        }

        return ['proposed' => $proposed, 'quarters' => $quarters];
    }

    /**
     * @param  callable(non-empty-list<MixtureReading>, School, MixtureScrew): Said  $judge
     *
     * @return array{0: Said, 1: non-empty-list<float>} what was said last, and every setting tried
     */
    private static function run(OneScrew $screw, float $start, callable $judge): array
    {
        $settings = [$start];
        $known = new MixtureScrew(
            maximumRpm: $screw->isFlutter() ? $screw->maximumRpm : null,
            travel: OneScrew::TRAVEL_TURNS,
            sigmaRpm: OneScrew::SIGMA_RPM,
        );
        $readings = [];
        for (; ;) {
            $at = $settings[count($settings) - 1];
            $readings[] = $screw->read($at);
            try {
                $said = $judge($readings, $screw->school, $known);
            } catch (UnusableRun) {
                // What was heard contradicts what was heard before: the whole run again from here.
                $readings = [];
                $said = ['answer' => null, 'low' => null, 'high' => null, 'next' => $at];
            }
            if ($said['next'] === null || count($settings) === self::MOST_READINGS) {
                return [$said, $settings];
            }
            $settings[] = $said['next'];
        }
    }

    /**
     * The judgement of the core.
     *
     * @param  non-empty-list<MixtureReading>  $readings
     *
     * @return Said
     */
    private static function proposed(array $readings, School $school, MixtureScrew $screw): array
    {
        $result = MixtureRun::judge($readings, $school, $screw);

        return [
            'answer' => $result->answer?->turns,
            'low' => $result->answer?->low,
            'high' => $result->answer?->high,
            'next' => $result->done ? null : $result->nextTurns,
        ];
    }
}
