<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/**
 * What a kind of entry carries. The one source of its check, its JSON Schema, the rules of its form and their
 * messages.
 */
final readonly class Shape
{
    /** @param  array<string, Field>  $fields by name, in order */
    private function __construct(public array $fields)
    {
    }

    public static function of(Field ...$fields): self
    {
        return new self(array_column($fields, null, 'name'));
    }

    /**
     * @param  string  $kind for the message
     * @param  array<array-key, mixed>  $payload
     *
     * @throws UnreadableEntry If a field is missing, of the wrong type or unknown.
     */
    public function read(string $kind, array $payload): Payload
    {
        $values = [];
        foreach ($payload as $name => $value) {
            isset($this->fields[$name]) || throw UnreadableEntry::unknownField($kind, (string) $name);
            $values[(string) $name] = $value;
        }
        foreach ($this->fields as $name => $field) {
            $fits = isset($values[$name]) ? $field->type->holds($values[$name]) : $field->isOptional;
            $fits || throw UnreadableEntry::field($kind, $name, $field->type->value);
        }

        return new Payload($this, $values);
    }
}
