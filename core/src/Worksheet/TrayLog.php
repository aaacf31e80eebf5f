<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\NotYet;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;

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

    /**
     * Never throws: what cannot be is passed over and named.
     *
     * @param  list<Entry>  $entries in order
     */
    public static function of(StripPlan $plan, array $entries): self
    {
        $build = Build::from(Tray::empty($plan));
        $refused = [];
        foreach ($entries as $entry) {
            try {
                $build = self::apply($build, $entry);
            } catch (NotYet $not) {
                $refused[$entry->id] = $not->getMessage();
            }
        }

        return new self($build, $refused);
    }

    /**
     * One entry more. Kinds that move no part leave it as it is.
     *
     * @throws NotYet If the part cannot come off or go in now.
     */
    public static function apply(Build $build, Entry $entry): Build
    {
        $part = $entry->text('part');

        return match ($entry->kind) {
            EntryKind::PartOff => $build->tray->has($part) ? $build->reopen($part) : $build->with($build->tray->takeOff($part, $entry->integer('count'))),
            EntryKind::PartMissing => $build->with($build->tray->isMissing($part, $entry->text('said'))),
            EntryKind::PartUnexpected => $build->with($build->tray->unexpected($entry->text('name'), max(1, $entry->integer('count')))),
            EntryKind::PartOn => $build->place($part, $entry->flag('looked'), $entry->integer('count')),
            EntryKind::PartAccounted => $build->account($part, $entry->text('became')),
            default => $build,
        };
    }
}
