<?php

declare(strict_types=1);

namespace DustyJet\Numerics;

/** @internal a family of curves y(x; parameters) with its derivatives */
interface Curve
{
    /**
     * @param  list<float>  $parameters
     * @param  list<float>  $x
     *
     * @return array{0: list<float>, 1: list<list<float>>} the values, and for each parameter the derivative at each x
     */
    public function valuesAndSlopes(array $parameters, array $x): array;

    /**
     * @param  list<float>  $parameters
     * @param  list<float>  $x
     *
     * @return list<float>
     */
    public function values(array $parameters, array $x): array;
}
