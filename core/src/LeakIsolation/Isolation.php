<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/**
 * Which joint leaks, from tests of boundaries that share joints, and the test to make next.
 *
 * Bayes over every set of at most two leaking joints (three where no two fit), flows added up by least squares with
 * none below zero. Two tests that cannot both be right are named, and neither counts until one is made again.
 */
final readonly class Isolation
{
    /** Less likely than this it is cleared, if a test had a say in it. From memory. */
    private const CLEARED_BELOW = 0.05;

    /**
     * @param  list<Leak>  $suspects likeliest first
     * @param  list<string>  $cleared
     * @param  list<JointGroup>  $groups
     * @param  array{0: string, 1: string}|null  $contradicts the two tests that cannot both be right
     */
    private function __construct(
        public array $suspects,
        public array $cleared,
        public array $groups,
        public ?ProposedTest $next,
        public ?array $contradicts,
    ) {
    }

    public static function of(LeakCase $case): self
    {
        $contradicts = Contradiction::in($case);
        $counted = $case;
        for ($pair = $contradicts; $pair !== null; $pair = Contradiction::in($counted)) {
            $counted = $counted->without($pair);
        }
        $suppositions = Suppositions::of($counted);
        $suspects = $cleared = [];
        foreach ($counted->names() as $joint) {
            $chance = $suppositions->chance($joint);
            if ($chance < self::CLEARED_BELOW && $chance < 0.5 * $counted->joints[$joint]) {
                $cleared[] = $joint;
            } else {
                $suspects[] = new Leak($joint, $chance, $suppositions->flow($joint));
            }
        }
        usort($suspects, static fn (Leak $a, Leak $b): int => $b->probability <=> $a->probability);

        return new self(
            $suspects,
            $cleared,
            self::groups($counted, $suppositions),
            NextTest::from($counted, $suppositions),
            $contradicts,
        );
    }

    /** @return list<JointGroup> of the joints that some test put under pressure or soap */
    private static function groups(LeakCase $case, Suppositions $suppositions): array
    {
        $alike = [];
        foreach ($case->names() as $joint) {
            $in = static fn (PressureTest|SoapTest $t): string => in_array($joint, $t->joints, true) ? '1' : '0';
            $pattern = implode('', array_map($in, [...$case->pressure, ...$case->soap]));
            if (str_contains($pattern, '1')) {
                $alike[$pattern][] = $joint;
            }
        }

        return array_values(array_map(
            static fn (array $joints): JointGroup => new JointGroup($joints, $suppositions->together($joints)),
            $alike,
        ));
    }
}
