<?php

declare(strict_types=1);

use App\View\Sheet\BankDrawing;
use DustyJet\Carburetor\Station;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\StripAndBuild\Build;
use Tests\Core\StripAndBuild\Strips;

/** @return array<string, array{float, float, float, float}> where each callout of a drawing stands and points */
function places(string $drawing, array $bank): array
{
    if ($bank !== []) {
        return (new BankDrawing($bank))->places();
    }
    $folder = __DIR__.'/../../../resources/drawings/cutaways/'.str_replace('_', '-', $drawing);
    $blade = (string) file_get_contents(
        is_file("{$folder}/callouts.blade.php") ? "{$folder}/callouts.blade.php" : "{$folder}.blade.php",
    );
    preg_match_all("/'(\w+)' => \[([\d.]+), ([\d.]+), ([\d.]+), ([\d.]+)\]/", $blade, $found, PREG_SET_ORDER);

    return array_combine(
        array_column($found, 1),
        array_map(fn (array $f): array => array_map(floatval(...), array_slice($f, 2)), $found),
    );
}

it('has a place on the drawing for every part of the family, apart from all others', function (string $id): void {
    $family = FamilyFiles::shipped()->of($id);
    foreach (array_keys($family->variants) as $variant) {
        $places = places($family->drawing->name, $family->bankOf($variant));
        $here = array_keys($family->partsOf($variant));
        foreach ($here as $i => $part) {
            expect($places)->toHaveKey($part);
            [$atX, $atY, $toX, $toY] = $places[$part];
            expect(hypot($atX - $toX, $atY - $toY))
                ->toBeGreaterThan(20.0, "{$id}.{$variant}.{$part}")
                ->and(min($atX, $atY))
                ->toBeGreaterThanOrEqual(12.0, "{$id}.{$part}");
            foreach (array_slice($here, $i + 1) as $other) {
                expect(hypot($atX - $places[$other][0], $atY - $places[$other][1]))->toBeGreaterThanOrEqual(
                    31.0,
                    "{$id}.{$variant}: {$part} and {$other}",
                );
            }
        }
    }
})->with(FamilyFiles::shipped()->ids());

// The outermost is the plate that a stack is carried up on, or the cover that closes it: either way it comes last.
it('stacks its layers as they are built, from the body outward or from the plate inward', function (string $id): void {
    $family = FamilyFiles::shipped()->of($id);
    expect($family->teardown->plans)->not->toBeEmpty();
    foreach ($family->teardown->plans as $plan) {
        $order = array_map(fn ($p): string => $p->key, Build::from(Strips::down($plan))->order());
        foreach ($family->drawing->stacks as $name => $layers) {
            $at = array_values(
                array_filter(
                    array_map(fn ($l): int|false => array_search($l->part, $order, true), array_slice($layers, 0, -1)),
                    is_int(...),
                ),
            );
            $up = $at;
            sort($up);
            expect($at === $up || $at === array_reverse($up))->toBeTrue(
                "{$id}, {$plan->variant}, {$name}: ".implode(' ', $at),
            );
        }
    }
})->with(FamilyFiles::shipped()->ids());

// Common practice: on the metering side gasket, diaphragm, cover; on the pump side diaphragm, gasket, cover.
it('lays gasket and diaphragm of a cube the right way round', function (
    string $id,
    string $stack,
    array $outward,
): void {
    $layers = array_map(fn ($l): ?string => $l->part, FamilyFiles::shipped()->of($id)->drawing->stacks[$stack]);

    expect(array_values(array_filter($layers)))->toBe($outward);
})->with([
    ['cube_opposed', 'Metering side', ['metering_gasket', 'metering_diaphragm', 'metering_cover']],
    ['cube_opposed', 'Pump side', ['pump_diaphragm', 'pump_gasket', 'pump_cover']],
    [
        'cube_stacked',
        'One side, two layers',
        ['metering_gasket', 'metering_diaphragm', 'middle_plate', 'pump_diaphragm', 'pump_gasket', 'pump_cover'],
    ],
]);

it('orders the stations once and for all', function (): void {
    expect(array_map(fn (Station $s): int => $s->number(), Station::cases()))
        ->toBe(range(1, 9))
        ->and(Station::Intake->previous())
        ->toBeNull()
        ->and(Station::Intake->next())
        ->toBe(Station::AsFound)
        ->and(Station::HandBack->next())
        ->toBeNull();
});
