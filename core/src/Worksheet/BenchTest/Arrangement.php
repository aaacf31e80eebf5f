<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Family;

/** How a carburetor was arranged for a hold test: wetted or dry, how it lay, what was closed off. */
final readonly class Arrangement
{
    /** More than any carburetor has. */
    private const MOST = 12;

    /** The needle is held open by it: then what lies beyond is under pressure too. */
    private const OPENS_NEEDLE = 'lever';

    /** Where the air of a chamber beyond the needle would get out. */
    private const THROAT = ['nozzle', 'idleholes'];

    /**
     * @param  list<string>  $sealed parts of the drawing at which something was closed off
     * @param  bool  $anyway whether it was tested although parts lie on the tray
     * @param  bool  $byEye whether it was only looked at, before and after
     */
    public function __construct(
        public bool $wetted,
        public ?Attitude $attitude = null,
        public array $sealed = [],
        public bool $anyway = false,
        public bool $byEye = false,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::flag('wetted')->made(),
            Field::flag('anyway')->optional()->made(),
            Field::flag('by_eye')->optional()->made(),
            Field::text('attitude')->among('inverted', 'upright', 'as_it_hangs')->optional()->made(),
            Field::text('sealed', most: 200)->optional()->made(),
        ];
    }

    public static function of(Payload $payload): self
    {
        $sealed = $payload->textOrNull('sealed') ?? '';

        return new self(
            $payload->flag('wetted'),
            Attitude::tryFrom($payload->textOrNull('attitude') ?? ''),
            $sealed === '' ? [] : array_slice(explode(' ', $sealed), 0, self::MOST),
            $payload->flag('anyway'),
            $payload->flag('by_eye'),
        );
    }

    /** @return array<string, bool|string> as the log keeps it; what was not said is not in it */
    public function stored(): array
    {
        return [
            'wetted' => $this->wetted,
            ...$this->anyway ? ['anyway' => true] : [],
            ...$this->byEye ? ['by_eye' => true] : [],
            ...$this->attitude === null ? [] : ['attitude' => $this->attitude->value],
            ...$this->sealed === [] ? [] : ['sealed' => implode(' ', $this->sealed)],
        ];
    }

    /** @throws UnreadableEntry If something is closed off that this family does not have. */
    public function refuseUnlessOf(Family $family): void
    {
        foreach ($this->sealed as $part) {
            isset($family->proof->seals[$part]) || throw UnreadableEntry::unknownName('sealed', $part);
        }
    }

    /** Whether the chamber beyond the needle was under pressure: the needle held open, the throat blanked. */
    public function reachesBeyondTheNeedle(Family $family): bool
    {
        $throat = array_intersect(self::THROAT, array_keys($family->proof->seals));

        return in_array(self::OPENS_NEEDLE, $this->sealed, true) && array_diff($throat, $this->sealed) === [];
    }
}
