<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use App\View\Numbers;
use DustyJet\HoldTest\Verdict;
use DustyJet\Worksheet\BenchTest\HoldRecord;

/** The last dry run beside the wet one after it: a dry needle may leak and mean nothing. */
final readonly class DryAndWet
{
    private function __construct(public string $dry, public string $wet, public string $says)
    {
    }

    /**
     * Null unless the last run was wet and the one before it dry, by the same method.
     *
     * @param  list<HoldRecord>  $holds oldest first
     */
    public static function of(array $holds): ?self
    {
        [$dry, $wet] = [$holds[count($holds) - 2] ?? null, $holds[count($holds) - 1] ?? null];
        $isPair = $dry !== null && $wet !== null
            && ! $dry->setup->arranged->wetted
            && $wet->setup->arranged->wetted
            && $dry->setup->isVacuum === $wet->setup->isVacuum;

        return $isPair ? new self(self::leak($dry), self::leak($wet), self::says($dry, $wet)) : null;
    }

    private static function leak(HoldRecord $hold): string
    {
        $leak = $hold->outcome->leak;

        return Numbers::flow($leak->mlMin).' cc/min, '.Numbers::flow($leak->lowMlMin).' to '.Numbers::flow($leak->highMlMin);
    }

    private static function says(HoldRecord $dry, HoldRecord $wet): string
    {
        $wasLeaking = in_array($dry->outcome->verdict, [Verdict::Leaks, Verdict::HoldsBelow], true);

        return match ($wet->outcome->verdict) {
            Verdict::Holds => $wasLeaking ? 'It was only dry: wetted, it holds.' : 'It holds, dry and wet.',
            Verdict::KeepWatching => 'Wetted, it is not decided yet: watch longer.',
            default => $wasLeaking && $wet->outcome->leak->highMlMin < $dry->outcome->leak->lowMlMin
                ? 'Wetting helped and was not enough: it leaks.'
                : 'Wetting changed nothing: it leaks.',
        };
    }
}
