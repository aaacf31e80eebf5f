<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\BenchLog\Entry;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Worksheet;

/**
 * What the entries of a log did to the tray and to the carburetor.
 *
 * @internal
 */
final readonly class TrayLog
{
    /** @param  array<string, string>  $refused why entries could not be, by their ids */
    private function __construct(public Build $build, public array $refused)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        return self::replayed($sheet->of(Parts::class)->build->tray->plan, $sheet->log->effective());
    }

    /** As it would be had one entry never been made. */
    public static function without(Worksheet $sheet, string $id): self
    {
        $others = array_filter($sheet->log->effective(), static fn (Entry $e): bool => $e->id !== $id);

        return self::replayed($sheet->of(Parts::class)->build->tray->plan, array_values($others));
    }

    /**
     * Never throws: what cannot be is passed over and named.
     *
     * @param  list<Entry>  $entries in order
     */
    private static function replayed(StripPlan $plan, array $entries): self
    {
        $build = Build::from(Tray::empty($plan));
        $refused = [];
        foreach ($entries as $entry) {
            $act = EntryKind::actOf($entry);
            try {
                $build = $act instanceof MovesParts ? $act->move($build) : $build;
            } catch (NotYet $not) {
                $refused[$entry->id] = $not->getMessage();
            }
        }

        return new self($build, $refused);
    }
}
