<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\KeepsBeside;
use DustyJet\Worksheet\Machine;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A hold test was run and judged. Its readings are kept beside the log, its verdict in it. */
final readonly class HoldTested implements KeepsBeside
{
    private const LARGEST = 1e6;

    private function __construct(public Setup $setup, public Outcome $outcome)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::uuid('trace')->made(),
            Field::text('method')->made(),
            Field::number('volume_ml', 0, self::LARGEST)->made(),
            Field::number('volume_u_percent', 0, 100)->optional()->made(),
            Field::number('limit_ml_min', 0, self::LARGEST)->made(),
            Field::number('step_psi', 0, self::LARGEST)->optional()->made(),
            Field::map('result')->made(),
            Field::map('fit')->made(),
            ...Arrangement::fields(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(Setup::of($payload), Outcome::of($payload));
    }

    public function kept(): string
    {
        return 'trace';
    }

    public function keptId(): string
    {
        return $this->setup->traceId;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $need = $sheet->family->proof->hold->needs ?? Need::Nothing;
        $inTheWay = Machine::on($sheet->bench)->inTheWay($need);
        $this->setup->arranged->refuseUnlessOf($sheet->family);
        $inTheWay === null || $this->setup->arranged->anyway || throw NotAllowedNow::inTheWay($inTheWay);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $hold = new HoldRecord($entry->id, $entry->seq, $entry->at, $this->setup, $this->outcome);

        return $bench
            ->with($bench->of(Holds::class)->with($hold))
            ->renewed(Holds::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}
