<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Stations\BenchTest\Measures\FloatCard;
use App\View\Stations\BenchTest\Measures\LeakMapCard;
use App\View\Stations\BenchTest\Measures\LeverCard;
use App\View\Stations\BenchTest\Measures\PopOffCard;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\Worksheet\FloatLevel\FloatGaps;
use DustyJet\Worksheet\Metering\Metering;
use DustyJet\Worksheet\Worksheet;

/** What of this family is measured besides the hold: null where it has no such thing. */
final readonly class Measures
{
    private function __construct(
        public ?LeakMapCard $leaks,
        public ?PopOffCard $popOff,
        public ?LeverCard $lever,
        public ?FloatCard $float,
    ) {
    }

    public static function of(Worksheet $sheet, ?Isolation $leaks): self
    {
        $has = static fn (string $test): bool => isset($sheet->family->proof->tests[$test]);

        return new self(
            LeakMapCard::of($sheet, $leaks),
            $has(Metering::POP_OFF) ? PopOffCard::of($sheet) : null,
            $has(Metering::LEVER) ? LeverCard::of($sheet) : null,
            $has(FloatGaps::TEST) ? FloatCard::of($sheet) : null,
        );
    }
}
