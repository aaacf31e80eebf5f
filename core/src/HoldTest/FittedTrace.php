<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

/**
 * The fitted curve and its band, small enough to keep with the entry and draw again years later.
 *
 * @phpstan-type Shape array{model: string, shape: string, vacuum: bool, atmosphere_kpa: float, best: list<float>, low: list<float>, high: list<float>}
 */
final readonly class FittedTrace
{
    /**
     * @param  list<float>  $best parameters of the curve in kPa and seconds
     * @param  list<float>  $low parameters at the lower end of the leak interval
     * @param  list<float>  $high parameters at the upper end
     */
    public function __construct(
        private HoldModel $model,
        private LeakShape $shape,
        private bool $isVacuum,
        private float $atmosphere,
        private array $best,
        private array $low,
        private array $high,
    ) {
    }

    /**
     * @param  list<float>  $seconds
     *
     * @return array{best: list<float>, low: list<float>, high: list<float>} magnitudes in kPa; the band is that of the leak
     */
    public function at(array $seconds): array
    {
        $highest = 1.3 * max($this->low[0], $this->high[0]);
        $leak = HoldCurve::leak(
            LeakLaw::of($this->shape, $this->isVacuum, $highest, $this->atmosphere, LeakLaw::DRAWN_NODES),
        );
        $curve = match ($this->model) {
            HoldModel::Tight => HoldCurve::tight(),
            HoldModel::Leak => $leak,
            HoldModel::HoldsBelow => HoldCurve::plateau(),
        };

        return [
            'best' => $curve->values($this->best, $seconds),
            'low' => $leak->values($this->low, $seconds),
            'high' => $leak->values($this->high, $seconds),
        ];
    }

    /** @return Shape */
    public function toArray(): array
    {
        return [
            'model' => $this->model->value,
            'shape' => $this->shape->value,
            'vacuum' => $this->isVacuum,
            'atmosphere_kpa' => $this->atmosphere,
            'best' => $this->best,
            'low' => $this->low,
            'high' => $this->high,
        ];
    }

    /** @param  Shape  $stored */
    public static function fromArray(array $stored): self
    {
        return new self(
            HoldModel::from($stored['model']),
            LeakShape::from($stored['shape']),
            $stored['vacuum'],
            $stored['atmosphere_kpa'],
            $stored['best'],
            $stored['low'],
            $stored['high'],
        );
    }
}
