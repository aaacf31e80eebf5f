<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;

/**
 * What one kind of entry carries, when it is refused, and what it leaves behind on the bench. One class for each
 * kind.
 */
interface Act
{
    public static function shape(): Shape;

    /**
     * What was stored, as the trade's own quantities.
     *
     * @throws \DustyJet\Rejected If a value cannot be.
     */
    public static function of(Payload $payload): self;

    /**
     * @param  string|null  $corrects id of the entry it would stand in the place of
     *
     * @throws \DustyJet\Rejected If it means nothing on this sheet, or cannot be done now.
     */
    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void;

    /** The bench after it. Never throws: what a file from elsewhere got wrong is passed over. */
    public function on(Bench $bench, Entry $entry): Bench;
}
