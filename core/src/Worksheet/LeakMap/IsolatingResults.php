<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\LeakMap;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Stale\Reading;
use DustyJet\Worksheet\Stale\Rechecked;

/** The isolating tests since a joint was last opened, the last of each; soap adds up. */
final readonly class IsolatingResults implements Rechecked
{
    /** The name a disturbance doubts them under. */
    public const READING = 'leak_map';

    /** @param  array<string, IsolatingResult>  $all by test */
    private function __construct(public array $all)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function with(IsolatingResult $result): self
    {
        $before = $this->all[$result->test]->bubbled ?? [];
        $bubbled = array_values(array_unique([...$before, ...$result->bubbled]));
        $now = new IsolatingResult($result->test, $result->outcome, $result->flow, $bubbled, $result->at);

        return new self(array_replace($this->all, [$result->test => $now]));
    }

    public function taken(): array
    {
        return $this->all === [] ? [] : [self::READING => new Reading('Leak map', Station::BenchTest, 4)];
    }
}
