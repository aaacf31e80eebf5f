<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use DustyJet\Mixture\MixtureCsv;
use DustyJet\Mixture\MixtureRun;
use DustyJet\Mixture\MixtureScrew;
use DustyJet\Mixture\School;
use DustyJet\Quantity\RotationalSpeed;

/** `jet mixture FILE.csv`: where a screw belongs, and which setting to try next. */
final readonly class MixtureCommand implements FromFile
{
    private const MOST_SIGMA_RPM = 1000.0;

    public static function options(): array
    {
        return ['school', 'max-rpm', 'sigma-rpm'];
    }

    public static function run(Options $options): array
    {
        $name = $options->all('school')[0] ?? throw Usage::missing('school');
        $school = School::named($name) ?? throw Usage::badSchool($name);
        $screw = new MixtureScrew(
            maximumRpm: $options->has('max-rpm') ? $options->positive('max-rpm', RotationalSpeed::MAXIMUM_RPM) : null,
            sigmaRpm: $options->positive('sigma-rpm', self::MOST_SIGMA_RPM, MixtureScrew::TACHOMETER_RPM),
        );
        $result = MixtureRun::judge(MixtureCsv::parse($options->file()), $school, $screw);

        return [
            'peak_turns' => $result->peak?->turns,
            'peak_turns_low' => $result->peak?->low,
            'peak_turns_high' => $result->peak?->high,
            'peak_rpm' => $result->peakRpm,
            'recommended_turns' => $result->answer?->turns,
            'turns_low' => $result->answer?->low,
            'turns_high' => $result->answer?->high,
            'next_turns' => $result->nextTurns,
            'done' => $result->done,
            'stop' => $result->reason->isStop() ? $result->reason->value : null,
            'reason' => $result->reason->sentence(),
        ];
    }
}
