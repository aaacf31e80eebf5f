<?php

declare(strict_types=1);

namespace Bench\Mixture;

/** What came of many mixture runs. */
final class Tally
{
    private const NEAR_TURNS = 0.125;

    /** An engine is plain when its speed falls so far a quarter turn either side. */
    private const PLAIN_RPM = 50.0;

    private int $right = 0;

    private int $plains = 0;

    private int $plainRight = 0;

    private int $covered = 0;

    private int $led = 0;

    private int $leanAnswers = 0;

    private int $over = 0;

    /** @var list<float> turns */
    private array $widths = [];

    /** @var list<int> */
    private array $readings = [];

    /**
     * @param  array{answer: float|null, low: float|null, high: float|null, next: float|null}  $said
     * @param  non-empty-list<float>  $settings in the order tried, turns
     */
    public function add(OneScrew $screw, array $said, array $settings): void
    {
        $answer = $said['answer'];
        $isNear = $answer !== null && abs($answer - $screw->truth) <= self::NEAR_TURNS + 1e-9;
        $loses = $answer === null ? INF : $screw->bestRpm - $screw->rpm($answer);
        $isPlain = $screw->falls() >= self::PLAIN_RPM;
        $this->right += $isNear || (! $screw->isFlutter() && $loses <= OneScrew::SIGMA_RPM) ? 1 : 0;
        $this->plains += $isPlain ? 1 : 0;
        $this->plainRight += $isPlain && $isNear ? 1 : 0;
        $this->readings[] = count($settings);
        if ($said['low'] !== null) {
            $this->covered += $said['low'] <= $screw->truth && $screw->truth <= $said['high'] ? 1 : 0;
            $this->widths[] = $said['high'] - $said['low'];
        }
        $screw->isFlutter() && $this->guard($screw, $answer, array_slice($settings, 1));
    }

    /** @param  list<float>  $after every setting but the first */
    private function guard(OneScrew $screw, ?float $answer, array $after): void
    {
        $lean = array_filter($after, static fn (float $t): bool => $t < $screw->peakTurns);
        $over = array_filter($after, static fn (float $t): bool => $screw->rpm($t) > $screw->maximumRpm);
        $this->led += count($lean) > 1 ? 1 : 0;
        $this->leanAnswers += $answer !== null && $answer < $screw->peakTurns ? 1 : 0;
        $this->over += count($over);
    }

    public function line(): string
    {
        sort($this->widths);
        sort($this->readings);
        $all = max(1, count($this->readings));
        $line = sprintf(
            '%d engines: right %.1f %%, within 1/8 turn of %d that fall 50 rpm a quarter turn %.1f %%, median %d readings, '
                .'90 %% within %d',
            $all,
            100.0 * $this->right / $all,
            $this->plains,
            100.0 * $this->plainRight / max(1, $this->plains),
            $this->readings[intdiv($all, 2)] ?? 0,
            $this->readings[intdiv(9 * $all, 10)] ?? 0,
        );
        if ($this->widths !== []) {
            $line .= sprintf(
                ', interval covers %.1f %%, %.2f turn wide in the median',
                100.0 * $this->covered / count($this->widths),
                $this->widths[intdiv(count($this->widths), 2)],
            );
        }

        return $line.sprintf(
            '; led lean of the peak twice %d, answers there %d, proposals over the maximum %d',
            $this->led,
            $this->leanAnswers,
            $this->over,
        );
    }
}
