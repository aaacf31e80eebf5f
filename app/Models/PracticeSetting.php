<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Carburetor\Families;
use DustyJet\Practice\PracticeEngine;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\Balancing\Balancing;
use DustyJet\Worksheet\Intake\Ticket;
use DustyJet\Worksheet\Screws\AdjusterState;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** How the virtual engine of a run stands: its screws by the log, and by the dials where those are ahead of it. */
final readonly class PracticeSetting
{
    private function __construct(private Worksheet $sheet, private PracticeState $state)
    {
    }

    public static function of(LiveRun $run, Families $families): self
    {
        return new self($run->job->worksheet($families), $run->setUp()->practice ?? new PracticeState(1));
    }

    /** @return list<string> what is heard, in words; nothing where no such engine can be made */
    public function heard(): array
    {
        $engine = PracticeEngine::of($this->sheet->family, $this->variant(), $this->state->seed);

        return $engine?->heard($engine->setting($this->turns(), $this->state->isFullThrottle)) ?? [];
    }

    /** @return array<string, mixed> as a stand-in is told */
    public function toArray(): array
    {
        $total = $this->sheet->of(Balancing::class)->total;

        return [
            'family' => $this->sheet->family->id,
            'variant' => $this->variant(),
            'seed' => $this->state->seed,
            'turns' => $this->turns(),
            'full_throttle' => $this->state->isFullThrottle,
            'balance' => array_map(
                static fn (string $carburetor): float => $total[$carburetor] ?? 0.0,
                array_keys(Ticket::bankOf($this->sheet->bench)),
            ),
        ];
    }

    private function variant(): string
    {
        return $this->sheet->of(Ticket::class)->intake->variant ?? '';
    }

    /** @return array<string, float> by screw */
    private function turns(): array
    {
        return array_map(
            fn (AdjusterState $s): float => ($this->state->screws[$s->adjuster->key] ?? ($s->set ?? $s->start())->inUnits())
                / Turns::PER_TURN,
            $this->sheet->of(Screws::class)->all,
        );
    }
}
