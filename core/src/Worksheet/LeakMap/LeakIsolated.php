<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\LeakMap;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\LeakIsolation\Outcome;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** An isolating test was made: only some joints under pressure, or soap on them. */
final readonly class LeakIsolated implements Act
{
    private const MOST_FLOW = 100_000;

    private function __construct(
        public string $test,
        public ?Outcome $outcome,
        public ?float $flow,
        public ?string $bubbled,
        private string $word,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::text('isolation', most: 60),
            Field::text('outcome')->among('leaks', 'holds', 'keep_watching')->orSay('Say whether it leaks or holds.'),
            Field::number('flow_ml_min', 0, self::MOST_FLOW)->optional(),
            Field::text('bubbled', most: 60)->optional(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->text('isolation'),
            Outcome::tryFrom($payload->text('outcome')),
            $payload->numberOrNull('flow_ml_min'),
            $payload->textOrNull('bubbled'),
            $payload->text('outcome'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $leaks = $sheet->family->proof->leaks ?? throw NotAllowedNow::notOfThisFamily('A leak map');
        isset($leaks->tests[$this->test]) || throw UnreadableEntry::unknownName('isolating test', $this->test);
        $this->outcome ?? throw UnreadableEntry::unknownName('outcome', $this->word);
        $this->bubbled === null || isset($leaks->joints[$this->bubbled])
            || throw UnreadableEntry::unknownName('joint', $this->bubbled);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        if ($this->outcome === null || ! isset($bench->family->proof->leaks->tests[$this->test])) {
            return $bench;
        }
        // What was told apart before a joint was opened says nothing of now.
        $isStale = $bench->of(Staleness::class)->has(IsolatingResults::READING);
        $results = $isStale ? IsolatingResults::atStart($bench->family) : $bench->of(IsolatingResults::class);
        $bubbled = $this->bubbled === null ? [] : [$this->bubbled];

        return $bench
            ->with($results->with(new IsolatingResult($this->test, $this->outcome, $this->flow, $bubbled, $entry->at)))
            ->renewed(IsolatingResults::READING)
            ->touched(Station::BenchTest, $entry->at);
    }
}
