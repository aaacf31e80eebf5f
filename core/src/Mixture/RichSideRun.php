<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

/**
 * Finds where H of a two-stroke belongs from readings of speed at full throttle, from the rich side only.
 *
 * Its fuel carries the oil, and a lean engine revs higher without more power, then seizes: no setting leaner than the
 * fastest reading is ever proposed, none is an answer whose speed may pass the maker's maximum, and a reading above
 * that maximum or on the lean side of the fastest is a stop. Common practice.
 */
final readonly class RichSideRun
{
    /** Slower by this is slower: twice what a tachometer wavers. From memory. */
    private const SLOWER_RPM = 30.0;

    private const SAME_TURNS = 1.0 / 48.0;

    /** @var non-empty-list<array{turns: float, rpm: float}> fastest at each setting, leanest first */
    private array $settings;

    /** @param  non-empty-list<MixtureReading>  $readings */
    private function __construct(private array $readings, private RichSide $side)
    {
        $fastest = [];
        foreach ($readings as $reading) {
            $units = $reading->turns->inUnits();
            $fastest[$units] = [
                'turns' => $reading->turns->inTurns(),
                'rpm' => max($fastest[$units]['rpm'] ?? 0.0, $reading->speed->inRpm()),
            ];
        }
        usort($fastest, static fn (array $a, array $b): int => $side->compare($a['turns'], $b['turns']));
        $this->settings = $fastest;
    }

    /** @param  non-empty-list<MixtureReading>  $readings in the order taken */
    public static function judge(array $readings, RichSide $side): MixtureResult
    {
        return (new self($readings, $side))->result();
    }

    private function result(): MixtureResult
    {
        $last = $this->readings[count($this->readings) - 1];
        $richest = $this->settings[count($this->settings) - 1];
        $over = $this->richestOver();
        $fastest = $this->fastestWithin($over);
        $isOver = $this->side->isOver($last->speed->inRpm());
        if ($isOver || $fastest === null) {
            $from = $over['turns'] ?? $richest['turns'];

            return $this->next($this->side->richer($from, $this->side->coarse()), NextReason::OverTheMaximum);
        }
        if ($this->side->compare($last->turns->inTurns(), $fastest['turns']) < 0) {
            return $this->next($this->side->richer($fastest['turns'], $this->side->step), NextReason::LeanOfFastest);
        }
        $slower = $this->firstSlower($fastest);
        if ($slower === null) {
            return $this->next($this->side->richer($richest['turns'], $this->side->coarse()), NextReason::FromTheRichSide);
        }
        $between = $this->side->between($fastest['turns'], $slower['turns']);
        if ($between !== null && ! $this->isTried($between)) {
            return $this->next($between, NextReason::Narrow);
        }

        return $this->answer($this->side->answerFrom($fastest['turns']));
    }

    /** @return array{turns: float, rpm: float}|null the richest setting that ran above the maximum */
    private function richestOver(): ?array
    {
        $over = array_filter($this->settings, fn (array $s): bool => $this->side->isOver($s['rpm']));

        return $over === [] ? null : $over[array_key_last($over)];
    }

    /**
     * @param  array{turns: float, rpm: float}|null  $over
     *
     * @return array{turns: float, rpm: float}|null the fastest of those richer than any that ran above the maximum
     */
    private function fastestWithin(?array $over): ?array
    {
        $fastest = null;
        foreach ($this->settings as $setting) {
            $isRicher = $over === null || $this->side->compare($setting['turns'], $over['turns']) > 0;
            $fastest = $isRicher && $setting['rpm'] >= ($fastest['rpm'] ?? 0.0) ? $setting : $fastest;
        }

        return $fastest;
    }

    /**
     * @param  array{turns: float, rpm: float}  $fastest
     *
     * @return array{turns: float, rpm: float}|null the leanest of those richer and clearly slower
     */
    private function firstSlower(array $fastest): ?array
    {
        foreach ($this->settings as $setting) {
            $isRicher = $this->side->compare($setting['turns'], $fastest['turns']) > 0;
            if ($isRicher && $setting['rpm'] <= $fastest['rpm'] - self::SLOWER_RPM) {
                return $setting;
            }
        }

        return null;
    }

    private function isTried(float $turns): bool
    {
        foreach ($this->settings as $setting) {
            if (abs($setting['turns'] - $turns) < self::SAME_TURNS) {
                return true;
            }
        }

        return false;
    }

    private function next(float $turns, NextReason $reason): MixtureResult
    {
        return $this->said(null, $turns, $reason);
    }

    private function answer(float $turns): MixtureResult
    {
        return $this->said($turns, null, NextReason::RichOfFastest);
    }

    private function said(?float $answer, ?float $next, NextReason $reason): MixtureResult
    {
        return new MixtureResult(
            school: School::RichSide,
            peakTurns: null,
            peakLowTurns: null,
            peakHighTurns: null,
            peakRpm: null,
            recommendedTurns: $answer,
            nextTurns: $next,
            done: $answer !== null,
            reason: $reason,
            edges: new Edges(null, null),
            curve: [],
        );
    }
}
