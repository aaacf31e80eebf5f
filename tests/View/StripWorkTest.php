<?php

declare(strict_types=1);

use App\View\Stations\Strip\StripWork;
use Tests\Core\Worksheet\Bench;

it('stops what comes off at once before a screw that nobody counted', function (): void {
    $work = StripWork::of((new Bench)->sheet());
    $counted = StripWork::of((new Bench)->count('idle_mixture', '1 1/2')->sheet());

    expect(array_column($work->rest, 'key'))->not->toContain('idle_mixture_screw')->toContain('main_jet')
        ->and(array_column($counted->rest, 'key'))->toContain('idle_mixture_screw');
});
