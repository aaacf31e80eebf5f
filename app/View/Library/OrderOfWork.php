<?php

declare(strict_types=1);

namespace App\View\Library;

use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;

/** How a variant comes apart and goes together when all of it is taken off. */
final readonly class OrderOfWork
{
    /**
     * @param  list<array{name: string, note: string, spring: bool}>  $strip
     * @param  list<array{name: string, note: string}>  $build
     * @param  list<string>  $keepDry
     */
    private function __construct(
        public array $strip,
        public array $build,
        public string $springs,
        public array $keepDry,
    ) {
    }

    public static function of(StripPlan $plan): self
    {
        $tray = Tray::empty($plan);
        $strip = $build = $keepDry = [];
        foreach ($plan->stripOrder() as $part) {
            $tray = $tray->takeOff($part->key);
            $strip[] = ['name' => self::name($part), 'note' => $part->heed->caution ?? '', 'spring' => $part->isSpring];
        }
        foreach (Build::from($tray)->order() as $part) {
            $build[] = ['name' => self::name($part), 'note' => $part->heed->guard ?? ''];
        }
        foreach ($plan->parts as $part) {
            $keepDry = $part->heed->never === null ? $keepDry : [...$keepDry, self::name($part)];
        }

        return new self($strip, $build, (string) $tray->springs()['expected'], $keepDry);
    }

    private static function name(TrayPart $part): string
    {
        return $part->name.$part->times();
    }
}
