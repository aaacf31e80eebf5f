<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** Where the air goes through: throttle, venturi and choke, as orifices in series, and what gets in past them. */
final readonly class Throat
{
    /** What a closed choke plate still lets by. */
    private const CHOKE_LEAK = 0.03;

    private const MM2 = 1e-6;

    private float $bore;

    /**
     * @param  float  $leakMm2 past the closed throttle, through the venturi
     * @param  float  $vacuumLeakMm2 behind the carburetor: air that draws no fuel
     * @param  float  $filter what a blocked filter leaves open of the bore, 1 when it is clean
     */
    public function __construct(
        public float $throttleBoreMm,
        public float $venturiMm,
        public float $dischargeCoefficient,
        public float $leakMm2,
        public float $vacuumLeakMm2 = 0.0,
        public float $filter = 1.0,
    ) {
        UnusableEngine::unlessWithin('throttle_bore_mm', $throttleBoreMm, 3.0, 80.0);
        UnusableEngine::unlessWithin('venturi_mm', $venturiMm, 2.0, 80.0);
        UnusableEngine::unlessWithin('discharge_coefficient', $dischargeCoefficient, 0.2, 1.0);
        UnusableEngine::unlessWithin('leak_area_mm2', $leakMm2, 0.0, 50.0);
        $venturiMm <= $throttleBoreMm || throw UnusableEngine::venturiWiderThanBore($venturiMm, $throttleBoreMm);
        $this->bore = $dischargeCoefficient * M_PI * $throttleBoreMm ** 2 / 4.0 * self::MM2;
    }

    /**
     * Air that gets in where it should not, and a filter that lets less in.
     *
     * @param  float  $throttleMm2 past the plate, worn shaft
     * @param  float  $vacuumMm2 behind the carburetor
     * @param  float  $filter share that it leaves open
     */
    public function leaking(float $throttleMm2, float $vacuumMm2, float $filter = 1.0): self
    {
        return new self(
            $this->throttleBoreMm,
            $this->venturiMm,
            $this->dischargeCoefficient,
            $this->leakMm2 + $throttleMm2,
            $this->vacuumLeakMm2 + $vacuumMm2,
            $this->filter * $filter,
        );
    }

    /** Square millimetres of the bore. */
    public function boreMm2(): float
    {
        return M_PI * $this->throttleBoreMm ** 2 / 4.0;
    }

    /** Square metres, effective, of the throttle plate at an angle from closed. */
    public function throttle(float $degrees): float
    {
        return $this->bore * (1.0 - cos(deg2rad($degrees))) + $this->leakMm2 * self::MM2;
    }

    /** Square metres, effective. */
    public function venturi(): float
    {
        return $this->dischargeCoefficient * M_PI * $this->venturiMm ** 2 / 4.0 * self::MM2;
    }

    /**
     * Square metres, effective, of the choke and a blocked filter before it, in series.
     *
     * @param  float  $choke 0 open, 1 closed
     */
    public function choke(float $choke): float
    {
        $plate = $this->bore * max(self::CHOKE_LEAK, 1.0 - $choke);

        return $this->filter >= 1.0 ? $plate : self::inSeries($plate, $this->bore * $this->filter);
    }

    /** Square metres, behind the carburetor. */
    public function vacuumLeak(): float
    {
        return $this->vacuumLeakMm2 * self::MM2;
    }

    /** 1/A^2 adds up; of nothing comes nothing. */
    public static function inSeries(float ...$areas): float
    {
        $sum = 0.0;
        foreach ($areas as $area) {
            if ($area <= 0.0) {
                return 0.0;
            }
            $sum += 1.0 / $area ** 2;
        }

        return 1.0 / sqrt($sum);
    }
}
