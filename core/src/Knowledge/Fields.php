<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

/** A parsed map whose values are asked for by name and type; the path is kept for the message. */
final readonly class Fields
{
    private const PROVENANCE = ['published', 'card', 'common practice', 'from memory', 'this shop'];

    /** @param  array<array-key, mixed>  $values */
    public function __construct(private array $values, private string $path = '')
    {
    }

    /** @throws UnusableKnowledge If the value is missing or no text. */
    public function text(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) && $value !== '' ? $value : throw UnusableKnowledge::missing($this->path.$name);
    }

    public function textOrNull(string $name): ?string
    {
        return isset($this->values[$name]) ? $this->text($name) : null;
    }

    /** @throws UnusableKnowledge If the value is missing or no number. */
    public function number(string $name): float
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) || is_float($value)
            ? (float) $value
            : throw UnusableKnowledge::missing($this->path.$name);
    }

    /** @throws UnusableKnowledge If the word is not one of the five. */
    public function provenance(): string
    {
        $word = $this->text('provenance');

        return in_array($word, self::PROVENANCE, true)
            ? $word
            : throw UnusableKnowledge::provenance($this->path, $word);
    }

    /** @throws UnusableKnowledge If the value is missing or no map. */
    public function map(string $name): self
    {
        $value = $this->values[$name] ?? null;

        return is_array($value)
            ? new self($value, $this->path.$name.'.')
            : throw UnusableKnowledge::missing($this->path.$name);
    }

    /**
     * @return array<string, self>
     *
     * @throws UnusableKnowledge If the value is not a map of maps.
     */
    public function maps(string $name): array
    {
        $maps = [];
        foreach ($this->map($name)->values as $key => $ignored) {
            $maps[(string) $key] = $this->map($name)->map((string) $key);
        }

        return $maps;
    }

    /**
     * @return array<string, string>
     *
     * @throws UnusableKnowledge If the value is missing or not a map of texts.
     */
    public function texts(string $name): array
    {
        $texts = [];
        foreach ($this->map($name)->values as $key => $ignored) {
            $texts[(string) $key] = $this->map($name)->text((string) $key);
        }

        return $texts;
    }

    /**
     * @return list<self> empty when the value is missing
     *
     * @throws UnusableKnowledge If the value is not a list of maps.
     */
    public function list(string $name): array
    {
        $value = $this->values[$name] ?? [];
        $list = [];
        foreach (is_array($value) ? $value : throw UnusableKnowledge::missing($this->path.$name) as $i => $one) {
            $list[] = is_array($one)
                ? new self($one, "{$this->path}{$name}.{$i}.")
                : throw UnusableKnowledge::missing("{$this->path}{$name}.{$i}");
        }

        return $list;
    }

    /** @return list<string> empty when the value is missing */
    public function words(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->values);
    }

    public function isMap(string $name): bool
    {
        return is_array($this->values[$name] ?? null);
    }

    public function flag(string $name): bool
    {
        return ($this->values[$name] ?? false) === true;
    }

    /**
     * One number or several, as a list.
     *
     * @return non-empty-list<float>
     *
     * @throws UnusableKnowledge If anything in it is no number.
     */
    public function numbers(string $name): array
    {
        $value = $this->values[$name] ?? null;
        $numbers = [];
        foreach (is_array($value) ? $value : [$value] as $one) {
            $numbers[]
                = is_int($one) || is_float($one) ? (float) $one : throw UnusableKnowledge::missing($this->path.$name);
        }

        return $numbers === [] ? throw UnusableKnowledge::missing($this->path.$name) : $numbers;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }
}
