<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use App\View\Sheet\NumberField;
use DustyJet\Carburetor\Card;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** What the form of the next run is filled with: as the last one was, else by the book. */
final readonly class HoldForm
{
    /**
     * @param  list<NumberField>  $rig
     * @param  list<NumberField>  $measured what the volume of the rig follows from, in place of typing it
     */
    private function __construct(
        public string $volume,
        public string $limit,
        public string $limitNote,
        public string $method,
        public string $testPsi,
        public bool $suggestWet,
        public array $rig,
        public array $measured,
    ) {
    }

    public static function of(?HoldRecord $hold, Card $card, bool $isToBeWet): self
    {
        $limit = $hold->setup->limitMlMin ?? $card->holdLimit->inMillilitresPerMinute();
        $knownTo = $hold->setup->volumeKnownToPercent ?? 0.0;
        $number = number_format($hold->setup->volumeMl ?? Rig::USUAL_MILLILITRES, 2, '.', '');

        $volume = rtrim(rtrim($number, '0'), '.');

        return new self(
            volume: $volume,
            limit: (string) $limit,
            limitNote: $limit === Limits::DEFAULT_ML_PER_MIN ? 'from memory' : 'as typed',
            method: $hold?->setup->isVacuum === true ? 'vacuum' : 'pressure',
            testPsi: Numbers::short($card->test->inPsi(), 1),
            suggestWet: $isToBeWet || $hold?->setup->arranged->wetted === true,
            rig: [
                NumberField::required('volume_ml', 'Rig volume, ml', $volume),
                NumberField::optional('volume_u_percent', 'Volume known to, %', $knownTo === 0.0 ? '' : (string) $knownTo),
                NumberField::required('limit_ml_min', 'Limit, cc/min', (string) $limit),
                NumberField::optional('step', 'Gauge step', hint: 'Empty: found from the readings'),
                NumberField::optional('drift_k', 'Room drift, K'),
            ],
            measured: [
                NumberField::optional('reference_ml', 'Reference volume, ml', hint: 'Known, at atmosphere'),
                NumberField::optional('rig_before', 'Gauge before opening to it'),
                NumberField::optional('rig_after', 'Gauge after', hint: '10 ml, 10 to 6.5 psi: 18.57 ml'),
            ],
        );
    }
}
