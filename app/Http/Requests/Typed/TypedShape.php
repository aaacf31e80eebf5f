<?php

declare(strict_types=1);

namespace App\Http\Requests\Typed;

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Shape;
use Illuminate\Foundation\Http\FormRequest;

/** A kind of entry as a form types it: everything follows from its shape. */
final readonly class TypedShape
{
    /** @var list<TypedField> */
    private array $fields;

    /** @var list<string> */
    private array $names;

    public function __construct(Shape $shape)
    {
        $this->fields = array_map(static fn (Field $f): TypedField => new TypedField($f), array_values($shape->fields));
        $this->names = array_keys($shape->fields);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return array_merge(...array_map(static fn (TypedField $f): array => $f->rules(), $this->fields), ...[[]]);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_merge(...array_map(static fn (TypedField $f): array => $f->messages(), $this->fields), ...[[]]);
    }

    /**
     * @return array<string, mixed> what was typed, as the entry stores it
     *
     * @throws \DustyJet\Rejected If a value cannot be read.
     */
    public function payload(FormRequest $from): array
    {
        $values = array_map(static fn (TypedField $f): mixed => $f->value($from), $this->fields);

        return array_filter(array_combine($this->names, $values), static fn (mixed $v): bool => $v !== null);
    }
}
