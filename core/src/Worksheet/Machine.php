<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Need;
use DustyJet\Carburetor\Proof;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Strip\Parts;

/** The machine as it stands now, by the log: what lies on the tray, and what cannot be done because of it. */
final readonly class Machine
{
    /** The part whose taking off frees the carburetor; what the file lists after it lies inside. */
    private const CARBURETOR = ['carburetor', 'carburetors', 'top', 'pump'];

    private function __construct(private Build $build, private Proof $proof)
    {
    }

    public static function on(Bench $bench): self
    {
        return new self($bench->of(Parts::class)->build, $bench->family->proof);
    }

    /** @return list<string> parts on the tray that go back: off, and neither back on nor accounted for */
    public function off(): array
    {
        $isExpected = fn (string $part): bool => isset($this->build->tray->plan->parts[$part]);
        $isOff = fn (string $part): bool => ! isset($this->build->placed[$part])
            && ! isset($this->build->accounted[$part])
            && ($this->build->goesBack($part) || ! $isExpected($part));

        return array_values(array_filter($this->build->tray->off(), $isOff));
    }

    public function isWhole(): bool
    {
        return $this->off() === [];
    }

    /** Whether parts are going back on: a test can wait until they all are. */
    public function isBeingBuilt(): bool
    {
        return $this->build->placed !== [] && ! $this->isWhole();
    }

    public function isCarburetorOff(): bool
    {
        return array_intersect(self::CARBURETOR, $this->off()) !== [];
    }

    /** Null when it can be done now; else what is in the way, as a sentence. */
    public function inTheWay(Need $need): ?string
    {
        $of = match ($need) {
            Need::Nothing => [],
            Need::Valve => $this->proof->valve,
            Need::Inside => $this->inside(),
            Need::Whole => $this->off(),
        };
        $missing = array_values(array_intersect($of, $this->off()));
        if ($missing === []) {
            return null;
        }
        $known = $this->build->tray->plan->parts[$missing[0]] ?? null;
        $name = $known === null ? 'part nobody expected' : InSentence::name($known->name);
        $others = count($missing) - 1;

        return "The {$name}".($others > 0 ? " and {$others} more" : '').' lie'.($others > 0 ? '' : 's').' on the tray.';
    }

    /** @return list<string> parts of the carburetor's inside that lie on the tray */
    public function insideOff(): array
    {
        return array_values(array_diff(array_intersect($this->inside(), $this->off()), self::CARBURETOR));
    }

    /** @return list<string> */
    private function inside(): array
    {
        $parts = array_keys($this->build->tray->plan->parts);
        $from = array_key_first(array_intersect($parts, self::CARBURETOR));

        return $from === null ? $parts : array_slice($parts, $from + 1);
    }
}
