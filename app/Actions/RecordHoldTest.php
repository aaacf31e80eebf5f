<?php

declare(strict_types=1);

namespace App\Actions;

use App\Knowledge\Diagnoses;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Trace;
use DustyJet\Carburetor\Families;
use DustyJet\HoldTest\HoldTest;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Outcome;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Support\Facades\DB;

/** Judges a hold test and keeps its readings, its verdict and its fit together. */
final readonly class RecordHoldTest
{
    public function __construct(private Families $families, private Diagnoses $diagnoses)
    {
    }

    /**
     * @param  string  $traceId derived from the client id, so that a resent request names the same trace
     *
     * @throws \DustyJet\Rejected If the readings are no test.
     */
    public function __invoke(
        Job $job,
        Letter $letter,
        string $traceId,
        PressureTrace $trace,
        Rig $rig,
        Limits $limits,
        Arrangement $arranged,
    ): Worksheet {
        $result = HoldTest::judge($trace, $rig, $limits);
        $last = $trace->kilopascals[$trace->count() - 1] * ($trace->isVacuum ? -1.0 : 1.0);
        $fit = $result->fitted->toArray();
        $draft = new Draft(EntryKind::HoldTested, [
            'trace' => $traceId,
            'method' => $trace->isVacuum ? 'vacuum' : 'pressure',
            'volume_ml' => (float) sprintf('%.6g', $rig->volume->inMillilitres()),
            'volume_u_percent' => (float) sprintf('%.3g', 100.0 * $rig->relativeUncertainty),
            'limit_ml_min' => $limits->leak->inMillilitresPerMinute(),
            ...$arranged->stored(),
            'result' => Outcome::stored($result, $last, $trace->durationSeconds()),
            'fit' => [
                ...$fit,
                'best' => self::short($fit['best']),
                'low' => self::short($fit['low']),
                'high' => self::short($fit['high']),
            ],
        ]);

        return DB::transaction(function () use ($job, $letter, $draft, $traceId, $trace): Worksheet {
            $sheet = $job->log($this->families, $this->diagnoses, $letter, $draft);
            Trace::keep($traceId, $job->id, $trace);

            return $sheet;
        });
    }

    /**
     * Nine digits are more than any gauge has.
     *
     * @param  list<float>  $values
     *
     * @return list<float>
     */
    private static function short(array $values): array
    {
        return array_map(static fn (float $v): float => (float) sprintf('%.9g', $v), $values);
    }
}
