<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\LiveRun;
use DustyJet\HoldTest\LiveHold;
use DustyJet\Rejected;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** Ends a run, and logs what it came to as an entry of who put the instrument on the job. The run is not saved here. */
final readonly class LogLiveRun
{
    public function __construct(private RecordHoldTest $hold, private AppendEntry $append)
    {
    }

    public function __invoke(LiveRun $run, LiveHold $hold): void
    {
        $run->ended_at = Date::now();
        try {
            // In a transaction of its own, so that a refusal undoes nothing else.
            DB::transaction(fn () => match (true) {
                // Each speed and each column is logged by hand.
                $run->isAtRun() => null,
                $run->isForPops() => $this->pops($run),
                default => $this->hold($run, $hold),
            });
        } catch (Rejected $rejected) {
            $run->said = mb_substr($rejected->getMessage(), 0, 400);
        }
    }

    private function hold(LiveRun $run, LiveHold $hold): void
    {
        $setup = $run->setUp();
        if ($hold->mayBeJudged()) {
            ($this->hold)(
                $run->job,
                $run->letter(),
                $run->traceId(),
                $run->trace($run->samplesSince($hold->from ?? 0.0)),
                $setup->rig,
                $setup->limits,
                $setup->arranged,
            );
        }
    }

    private function pops(LiveRun $run): void
    {
        $said = $run->said();
        if ($said !== null && $said->pops !== []) {
            $draft = new Draft(EntryKind::PopOffMeasured, [
                'pops' => $said->popsInPsi(),
                'unit' => 'psi',
                'wetted' => $run->setUp()->arranged->wetted,
            ]);
            ($this->append)($run->job, $run->letter(), $draft);
        }
    }
}
