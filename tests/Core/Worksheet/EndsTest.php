<?php

declare(strict_types=1);

use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Clean\PartsList;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\HandBack\Proofs;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Triage;
use Tests\Core\Diagnosis\Knowledge;
use Tests\Core\Worksheet\Bench;

function scrappedBody(): Bench
{
    return (new Bench)
        ->count('idle_mixture', '1 3/4')
        ->count('idle_speed', '1')
        ->all(Station::Strip)
        ->inspect('needle_tip', 'replace')
        ->inspect('jet_slot', 'scrap', 'both ears gone');
}

it('says that a scrapped body ends in another carburetor or in its return', function (): void {
    $move = scrappedBody()->sheet()->moves()[0];

    expect($move->key)->toBe('ends')
        ->and($move->station)->toBe(Station::HandBack)
        ->and($move->why)->toContain('Slot of the jet');
});

it('goes on with another carburetor to a hand-back', function (): void {
    $bench = scrappedBody()->add(EntryKind::CarburetorReplaced, ['what' => 'new, same type']);
    $sheet = $bench->sheet();
    expect(PartsList::of($sheet->bench))->toBe([])
        ->and($sheet->stations['clean']->isDone())->toBeTrue()
        ->and($sheet->of(Screws::class)->named('idle_mixture')->found)->not->toBeNull()
        ->and($sheet->of(Screws::class)->named('idle_mixture')->current())->not->toBeNull()
        ->and($sheet->of(Screws::class)->named('idle_mixture')->set)->toBeNull()
        ->and($sheet->gates())->not->toContain('Slot of the jet: judged as scrapping the body.')
        ->and((new Triage(Knowledge::real(), $sheet))->case()->repaired)->toContain('needle_worn')
        ->not->toContain('no_spark');
    // The inside of the old one is accounted for; the carburetor and what is around it goes back on.
    $ready = array_map(fn ($p): string => $p->key, $sheet->of(Parts::class)->build->order());
    $left = array_values(array_filter($ready, $sheet->of(Parts::class)->build->waits(...)));
    expect($left)->toContain('carburetor', 'air_cleaner')->not->toContain('float', 'needle', 'main_jet');
    $bench->on(...$left);
    expect($bench->sheet()->moves()[0]->key)->toBe('hold');
    $bench->hold()->set('idle_mixture', '1 1/2', 'run')->set('idle_speed', '1', 'run')->checks();
    expect($bench->sheet()->gates())->toBe([]);
    $bench->refuse(EntryKind::HandedBack, []);
});

it('goes back unrepaired with its reason, and takes nothing but notes after it', function (): void {
    $bench = scrappedBody();
    expect($bench->sheet()->gates())->not->toBe([]);
    $bench->refuse(EntryKind::ReturnedUnrepaired, ['reason' => 'no body to be had']);
    $bench->add(EntryKind::ReturnedUnrepaired, ['reason' => 'no body to be had']);
    expect($bench->sheet()->handedBackAt)->not->toBeNull()
        ->and($bench->sheet()->of(Proofs::class)->unrepaired)->toBe('no body to be had')
        ->and($bench->sheet()->moves())->toBe([]);
    expect(fn () => $bench->refuse(EntryKind::PartOn, ['part' => 'float', 'count' => 1, 'looked' => true]))
        ->toThrow(NotAllowedNow::class);
    $bench->refuse(EntryKind::NoteAdded, ['text' => 'customer called']);
});
