<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\Models\LiveRun;
use App\View\Charts\Gauge;
use App\View\Numbers;
use DateTimeInterface;
use DustyJet\Carburetor\Card;
use DustyJet\HoldTest\LiveHold;
use DustyJet\HoldTest\LivePhase;
use DustyJet\HoldTest\Verdict;
use DustyJet\Instrument\Sample;
use DustyJet\PopOff\PopSeries;
use DustyJet\Quantity\PressureUnit;

/** What a page that watches a run is told: new samples, what to do now, and the verdict so far. */
final readonly class LiveReading
{
    /** Of the gauge's scale: no needle that is well pops there. */
    private const POPS_STOP = 0.9;

    /**
     * @param  list<array{0: int, 1: float, 2: float}>  $samples number, seconds and reading in the unit of the gauge
     * @param  float|null  $from seconds when the hold began
     * @param  array{class: string, word: string, value: string, note: string}|null  $verdict
     * @param  int|null  $ageMs of the newest sample
     */
    private function __construct(
        public array $samples,
        public ?float $from,
        public string $prompt,
        public ?array $verdict,
        public bool $ended,
        public string $said,
        public ?int $ageMs,
    ) {
    }

    /** @param  list<Sample>  $new */
    public static function of(LiveRun $run, array $new, LiveHold $hold, Card $card, DateTimeInterface $now): self
    {
        $unit = Numbers::gaugeUnit($run->isVacuum());
        $newest = $new === [] ? null : $new[count($new) - 1];
        $age = $newest === null || $run->skew === null
            ? null
            : (float) $now->format('U.u') - $newest->seconds - $run->skew;

        return new self(
            samples: array_map(
                static fn (Sample $s): array => [$s->seq, $s->seconds, round(abs($s->value) / $unit->kilopascals(), 4)],
                $new,
            ),
            from: $hold->phase === LivePhase::Pumping || $hold->phase === LivePhase::Waiting ? null : $hold->from,
            prompt: self::prompt($hold, $run, $card, $newest->value ?? 0.0),
            verdict: self::verdict($run),
            ended: $run->ended_at !== null,
            said: $run->said,
            ageMs: $age === null ? null : (int) round(1000.0 * $age),
        );
    }

    private static function prompt(LiveHold $hold, LiveRun $run, Card $card, float $reads): string
    {
        $to = $run->isVacuum() ? '15 inHg' : Numbers::plain($card->test->inPsi(), 0).' psi';
        if ($run->isForPops()) {
            return self::popping(count($run->said()->pops ?? []), $reads);
        }
        if (! $run->isVacuum() && $reads > $card->stop->inKilopascals()) {
            return 'Stop. Above '.Numbers::plain($card->stop->inPsi(), 0).' psi: let it down.';
        }
        $so = $run->said();
        $more = ($so?->verdict === null ? null : $hold->secondsLeft($so->verdict)) ?? $so?->moreSeconds;

        return match (true) {
            $hold->phase === LivePhase::Waiting => "Pump slowly to {$to}.",
            $hold->phase === LivePhase::Pumping => "Pumping. Stop at {$to}.",
            $hold->phase === LivePhase::LetGo => 'Nothing is left in it.',
            $more !== null && $more >= 1.0 => 'Holding. About '.Numbers::seconds(ceil($more)).' more.',
            default => 'Holding. Hands off the pump.',
        };
    }

    private static function popping(int $pops, float $kilopascals): string
    {
        $psi = $kilopascals / PressureUnit::Psi->kilopascals();

        return match (true) {
            // A needle that sticks so is freed by hand, not by more air. From memory.
            $psi > self::POPS_STOP * Gauge::POPS_FULL_PSI => 'Stop: the gauge ends here. Let it down, free the needle with a drop of fuel.',
            $pops === 0 => 'Pump slowly until it pops.',
            $pops < PopSeries::ENOUGH => "Popped {$pops} of ".PopSeries::ENOUGH.'. Pump on, slowly.',
            default => "Popped {$pops} times: enough. Let it go, or stop.",
        };
    }

    /** @return array{class: string, word: string, value: string, note: string}|null */
    private static function verdict(LiveRun $run): ?array
    {
        $so = $run->said();
        if ($so === null || $so->verdict === null && $so->pops === []) {
            return null;
        }
        $limit = 'limit '.Numbers::flow($run->setUp()->limits->leak->inMillilitresPerMinute());
        $band = Numbers::flow($so->low).' to '.Numbers::flow($so->high).' cc/min';
        [$class, $word, $value, $note] = match ($so->verdict) {
            null => ['is-watch', 'Popped', $so->lastPopInPsi(), 'psi, opened / shut, '.count($so->pops).' so far'],
            Verdict::Holds => ['is-holds', 'Holds so far', 'under '.Numbers::flow($so->high), $limit],
            Verdict::Leaks => ['is-leak', 'Leaks', Numbers::flow($so->best).' cc/min', "{$band}, {$limit}"],
            Verdict::HoldsBelow => ['is-leak', 'Holds below', '', 'seals only under less'],
            Verdict::KeepWatching => ['is-watch', 'Keep watching', '', "{$band}, {$limit}"],
        };

        return ['class' => $class, 'word' => $word, 'value' => $value, 'note' => $note];
    }
}
