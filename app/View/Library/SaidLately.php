<?php

declare(strict_types=1);

namespace App\View\Library;

use App\Models\Job;

/** What customers of this shop say of such a carburetor, in words that need not be typed again. */
final readonly class SaidLately
{
    private const MOST = 4;

    /** Longer words are of one machine only. */
    private const LONGEST = 40;

    /**
     * @param  list<Job>  $jobs newest first
     *
     * @return list<string> what was said most often first
     */
    public static function among(array $jobs): array
    {
        $times = [];
        foreach ($jobs as $job) {
            $said = trim($job->complaint, " .\n\r\t");
            if ($said !== '' && mb_strlen($said) <= self::LONGEST) {
                $times[$said] = ($times[$said] ?? 0) + 1;
            }
        }
        arsort($times);

        return array_map(strval(...), array_slice(array_keys($times), 0, self::MOST));
    }
}
