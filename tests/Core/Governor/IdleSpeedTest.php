<?php

declare(strict_types=1);

use DustyJet\Carburetor\Drive;
use DustyJet\Governor\IdleManner;
use DustyJet\Governor\IdleSpeed;
use DustyJet\Governor\UnusableSpeed;

/*
 * Common practice: the stop screw sets the idle speed and nothing else. Below the clutch on a saw, as low as it runs smooth
 * on an outboard, steady on a mower.
 */

const BAND = [2500.0, 3000.0];

it('says what to do about an idle', function (Drive $drive, float $rpm, IdleManner $manner, string $says, bool $isWanted): void {
    $idle = IdleSpeed::of(BAND, $drive, $rpm, $manner);

    expect($idle->advice())->toContain($says)->and($idle->isAsWanted())->toBe($isWanted)
        ->and($idle->isDangerous())->toBe($manner === IdleManner::Creeps);
})->with([
    'as wanted, a saw' => [Drive::Clutch, 2700.0, IdleManner::Smooth, 'below where the clutch takes hold', true],
    'as wanted, an outboard' => [Drive::Gear, 2500.0, IdleManner::Smooth, 'without a clunk', true],
    'as wanted, a mower' => [Drive::Direct, 3000.0, IdleManner::Smooth, 'the governor picks up', true],
    'slow' => [Drive::Direct, 2499.0, IdleManner::Smooth, 'stop screw in', false],
    'fast' => [Drive::Direct, 3001.0, IdleManner::Smooth, 'stop screw out', false],
    'at its end' => [Drive::Direct, 3750.0, IdleManner::Smooth, 'stop screw out', false],
    'far too fast' => [Drive::Direct, 3751.0, IdleManner::Smooth, 'a plate that hangs', false],
    'rough' => [Drive::Direct, 2700.0, IdleManner::Rough, 'the mixture is not', false],
    'rough and slow: the speed first' => [Drive::Direct, 2400.0, IdleManner::Rough, 'stop screw in', false],
    'stalls' => [Drive::Gear, 2400.0, IdleManner::Stalls, 'a quarter richer where it has a screw', false],
    'creeps, fast' => [Drive::Clutch, 3200.0, IdleManner::Creeps, 'until nothing turns', false],
    'creeps within its band' => [Drive::Clutch, 3000.0, IdleManner::Creeps, 'a clutch spring', false],
    'clunks' => [Drive::Gear, 2900.0, IdleManner::Clunks, 'Lower, as long as it runs smooth', false],
    'clunks at the low end' => [Drive::Gear, 2600.0, IdleManner::Clunks, 'the shift and its cable', false],
    'stalls in gear' => [Drive::Gear, 2700.0, IdleManner::StallsInGear, 'idle mixture an eighth richer', false],
]);

it('knows what nothing behind it can do', function (): void {
    expect(fn () => IdleSpeed::of(BAND, Drive::Direct, 2700.0, IdleManner::Creeps))->toThrow(UnusableSpeed::class)
        ->and(fn () => IdleSpeed::of(BAND, Drive::Clutch, 2700.0, IdleManner::Clunks))->toThrow(UnusableSpeed::class)
        ->and(fn () => IdleSpeed::of(BAND, Drive::Gear, 0.0))->toThrow(UnusableSpeed::class, 'above 0 rpm');
});
