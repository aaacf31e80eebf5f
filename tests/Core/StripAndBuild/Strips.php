<?php

declare(strict_types=1);

namespace Tests\Core\StripAndBuild;

use DustyJet\Knowledge\FamilyFiles;
use DustyJet\StripAndBuild\Build;
use DustyJet\StripAndBuild\StripPlan;
use DustyJet\StripAndBuild\Tray;
use DustyJet\StripAndBuild\TrayPart;

/** The real families, taken down. */
final class Strips
{
    /** @return array<string, array{StripPlan}> every variant of every family */
    public static function all(): array
    {
        $plans = [];
        foreach (FamilyFiles::shipped()->ids() as $id) {
            foreach (FamilyFiles::shipped()->of($id)->teardown->plans as $variant => $plan) {
                $plans["{$id}, {$variant}"] = [$plan];
            }
        }

        return $plans;
    }

    public static function plan(string $family, ?string $variant = null): StripPlan
    {
        $plans = FamilyFiles::shipped()->of($family)->teardown->plans;

        return $plans[$variant ?? array_key_first($plans)];
    }

    /** @param  list<string>  $without parts left where they are, with all that is behind them */
    public static function down(StripPlan $plan, array $without = []): Tray
    {
        $tray = Tray::empty($plan);
        foreach ($plan->stripOrder() as $part) {
            if (! in_array($part->key, $without, true) && array_diff($part->after, $tray->off()) === []) {
                $tray = $tray->takeOff($part->key);
            }
        }

        return $tray;
    }

    /** Builds all that can be built while one part is forgotten. */
    public static function without(Tray $tray, string $forgotten): Build
    {
        $build = Build::from($tray);
        foreach ($build->order() as $next) {
            if (
                $next->key !== $forgotten
                && in_array($next->key, array_map(static fn (TrayPart $p): string => $p->key, $build->ready()), true)
            ) {
                $build = $build->place($next->key, looked: true);
            }
        }

        return $build;
    }

    /** Builds in the computed order up to, not including, a part. */
    public static function upTo(Tray $tray, string $part): Build
    {
        $build = Build::from($tray);
        foreach ($build->order() as $next) {
            if ($next->key === $part) {
                break;
            }
            $build = $build->place($next->key, looked: true);
        }

        return $build;
    }
}
