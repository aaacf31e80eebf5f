<?php

declare(strict_types=1);

namespace App\View\Stations\Run;

use App\Models\LiveRun;
use App\View\Numbers;
use DustyJet\Carburetor\Card;
use DustyJet\Instrument\Sample;
use DustyJet\Instrument\Steadiness;
use DustyJet\Quantity\PressureUnit;

/** What a page that watches a tachometer or the columns of a bank is told. */
final readonly class LiveSpeed
{
    /** Of the maximum without load: faster than this the throttle is open. */
    private const OPEN = 0.8;

    /** Full throttle without load is held no longer. From memory. */
    private const BURST_SECONDS = 10.0;

    private const REST_SECONDS = 20.0;

    /**
     * @param  int  $newest number of the newest sample
     * @param  list<float|null>  $values now, one a channel: rpm or inHg
     * @param  list<float|null>  $steady what may be read, one a channel; null while it moves
     * @param  string  $stop why the throttle is to be let go now; empty while it need not be
     */
    private function __construct(
        public int $newest,
        public array $values,
        public array $steady,
        public string $prompt,
        public string $stop,
        public bool $ended,
    ) {
    }

    /** @param  list<Sample>  $new */
    public static function of(LiveRun $run, array $new, Card $card): self
    {
        $channels = [];
        foreach ($run->samples(most: self::samplesSeen($run)) as $sample) {
            $channels[$sample->channel][] = $sample;
        }
        ksort($channels);
        $per = $run->isVacuum() ? PressureUnit::InchOfMercury->kilopascals() : 1.0;
        $steady = array_map(static fn (array $c): Steadiness => Steadiness::of($c), array_values($channels));
        $rounded = static fn (?float $v): ?float => $v === null ? null : round($v / $per, $per === 1.0 ? 0 : 2);
        $stop = $run->isVacuum() ? '' : self::stop($channels[1] ?? [], $card);

        return new self(
            newest: $new === [] ? 0 : $new[count($new) - 1]->seq,
            values: array_map(static fn (Steadiness $s): ?float => $rounded($s->now), $steady),
            steady: array_map(static fn (Steadiness $s): ?float => $rounded($s->mean), $steady),
            prompt: self::prompt($steady, $stop),
            stop: $stop,
            ended: $run->ended_at !== null,
        );
    }

    /** Half a minute of a tachometer, two seconds of a vacuum set of six. */
    private static function samplesSeen(LiveRun $run): int
    {
        return $run->isVacuum() ? 240 : 700;
    }

    /** @param  list<Steadiness>  $steady */
    private static function prompt(array $steady, string $stop): string
    {
        $isSteady = $steady !== [] && array_filter($steady, static fn (Steadiness $s): bool => $s->mean === null) === [];

        return match (true) {
            $stop !== '' => $stop,
            $steady === [] => 'Waiting for the instrument.',
            $isSteady => 'Steady: log it.',
            default => 'Let it settle.',
        };
    }

    /** @param  list<Sample>  $samples of the tachometer */
    private static function stop(array $samples, Card $card): string
    {
        $last = $samples[count($samples) - 1] ?? null;
        $most = $card->topRpm[1] ?? null;
        if ($last === null || $most === null) {
            return '';
        }
        $isOpen = static fn (Sample $s): bool => $s->value > self::OPEN * $most;
        $open = 0.0;
        foreach ($samples as $i => $sample) {
            $since = $i === 0 ? 0.0 : $sample->seconds - $samples[$i - 1]->seconds;
            $open = $isOpen($sample) ? $open + $since : max(0.0, $open - $since * self::BURST_SECONDS / self::REST_SECONDS);
        }

        return match (true) {
            $last->value > $most => 'Stop. Above '.Numbers::rpm($most).' rpm, the most its card allows: let go of the throttle. '
                .($card->isGoverned ? 'See to the governor first.' : 'Turn it richer before the next.'),
            $isOpen($last) && $open > self::BURST_SECONDS => 'Let go of the throttle: ten seconds of it are enough. Rest it twenty.',
            default => '',
        };
    }
}
