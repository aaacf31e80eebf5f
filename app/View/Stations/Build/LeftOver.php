<?php

declare(strict_types=1);

namespace App\View\Stations\Build;

use DustyJet\StripAndBuild\Build;

/** What nothing says a place for: each must be accounted for. */
final readonly class LeftOver
{
    /** @return list<array{part: string, name: string, left: string}> */
    public static function of(Build $build): array
    {
        $all = [...self::strangers($build), ...self::neverFound($build), ...self::tooFew($build)];
        $open = array_filter($all, static fn (array $left): bool => ! isset($build->accounted[$left['part']]));

        return array_values($open);
    }

    /** @return list<array{part: string, name: string, left: string}> */
    private static function strangers(Build $build): array
    {
        $left = [];
        foreach ($build->tray->cells as $cell) {
            if (! $cell->isExpected) {
                $said = "Cell {$cell->number}: it was not expected, and nothing says where it goes.";
                $left[] = ['part' => $cell->key, 'name' => $cell->name, 'left' => $said];
            }
        }

        return $left;
    }

    /** @return list<array{part: string, name: string, left: string}> */
    private static function neverFound(Build $build): array
    {
        $left = [];
        foreach ($build->tray->notSeen as $part => $said) {
            $name = $build->tray->plan->parts[$part]->name;
            $left[] = ['part' => $part, 'name' => $name, 'left' => "Never found: {$said}."];
        }

        return $left;
    }

    /** @return list<array{part: string, name: string, left: string}> */
    private static function tooFew(Build $build): array
    {
        $left = [];
        foreach ($build->tray->miscounts() as $wrong) {
            if ($wrong['found'] < $wrong['expected']) {
                $said = "{$wrong['found']} came off, {$wrong['expected']} expected.";
                $left[] = ['part' => $wrong['key'], 'name' => $wrong['name'], 'left' => $said];
            }
        }

        return $left;
    }
}
