<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\LogMovedOn;
use DustyJet\BenchLog\Seen;

/** An entry someone wants to add, judged against the sheet as it stands before it is stored. */
final readonly class Draft
{
    /** @param  array<string, mixed>  $payload */
    public function __construct(public EntryKind $kind, public array $payload, public ?string $supersedes = null)
    {
    }

    /** @throws \DustyJet\Rejected If the entry means nothing here, comes too late, or rests on a log that has moved on. */
    public function refuseUnlessMeantFor(Worksheet $sheet, Seen $seen): void
    {
        $act = $this->act();
        $sheet->log->refuseBadCorrection($this->kind, $this->supersedes);
        $sheet->handedBackAt === null || $act instanceof Aside || throw NotAllowedNow::handedBack();
        $this->refuseIfMovedOn($sheet, $act, $seen);
        $act->refuseUnlessMeantFor($sheet, $this->supersedes);
    }

    /** @throws \DustyJet\Rejected If the payload is not of this kind, or a value in it cannot be. */
    public function act(): Act
    {
        return $this->kind->act()::of($this->kind->shape()->read($this->kind->name(), $this->payload));
    }

    /** @throws LogMovedOn */
    private function refuseIfMovedOn(Worksheet $sheet, Act $act, Seen $seen): void
    {
        $seen->refuseBeyond($sheet->log);
        if (! $act instanceof Exclusive) {
            return;
        }
        foreach ($sheet->log->entries as $entry) {
            if (! $seen->covers($entry) && $act->clashesWith(EntryKind::actOf($entry))) {
                throw LogMovedOn::by($entry->by, str_replace('_', ' ', $entry->kind->name()));
            }
        }
    }
}
