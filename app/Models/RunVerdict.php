<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\HoldTest\HoldResult;
use DustyJet\HoldTest\Verdict;
use DustyJet\PopOff\Pop;
use DustyJet\PopOff\PopSeries;
use DustyJet\Quantity\GaugePressure;

/** What a run that is watched says so far: the verdict of a hold, or the pops. Flows in ml/min. */
final readonly class RunVerdict
{
    /** @param  list<array{0: float, 1: float}>  $pops kPa where it opened and where it shut */
    private function __construct(
        public ?Verdict $verdict,
        public float $best,
        public float $low,
        public float $high,
        public ?float $moreSeconds,
        public array $pops,
    ) {
    }

    public static function ofHold(HoldResult $result): self
    {
        return new self(
            $result->verdict,
            $result->leak->best->inMillilitresPerMinute(),
            $result->leak->low->inMillilitresPerMinute(),
            $result->leak->high->inMillilitresPerMinute(),
            $result->watchMore?->inSeconds(),
            [],
        );
    }

    public static function ofPops(PopSeries $series): self
    {
        $pair = static fn (Pop $p): array => [$p->pop->inKilopascals(), $p->reseat->inKilopascals()];

        return new self(null, 0.0, 0.0, 0.0, null, array_map($pair, $series->pops));
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        $number = static fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0;
        $pops = [];
        foreach (is_array($kept['pops'] ?? null) ? $kept['pops'] : [] as $pair) {
            $pops[] = is_array($pair) ? [$number($pair[0] ?? null), $number($pair[1] ?? null)] : [0.0, 0.0];
        }

        return new self(
            is_string($kept['verdict'] ?? null) ? Verdict::tryFrom($kept['verdict']) : null,
            $number($kept['ml_min'] ?? null),
            $number($kept['low'] ?? null),
            $number($kept['high'] ?? null),
            is_numeric($kept['more_s'] ?? null) ? (float) $kept['more_s'] : null,
            $pops,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return [
            'verdict' => $this->verdict?->value,
            'ml_min' => $this->best,
            'low' => $this->low,
            'high' => $this->high,
            'more_s' => $this->moreSeconds,
            'pops' => $this->pops,
        ];
    }

    /** The newest, 13.0 / 10.1; empty before the first. */
    public function lastPopInPsi(): string
    {
        $psi = static fn (float $kpa): string => number_format(GaugePressure::ofKilopascals($kpa)->inPsi(), 1);
        $last = $this->pops[count($this->pops) - 1] ?? null;

        return $last === null ? '' : $psi($last[0]).' / '.$psi($last[1]);
    }

    /** As a technician would type them: 13/10 12.9/10. */
    public function popsInPsi(): string
    {
        $psi = static fn (float $kpa): string => number_format(GaugePressure::ofKilopascals($kpa)->inPsi(), 2, '.', '');

        return implode(' ', array_map(static fn (array $p): string => $psi($p[0]).'/'.$psi($p[1]), $this->pops));
    }
}
