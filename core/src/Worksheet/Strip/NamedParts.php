<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Strip;

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;

/** Parts that moved at once, by name and in order; one of which there are two is named twice. */
final readonly class NamedParts
{
    private const MOST = 200;

    /** @param  non-empty-list<string>  $named */
    private function __construct(private array $named)
    {
    }

    public static function field(): Field
    {
        return Field::names('parts', most: self::MOST);
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->names('parts'));
    }

    /** @return non-empty-list<string> each once, in order */
    public function keys(): array
    {
        return array_values(array_unique($this->named));
    }

    public function count(string $key): int
    {
        return count(array_keys($this->named, $key, true));
    }

    public function most(): int
    {
        return max(array_map($this->count(...), $this->keys()));
    }
}
