<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest;

use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\InSentence;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;

/** How a hold test was arranged, in words. */
final readonly class Arranged
{
    /** @return string such as ", wetted, inverted, pulse port plugged"; empty where nothing was said */
    public static function words(Arrangement $arranged, Family $family): string
    {
        $words = [
            $arranged->byEye ? 'looked at before and after' : '',
            $arranged->wetted ? 'wetted' : '',
            $arranged->attitude === null ? '' : lcfirst(self::attitude($arranged->attitude)),
            ...array_map(
                static fn (string $part): string => InSentence::name($family->proof->seals[$part] ?? $part),
                $arranged->sealed,
            ),
            $arranged->anyway ? 'with parts on the tray' : '',
        ];
        $said = array_filter($words, static fn (string $word): bool => $word !== '');

        return $said === [] ? '' : ', '.implode(', ', $said);
    }

    public static function attitude(Attitude $attitude): string
    {
        return match ($attitude) {
            Attitude::Inverted => 'Inverted',
            Attitude::Upright => 'Upright',
            Attitude::AsItHangs => 'As it hangs on the engine',
        };
    }
}
