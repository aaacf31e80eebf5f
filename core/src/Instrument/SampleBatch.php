<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

use DustyJet\Quantity\PressureUnit;

/**
 * What an instrument sends at once: a line that says when by its own clock, then one line a sample, in JSON.
 *
 * Read whole or not at all. The format is docs/formats/instruments.md.
 */
final readonly class SampleBatch
{
    public const PROTOCOL = 1;

    public const MOST_SAMPLES = 500;

    public const MOST_BYTES = 65536;

    private const MOST_CHANNELS = 8;

    /** A sample this long after the batch was sent, by the same clock, is of the future; this long before, too old. */
    private const FUTURE_SECONDS = 0.5;

    private const OLD_SECONDS = 3600.0;

    /** @param  list<Sample>  $samples in the order of their numbers */
    private function __construct(public float $sentAt, public array $samples)
    {
    }

    /** @throws UnusableBatch With the line that is wrong, and why in one word. */
    public static function parse(string $body, Measurand $of, int $channels = 1): self
    {
        $lines = explode("\n", rtrim($body, "\r\n"));
        count($lines) <= self::MOST_SAMPLES + 1
            || throw UnusableBatch::line('too_many', self::MOST_SAMPLES + 2, 'at most '.self::MOST_SAMPLES.' samples at once');
        $sentAt = self::sentAt($lines[0]);
        $samples = [];
        $before = null;
        foreach (array_slice($lines, 1) as $i => $line) {
            $sample = self::sample(self::object($line, $i + 2), $of, $i + 2);
            self::refuseOutOfPlace($sample, $before, $sentAt, $i + 2);
            $sample->channel <= min($channels, self::MOST_CHANNELS)
                || throw UnusableBatch::line('bad_channel', $i + 2, "the instrument has {$channels} channels");
            $samples[] = $before = $sample;
        }

        return new self($sentAt, $samples);
    }

    /**
     * @param  float|null  $seconds when the last that was kept was read
     *
     * @return list<Sample> those with a higher number than the last that was kept
     *
     * @throws UnusableBatch If they were read before it.
     */
    public function after(int $seq, ?float $seconds = null): array
    {
        $known = array_filter($this->samples, static fn (Sample $s): bool => $s->seq <= $seq);
        $new = array_slice($this->samples, count($known));
        ($new[0]->seconds ?? INF) >= ($seconds ?? -INF)
            || throw UnusableBatch::line('time_goes_back', count($known) + 2, '"t" must not be before that of the sample before');

        return $new;
    }

    private static function sentAt(string $line): float
    {
        $head = self::object($line, 1);
        ($head['protocol'] ?? null) === self::PROTOCOL
            || throw UnusableBatch::line('bad_protocol', 1, '"protocol" must be '.self::PROTOCOL);

        return self::number($head['sent_at'] ?? null, 'sent_at', 1);
    }

    /** @param  array<array-key, mixed>  $given */
    private static function sample(array $given, Measurand $of, int $line): Sample
    {
        ($given['quantity'] ?? null) === $of->value
            || throw UnusableBatch::line('wrong_quantity', $line, "\"quantity\" must be {$of->value}, which this instrument measures");
        $seq = $given['seq'] ?? null;
        (is_int($seq) && $seq > 0) || throw UnusableBatch::line('bad_seq', $line, '"seq" must be a whole number from 1 on');
        $channel = $given['channel'] ?? 1;
        (is_int($channel) && $channel >= 1) || throw UnusableBatch::line('bad_channel', $line, '"channel" must be a whole number from 1 on');
        $unit = $given['unit'] ?? $of->unit();
        $value = self::number($given['value'] ?? null, 'value', $line) * self::factor($unit, $of, $line);
        abs($value) <= $of->most() || throw UnusableBatch::line('impossible', $line, 'no such instrument reads that');

        return new Sample($seq, self::number($given['t'] ?? null, 't', $line), $value, $channel);
    }

    private static function refuseOutOfPlace(Sample $sample, ?Sample $before, float $sentAt, int $line): void
    {
        if ($before !== null) {
            $sample->seq > $before->seq
                || throw UnusableBatch::line('out_of_order', $line, "\"seq\" must be higher than {$before->seq}, the one before");
            $sample->seconds >= $before->seconds
                || throw UnusableBatch::line('time_goes_back', $line, '"t" must not be before that of the sample before');
        }
        $sample->seconds <= $sentAt + self::FUTURE_SECONDS
            || throw UnusableBatch::line('in_the_future', $line, '"t" is later than "sent_at"');
        $sample->seconds >= $sentAt - self::OLD_SECONDS
            || throw UnusableBatch::line('too_old', $line, '"t" is more than an hour before "sent_at"');
    }

    private static function factor(mixed $unit, Measurand $of, int $line): float
    {
        $pressure = is_string($unit) && $of !== Measurand::Rpm ? PressureUnit::tryFrom($unit) : null;

        return match (true) {
            $pressure !== null => $pressure->pascals() / 1000.0,
            $unit === $of->unit() => 1.0,
            default => throw UnusableBatch::line('bad_unit', $line, '"unit" must be '.($of === Measurand::Rpm ? 'rpm' : 'kpa, psi or inhg')),
        };
    }

    private static function number(mixed $value, string $name, int $line): float
    {
        $isNumber = (is_int($value) || is_float($value)) && is_finite((float) $value);

        return $isNumber ? (float) $value : throw UnusableBatch::line('not_finite', $line, "\"{$name}\" must be a number");
    }

    /** @return array<array-key, mixed> */
    private static function object(string $line, int $number): array
    {
        $given = json_decode($line, true, 4);

        return is_array($given) && ! array_is_list($given)
            ? $given
            : throw UnusableBatch::line('unreadable', $number, 'a JSON object is needed');
    }
}
