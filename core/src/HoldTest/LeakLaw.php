<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

/**
 * The solution of dp/dt = -k f(p) for one leak shape, as a function of the elapsed k t.
 *
 * Linear and viscous leaks have closed forms. The orifice is integrated once in q = sqrt(p), where dq/dG = f(q^2)/2q
 * stays smooth down to zero, by fourth-order Runge-Kutta on an even grid of G = k t to empty; between nodes cubic
 * Hermite.
 *
 * @internal kPa and seconds
 */
final readonly class LeakLaw
{
    private const NODES = 240;

    /** Enough to draw: within a thousandth of a kPa of the fit's own. */
    public const DRAWN_NODES = 40;

    /**
     * @param  list<float>  $roots sqrt(p) on the grid
     * @param  list<float>  $slopes dq/dG on the grid
     */
    private function __construct(
        private LeakShape $shape,
        private bool $isVacuum,
        private float $atmosphere,
        private array $roots,
        private array $slopes,
        private float $grid,
    ) {
    }

    public static function of(
        LeakShape $shape,
        bool $isVacuum,
        float $highest,
        float $atmosphere,
        int $nodes = self::NODES,
    ): self {
        if ($shape !== LeakShape::Orifice) {
            return new self($shape, $isVacuum, $atmosphere, [], [], 0.0);
        }
        $speed = static fn (float $q): float => $shape->rate(max($q, 1e-4) ** 2, $isVacuum, $atmosphere)
            / (2.0 * max($q, 1e-4));
        $top = sqrt($highest);
        $grid = (1.05 * $top) / min($speed($top), $speed(0.0)) / $nodes;
        $roots = [0.0];
        $slopes = [$speed(0.0)];
        for ($i = 0, $q = 0.0; $i < $nodes && $q < $top; $i++) {
            $a = $speed($q);
            $b = $speed($q + 0.5 * $grid * $a);
            $c = $speed($q + 0.5 * $grid * $b);
            $d = $speed($q + $grid * $c);
            $q += ($grid / 6.0) * ($a + 2.0 * $b + 2.0 * $c + $d);
            $roots[] = $q;
            $slopes[] = $speed($q);
        }

        return new self($shape, $isVacuum, $atmosphere, $roots, $slopes, $grid);
    }

    public function rate(float $p): float
    {
        return $this->shape->rate($p, $this->isVacuum, $this->atmosphere);
    }

    /**
     * @param  list<float>  $elapsed k t for each reading
     *
     * @return list<float> pressures
     */
    public function after(float $p0, array $elapsed): array
    {
        return match ($this->shape) {
            LeakShape::Linear => array_map(static fn (float $e): float => $p0 * exp(-$e), $elapsed),
            LeakShape::ViscousCrack => $this->viscous($p0, $elapsed),
            LeakShape::Orifice => $this->tabulated($p0, $elapsed),
        };
    }

    /**
     * How fast it falls at each of the pressures that were left after the elapsed times.
     *
     * @param  list<float>  $elapsed k t for each reading
     * @param  list<float>  $pressures as `after` gave them
     *
     * @return list<float>
     */
    public function rates(float $p0, array $elapsed, array $pressures): array
    {
        if ($this->shape === LeakShape::Linear) {
            return $pressures;
        }
        if ($this->shape === LeakShape::ViscousCrack) {
            $c = ($this->isVacuum ? -0.5 : 0.5) / $this->atmosphere;

            return array_map(static fn (float $p): float => $p * (1.0 + $c * $p), $pressures);
        }

        return $this->tabulatedRates($this->position(sqrt(max(0.0, $p0))), $elapsed, $pressures);
    }

    /**
     * f = 2 q dq/dG, with the slope read off the grid instead of two powers.
     *
     * @param  list<float>  $elapsed
     * @param  list<float>  $pressures
     *
     * @return list<float>
     */
    private function tabulatedRates(float $start, array $elapsed, array $pressures): array
    {
        $last = count($this->slopes) - 2;
        $rates = [];
        foreach ($pressures as $n => $p) {
            $position = max(0.0, $start - $elapsed[$n]) / $this->grid;
            $i = min((int) $position, $last);
            $rates[] = 2.0 * sqrt($p)
                * ($this->slopes[$i] + ($position - $i) * ($this->slopes[$i + 1] - $this->slopes[$i]));
        }

        return $rates;
    }

    /**
     * @param  list<float>  $elapsed
     *
     * @return list<float>
     */
    private function viscous(float $p0, array $elapsed): array
    {
        $c = ($this->isVacuum ? -0.5 : 0.5) / $this->atmosphere;
        $u0 = $p0 / (1.0 + $c * $p0);

        return array_map(static function (float $e) use ($u0, $c): float {
            $u = $u0 * exp(-$e);

            return $u / (1.0 - $c * $u);
        }, $elapsed);
    }

    /**
     * @param  list<float>  $elapsed
     *
     * @return list<float>
     */
    private function tabulated(float $p0, array $elapsed): array
    {
        $start = $this->position(sqrt(max(0.0, $p0)));
        $last = count($this->roots) - 2;
        $h = $this->grid;
        $pressures = [];
        foreach ($elapsed as $e) {
            $g = $start - $e;
            if ($g <= 0.0) {
                $pressures[] = 0.0;

                continue;
            }
            $i = min((int) ($g / $h), $last);
            $s = $g / $h - $i;
            $s2 = $s * $s;
            $rise = $s2 * (3.0 - 2.0 * $s);
            $q
                = $this->roots[$i] * (1.0 - $rise)
                + $this->roots[$i + 1] * $rise
                + $h * ($s * (1.0 - $s) ** 2 * $this->slopes[$i] + $s2 * ($s - 1.0) * $this->slopes[$i + 1]);
            $pressures[] = $q * $q;
        }

        return $pressures;
    }

    /** Where on the G axis the root of a pressure lies; beyond the grid, along the last slope. */
    private function position(float $q): float
    {
        $low = 0;
        $high = count($this->roots) - 1;
        if ($q >= $this->roots[$high]) {
            return $high * $this->grid + ($q - $this->roots[$high]) / $this->slopes[$high];
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->roots[$middle] <= $q ? [$middle, $high] : [$low, $middle];
        }
        $slope = 0.5 * ($this->slopes[$low] + $this->slopes[$high]);
        $offset = (($q - $this->roots[$low]) / ($this->roots[$high] - $this->roots[$low])) * $this->grid;
        $bend = ($this->slopes[$high] - $this->slopes[$low]) / $this->grid;
        $error = $this->roots[$low] + $this->slopes[$low] * $offset + 0.5 * $bend * $offset * $offset - $q;

        return $low * $this->grid + $offset - $error / $slope;
    }
}
