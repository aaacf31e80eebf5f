<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFile;

/** @return list<array{part: string, number: int, name: string}> */
function callouts(): array
{
    $blade = (string) file_get_contents(__DIR__.'/../../../resources/views/components/cutaways/float-bowl/callouts.blade.php');
    preg_match_all('/part="(\w+)" number="(\d+)" name="([^"]+)"/', $blade, $found, PREG_SET_ORDER);

    return array_map(fn (array $f): array => ['part' => $f[1], 'number' => (int) $f[2], 'name' => $f[3]], $found);
}

it('numbers and names the parts of the drawing as the family does', function (): void {
    $family = FamilyFile::parse((string) file_get_contents(__DIR__.'/../../../core/knowledge/families/float_bowl.yaml'));

    expect(callouts())->toHaveCount(count($family->parts));
    foreach (callouts() as $callout) {
        expect($family->parts[$callout['part']]->number)->toBe($callout['number'])
            ->and($family->parts[$callout['part']]->name)->toBe($callout['name']);
    }
});

it('ends every leader on the drawing, away from its own number', function (): void {
    $blade = (string) file_get_contents(__DIR__.'/../../../resources/views/components/cutaways/float-bowl/callouts.blade.php');
    preg_match_all('/:at="\[([\d.]+), ([\d.]+)\]" :to="\[([\d.]+), ([\d.]+)\]"/', $blade, $leaders, PREG_SET_ORDER);

    expect($leaders)->toHaveCount(16);
    foreach ($leaders as [, $atX, $atY, $toX, $toY]) {
        expect((float) $toX)->toBeGreaterThan(40.0)->toBeLessThan(480.0)
            ->and((float) $toY)->toBeGreaterThan(20.0)->toBeLessThan(400.0)
            ->and(hypot((float) $atX - (float) $toX, (float) $atY - (float) $toY))->toBeGreaterThan(20.0);
    }
});

it('gives every step a part, and every station of steps some', function (Station $station): void {
    $family = FamilyFile::parse((string) file_get_contents(__DIR__.'/../../../core/knowledge/families/float_bowl.yaml'));

    expect($family->stepsAt($station))->not->toBeEmpty();
    foreach ($family->stepsAt($station) as $step) {
        expect($family->parts)->toHaveKey($step->part);
        expect(mb_strlen($step->do))->toBeLessThan(100);
    }
})->with([Station::Strip, Station::Clean, Station::Build]);

it('puts back every part that the strip takes off', function (): void {
    $family = FamilyFile::parse((string) file_get_contents(__DIR__.'/../../../core/knowledge/families/float_bowl.yaml'));
    $off = array_unique(array_map(fn ($s): string => $s->part, $family->stepsAt(Station::Strip)));
    $on = array_unique(array_map(fn ($s): string => $s->part, $family->stepsAt(Station::Build)));
    // Looked at, not taken off; or taken off and put on together with the float.
    $together = ['inlet', 'throttle', 'venturi', 'pin'];

    expect(array_values(array_diff($off, $on, $together)))->toBe([]);
});

it('orders the stations once and for all', function (): void {
    expect(array_map(fn (Station $s): int => $s->number(), Station::cases()))->toBe(range(1, 9))
        ->and(Station::Intake->previous())->toBeNull()
        ->and(Station::Intake->next())->toBe(Station::AsFound)
        ->and(Station::HandBack->next())->toBeNull();
});
