<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\LeakIsolation\FlowInterval;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\LeakIsolation\JointGroup;
use DustyJet\LeakIsolation\Leak;
use DustyJet\LeakIsolation\LeakCaseJson;

/** `jet isolate FILE.json`: which joint leaks, and the test to make next. */
final readonly class IsolateCommand implements FromFile
{
    public static function options(): array
    {
        return [];
    }

    public static function run(Options $options): array
    {
        $isolation = Isolation::of(LeakCaseJson::parse($options->file()));

        return [
            'suspects' => array_map(
                static fn (Leak $l): array => ['joint' => $l->joint, 'probability' => $l->probability] + self::flow($l->flow),
                $isolation->suspects,
            ),
            'cleared' => $isolation->cleared,
            'groups' => array_map(
                static fn (JointGroup $g): array => ['joints' => $g->joints] + self::flow($g->flow),
                $isolation->groups,
            ),
            'next_test' => $isolation->next === null ? null : [
                'name' => $isolation->next->test->name,
                'minutes' => $isolation->next->test->minutes,
                'bits' => $isolation->next->bits,
            ],
            'contradicts' => $isolation->contradicts ?? [],
        ];
    }

    /** @return array{flow_ml_min: float, low_ml_min: float, high_ml_min: float} */
    private static function flow(FlowInterval $flow): array
    {
        return ['flow_ml_min' => $flow->best, 'low_ml_min' => $flow->low, 'high_ml_min' => $flow->high];
    }
}
