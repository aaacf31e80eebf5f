<?php

declare(strict_types=1);

use App\View\Report\BeforeAndAfter;
use App\View\Report\ReportStory;
use DustyJet\Worksheet\EntryKind;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

function toldOf(Bench $bench): ReportStory
{
    return ReportStory::of($bench->sheet(), Knowledge::real());
}

it('tells a customer the cause, what shows it and what was done, each once', function (): void {
    $bench = (new Bench)->hold(4.0);
    expect(toldOf($bench)->wrong)->toHaveCount(1)
        ->and(toldOf($bench)->wrong[0])->toStartWith('The fuel valve under pressure: lets ')->toEndWith('0.60 may be.')
        ->and(toldOf($bench)->done)->toBe([]);
    $bench
        ->add(EntryKind::PartsOff, ['parts' => ['air_cleaner', 'box_sleeves', 'box_sleeves']])
        ->add(EntryKind::PartInspected, ['inspection' => 'needle_tip', 'condition' => 'replace', 'reason' => 'a ring'])
        ->add(EntryKind::PartInspected, ['inspection' => 'main_jet', 'condition' => 'cleaned'])
        ->add(EntryKind::PartsSound, ['inspections' => ['seat', 'float']])
        ->add(EntryKind::FaultRepaired, ['fault' => 'stale_fuel']);
    $story = toldOf($bench);

    expect($story->wrong[0])->toBe('Stale fuel. It was put right.')
        ->and($story->wrong[1])->toBe(
            'Needle tip under a lens: it was past use (a ring). Good is: a smooth cone: no ring, no ridge, no swelling.',
        )
        ->and($story->wrong[2])->toContain('it was dirty and could be cleaned')
        ->and($story->done)->toBe([
            'Taken apart, 2 kinds of parts.',
            '4 parts and passages were looked at one by one.',
            'Cleaned: main jet to the light; soak, then a wire that does not enlarge.',
            'Still to be fitted new: inlet needle.',
        ]);
    $bench->add(EntryKind::PartInspected, ['inspection' => 'needle_tip', 'condition' => 'renewed']);

    expect(toldOf($bench)->done)->toContain('New: inlet needle.');
});

it('says so where nothing broken was found', function (): void {
    expect(toldOf((new Bench)->hold())->wrong)->toBe(['Nothing broken was found.']);
});

it('puts how it came beside how it goes, and tells a stop screw by its idle', function (): void {
    $bench = (new Bench)->count('idle_mixture', '1')->count('idle_speed', '2')->hold(4.0)->hold()
        ->set('idle_mixture', '1 1/2', 'run')
        ->add(EntryKind::IdleRead, ['rpm' => 1760.0, 'manner' => 'smooth']);
    $pairs = BeforeAndAfter::all($bench->sheet());

    expect(array_column($pairs, 'what'))->toBe(['The fuel valve under pressure', 'Idle mixture screw', 'Idle'])
        ->and($pairs[0]->before)->toStartWith('Lets ')
        ->and($pairs[0]->after)->toStartWith('Tight: less than ')
        ->and([$pairs[1]->before, $pairs[1]->after])->toBe(['1 turn out', "1\u{A0}1/2 turns out"])
        ->and([$pairs[2]->before, $pairs[2]->after])->toBe(['–', '1,760 rpm, smooth']);
});
