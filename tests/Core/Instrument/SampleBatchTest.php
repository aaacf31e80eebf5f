<?php

declare(strict_types=1);

use DustyJet\Instrument\Calibration;
use DustyJet\Instrument\Measurand;
use DustyJet\Instrument\Sample;
use DustyJet\Instrument\SampleBatch;
use DustyJet\Instrument\UnusableBatch;

/** @param  list<array<string, mixed>>  $samples */
function batch(array $samples, float $sentAt = 100.0): string
{
    $lines = [['protocol' => 1, 'sent_at' => $sentAt], ...$samples];

    return implode("\n", array_map(static fn (array $l): string => (string) json_encode($l), $lines));
}

/** @return array<string, mixed> */
function line(int $seq, float $t, float $value, array $more = []): array
{
    return [...['seq' => $seq, 't' => $t, 'quantity' => 'pressure', 'value' => $value], ...$more];
}

it('reads samples in their unit, and which are new', function (): void {
    $batch = SampleBatch::parse(
        batch([line(4, 99.0, 34.5), line(5, 99.0, 5.0, ['unit' => 'psi']), line(7, 99.1, 10.0, ['unit' => 'inhg'])])."\r\n",
        Measurand::Pressure,
    );

    expect($batch->sentAt)
        ->toBe(100.0)
        ->and(array_map(static fn (Sample $s): int => $s->seq, $batch->after(4)))
        ->toBe([5, 7])
        ->and($batch->samples[1]->value)
        ->toEqualWithDelta(34.4738, 1e-4)
        ->and($batch->samples[2]->value)
        ->toEqualWithDelta(33.8639, 1e-4)
        ->and([$batch->samples[2]->seconds, $batch->samples[2]->channel])
        ->toBe([99.1, 1])
        ->and(SampleBatch::parse(batch([]), Measurand::Rpm)->samples)
        ->toBe([]);
});

it('reads a tachometer and the channels of a vacuum set', function (): void {
    $rpm = SampleBatch::parse(batch([line(1, 99, 1750, ['quantity' => 'rpm', 'unit' => 'rpm'])]), Measurand::Rpm);
    $set = SampleBatch::parse(
        batch([line(1, 99, 40, ['quantity' => 'vacuum', 'channel' => 3])]),
        Measurand::Vacuum,
        3,
    );

    expect($rpm->samples[0]->value)->toBe(1750.0)->and($set->samples[0]->channel)->toBe(3);
});

it('keeps to its bounds', function (array $samples, ?string $why, Measurand $of = Measurand::Pressure, int $channels = 1): void {
    $parse = static fn () => SampleBatch::parse(batch($samples), $of, $channels);
    if ($why === null) {
        expect(count($parse()->samples))->toBe(count($samples));

        return;
    }
    try {
        $parse();
        $this->fail('it was taken');
    } catch (UnusableBatch $refused) {
        expect($refused->reason())->toBe($why)->and($refused->atLine)->toBe(count($samples) + 1);
    }
})->with([
    'half a second ahead' => [[line(1, 100.5, 1)], null],
    'further ahead' => [[line(1, 100.51, 1)], 'in_the_future'],
    'an hour old' => [[line(1, -3500.0, 1)], null],
    'older' => [[line(1, -3500.1, 1)], 'too_old'],
    'as much as a gauge reads' => [[line(1, 99, 1000.0)], null],
    'more' => [[line(1, 99, 1000.1)], 'impossible'],
    'more, below' => [[line(1, 99, -1000.1)], 'impossible'],
    'more than a vacuum' => [[line(1, 99, 101.4, ['quantity' => 'vacuum'])], 'impossible', Measurand::Vacuum],
    'a fast engine' => [[line(1, 99, 30001, ['quantity' => 'rpm'])], 'impossible', Measurand::Rpm],
    'two of one moment' => [[line(1, 99, 1), line(2, 99, 1)], null],
    'five hundred' => [array_map(static fn (int $i): array => line($i, 99, 1), range(1, 500)), null],
    'one more' => [array_map(static fn (int $i): array => line($i, 99, 1), range(1, 501)), 'too_many'],
    'rpm in psi' => [[line(1, 99, 1, ['quantity' => 'rpm', 'unit' => 'psi'])], 'bad_unit', Measurand::Rpm],
    'the eighth of eight' => [[line(1, 99, 1, ['channel' => 8])], null, Measurand::Pressure, 8],
    'the ninth of nine' => [[line(1, 99, 1, ['channel' => 9])], 'bad_channel', Measurand::Pressure, 9],
    'no channel' => [[line(1, 99, 1, ['channel' => 0])], 'bad_channel'],
]);

it('corrects a reading by offset, then span', function (): void {
    expect((new Calibration(0.5, 1.1))->corrected(10.0))->toEqualWithDelta(11.55, 1e-9)
        ->and((new Calibration)->corrected(10.0))->toBe(10.0);
});
