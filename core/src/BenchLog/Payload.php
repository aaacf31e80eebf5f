<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/**
 * What an entry carries, checked against its shape and read by name and type.
 *
 * Asking for a field that the shape does not have, or has as another type, is a mistake in the program: a
 * LogicException.
 */
final readonly class Payload
{
    /**
     * @internal {@see Shape::read()} checks what goes in.
     *
     * @param  array<string, mixed>  $values
     */
    public function __construct(private Shape $shape, private array $values)
    {
    }

    public function text(string $field): string
    {
        return $this->textOrNull($field) ?? $this->missing($field);
    }

    public function textOrNull(string $field): ?string
    {
        $value = $this->value($field, FieldType::Text, FieldType::Uuid);

        return is_string($value) ? $value : null;
    }

    public function integer(string $field): int
    {
        return $this->integerOrNull($field) ?? $this->missing($field);
    }

    public function integerOrNull(string $field): ?int
    {
        $value = $this->value($field, FieldType::Integer);

        return is_int($value) ? $value : null;
    }

    public function number(string $field): float
    {
        return $this->numberOrNull($field) ?? $this->missing($field);
    }

    public function numberOrNull(string $field): ?float
    {
        $value = $this->value($field, FieldType::Number);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function flag(string $field): bool
    {
        return $this->value($field, FieldType::Flag) === true;
    }

    /** @return array<array-key, mixed> */
    public function map(string $field): array
    {
        $value = $this->value($field, FieldType::Map);

        return is_array($value) ? $value : [];
    }

    /** @return non-empty-list<string> */
    public function names(string $field): array
    {
        $value = $this->value($field, FieldType::Names);
        $names = is_array($value) ? array_values(array_filter($value, is_string(...))) : [];

        return $names === [] ? $this->missing($field) : $names;
    }

    /** @return array<string, mixed> as it is stored */
    public function toArray(): array
    {
        return $this->values;
    }

    private function value(string $field, FieldType $type, ?FieldType $or = null): mixed
    {
        $known = $this->shape->fields[$field] ?? throw new \LogicException("An entry of this kind has no {$field}.");
        $known->type === $type || $known->type === $or || throw new \LogicException("{$field} holds {$known->type->value}.");

        return $this->values[$field] ?? null;
    }

    private function missing(string $field): never
    {
        throw new \LogicException("{$field} may be missing: ask for it as such.");
    }
}
