<?php

declare(strict_types=1);

use DustyJet\Air\IsentropicFlow;
use DustyJet\Quantity\GaugePressure;
use Random\Engine\Mt19937;
use Random\Randomizer;

it('follows the isentropic table of NACA Report 1135 for air, gamma 1.4', function (): void {
    // Critical ratio 0.528282; at 5 psi above a standard atmosphere the ratio is 0.7461 and the flow function 0.6081.
    $ratio = 101.325 / (101.325 + GaugePressure::ofPsi(5)->inKilopascals());

    expect(round(IsentropicFlow::criticalRatio(), 6))
        ->toBe(0.528282)
        ->and(round($ratio, 4))
        ->toBe(0.7461)
        ->and(round(IsentropicFlow::function($ratio), 4))
        ->toBe(0.6081)
        ->and(IsentropicFlow::function(0.3))
        ->toBe(IsentropicFlow::function(IsentropicFlow::criticalRatio()))
        ->and(IsentropicFlow::function(1.0))
        ->toBe(0.0);
});

it('settles where what is let in is what is drawn, choked or not', function (): void {
    $seed = seed();
    $chance = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 300; $i++) {
        $k = 10.0 ** ($chance->getInt(-3000, 3000) / 1000.0);
        $ratio = IsentropicFlow::ratioWhere($k);

        expect(IsentropicFlow::function($ratio) / $ratio / $k)->toEqualWithDelta(1.0, 1e-9, "SEED={$seed} {$i}")
            ->and($ratio > 0.0 && $ratio < 1.0)->toBeTrue();
    }
});

it('goes from one law to the other without a step', function (): void {
    $critical = IsentropicFlow::criticalRatio();
    $k = IsentropicFlow::function($critical) / $critical;

    expect(IsentropicFlow::ratioWhere($k * (1.0 - 1e-9)))->toEqualWithDelta($critical, 1e-8)
        ->and(IsentropicFlow::ratioWhere($k * (1.0 + 1e-9)))->toEqualWithDelta($critical, 1e-8)
        ->and(IsentropicFlow::ratioWhere(2.0 * $k))->toEqualWithDelta(0.5 * $critical, 1e-12);
});
