<?php

declare(strict_types=1);

use App\View\Numbers;
use App\View\Stations\Intake\CheckCard;
use App\View\Stations\Intake\FlowCard;
use App\View\Stations\Intake\SuspectRow;
use App\View\Stations\Intake\Tick;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\FlowRun;
use DustyJet\Diagnosis\RankedCheck;
use DustyJet\Diagnosis\Safety;
use Tests\Core\Diagnosis\Knowledge;

/** @param  array<string, string>  $answers */
function card(string $family, array $answers, string $check): CheckCard
{
    $diagnosis = Knowledge::diagnose($family, $answers);
    $ranked = array_values(array_filter($diagnosis->checks, fn (RankedCheck $r): bool => $r->check->id === $check))[0];

    return CheckCard::of(Knowledge::real(), $diagnosis, $ranked);
}

it('offers one key for each way a check can come out', function (): void {
    expect(array_column(card('float_pilot_jet', ['surges' => 'strong'], 'fuel_sample')->outcomes, 'label'))
        ->toBe(['Neither', 'There is water in the sample', 'The fuel smells stale', 'Both'])
        ->and(array_column(card('float_pilot_jet', ['surges' => 'strong'], 'spark_test')->outcomes, 'label'))
        ->toBe(['No', 'Weak', 'None'])
        ->and(
            array_column(
                card('float_pilot_jet', ['surges' => 'strong', 'water_in_sample' => 'no'], 'fuel_sample')->outcomes,
                'label',
            ),
        )
        ->toBe(['No', 'Yes']);
});

it('says what each answer would change', function (): void {
    $card = card('float_pilot_jet', ['will_not_start' => 'yes'], 'spark_test');

    expect($card->outcomes[2]['then'])
        ->toMatch('/^No spark \d+\x{A0}%$/u')
        ->and($card->outcomes[2]['answers'])
        ->toBe(['spark_poor' => 'strong'])
        ->and($card->caution['title'])
        ->toBe('No fuel about.');
});

it('says what has to be opened and what it risks', function (): void {
    $card = card('float_pilot_jet', ['runs_only_on_choke' => 'yes'], 'main_jet_light');

    expect($card->opens)
        ->toBe('take the bowl off')
        ->and($card->risk)
        ->toContain('narrow blade')
        ->and($card->minutes)
        ->toBe('8')
        ->and($card->worth)
        ->toContain('opens the carburetor');
});

it('letters the suspects, and unfolds their reasons', function (): void {
    $rows = SuspectRow::all(
        Knowledge::real(),
        Knowledge::diagnose('float_pilot_jet', [
            'surges' => 'strong',
            'better_with_choke' => 'yes',
            'main_jet_dark' => 'no',
        ]),
    );

    expect($rows[0]->letter)
        ->toBe('A')
        ->and($rows[0]->name)
        ->toBe('Pilot jet or idle passage blocked')
        ->and($rows[0]->because[0]['times'])
        ->toMatch('~^[\d.]+× likelier$~')
        ->and(array_column($rows[0]->because, 'text'))
        ->toContain('it surges, badly', 'part choke helps')
        ->and(count($rows))
        ->toBeLessThanOrEqual(6);
});

it('puts each suspect at its part of the drawing, the likeliest first', function (): void {
    $parts = SuspectRow::byPart(Knowledge::diagnose('float_fixed_jet', ['floods' => 'yes', 'needle_leaks' => 'yes']));

    expect(array_key_first($parts))->toBe('needle')->and($parts['needle']['letter'])->toBe('A');
});

it('ticks once what is there or not, and by how much what is graded', function (): void {
    $ticks = array_column(
        Tick::complaints(Knowledge::real(), Knowledge::real()->family('float_pilot_jet'), ['surges' => 'strong']),
        null,
        'finding',
    );

    expect(array_column($ticks['floods']->choices, 'label'))
        ->toBe(['Floods'])
        ->and(array_column($ticks['surges']->choices, 'isChosen', 'label'))
        ->toBe(['a little' => false, 'badly' => true])
        ->and($ticks)
        ->not->toHaveKey('races_without_power');
});

it('shows a procedure at its step', function (): void {
    $known = Knowledge::real();
    $kind = $known->family('float_pilot_jet');
    $card = FlowCard::of(
        $known,
        FlowRun::of(
            $known->flows['clear_flooded'],
            $kind,
            $known->findingsOf($kind),
            ['fuel_dripping' => Answer::No],
            ['choke_off' => ['counted' => 1, 'worked' => true], 'pull' => ['counted' => 4, 'worked' => false]],
            Safety::of($known, []),
        ),
    );

    expect([$card->kind, $card->counted, $card->step])
        ->toBe(['count', '4 of at most 10 pulls', 'pull'])
        ->and($card->behind)
        ->toHaveCount(2)
        ->and($card->caution['title'] ?? '')
        ->toContain('Outdoors');
});

it('rounds money to whole dollars', function (): void {
    expect(Numbers::money(6549))
        ->toBe('$65')
        ->and(Numbers::money(123450))
        ->toBe('$1,235')
        ->and(Numbers::money(-5))
        ->toBe('$0')
        ->and(Numbers::money(PHP_INT_MAX))
        ->toBe('any price');
});
