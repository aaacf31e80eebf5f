<?php

declare(strict_types=1);

namespace App\View\Stations\BenchTest\Measures;

use App\View\Log\Words\FlowWords;
use App\View\Numbers;
use App\View\Stations\BenchTest\BenchCard;
use DustyJet\Worksheet\Flow\CheckValve;
use DustyJet\Worksheet\Flow\ValveTrial;
use DustyJet\Worksheet\Flow\ValveVerdict;
use DustyJet\Worksheet\Stale\Staleness;
use DustyJet\Worksheet\Worksheet;

/** The main nozzle's check valve, tried both ways: in the body, and where that leaks alone on a hose. */
final readonly class CheckValveCard implements BenchCard
{
    /**
     * @param  list<array{when: string, where: string, came: string}>  $trials newest first
     * @param  bool  $isOutNext whether the next trial is that of the valve alone
     */
    private function __construct(
        public array $trials,
        public string $says,
        public string $does,
        public bool $isOutNext,
        public bool $holdsVacuum,
        public bool $passesPressure,
        public bool $isResealed,
    ) {
    }

    public static function of(Worksheet $sheet): self
    {
        $valve = $sheet->of(CheckValve::class);
        $isStale = $sheet->of(Staleness::class)->has(CheckValve::READING);
        $verdict = $isStale ? null : $valve->verdict();
        $last = $valve->latest();

        return new self(
            trials: array_map(self::row(...), array_reverse($valve->trials)),
            says: $isStale ? 'Tried before it was resealed: both ways again, in the body.' : self::says($verdict),
            does: self::does($verdict),
            isOutNext: $verdict === ValveVerdict::TakeOut,
            holdsVacuum: $last->holdsVacuum ?? true,
            passesPressure: $last->passesPressure ?? true,
            isResealed: $isStale,
        );
    }

    public function view(): string
    {
        return 'stations.bench-test.check-valve';
    }

    public static function note(Worksheet $sheet): string
    {
        $isStale = $sheet->of(Staleness::class)->has(CheckValve::READING);

        return $isStale ? 're-check' : match ($sheet->of(CheckValve::class)->verdict()) {
            null => 'not tried',
            ValveVerdict::Good => 'good',
            ValveVerdict::TakeOut => 'leaks in the body',
            ValveVerdict::PressFit => 'press fit leaks',
            ValveVerdict::Bad => 'leaks',
            ValveVerdict::Blocked => 'blocked',
        };
    }

    private static function says(?ValveVerdict $verdict): string
    {
        return match ($verdict) {
            null => '',
            ValveVerdict::Good => 'It holds vacuum and passes pressure: good.',
            ValveVerdict::TakeOut => 'It leaks in the body: the valve, its sides or the putty.',
            ValveVerdict::PressFit => 'Good by itself: its press fit in the body leaks.',
            ValveVerdict::Bad => 'It leaks by itself: another nozzle.',
            ValveVerdict::Blocked => 'Nothing passes: it sticks, or varnish is in its passage.',
        };
    }

    private static function does(?ValveVerdict $verdict): string
    {
        return match ($verdict) {
            ValveVerdict::TakeOut => 'Putty again first. Then push it out, the way this maker has it, and try it alone on a hose.',
            ValveVerdict::PressFit => 'Back in flush, the thinnest smear of nail varnish. When it has set: vacuum and pressure again.',
            ValveVerdict::Blocked => 'Solvent through it, then both ways again.',
            default => '',
        };
    }

    /** @return array{when: string, where: string, came: string} */
    private static function row(ValveTrial $trial): array
    {
        return [
            'when' => Numbers::clock($trial->at),
            'where' => $trial->isInBody ? 'In the body' : 'Out of it',
            'came' => FlowWords::valve($trial->holdsVacuum, $trial->passesPressure),
        ];
    }
}
