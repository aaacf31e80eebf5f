<?php

declare(strict_types=1);

namespace App\Http\Requests\Typed;

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\FieldType;
use DustyJet\BenchLog\TypedAs;
use DustyJet\Quantity\Turns;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Date;

/** A field of an entry as it is typed into a form: the rules it keeps, and the value it becomes. */
final readonly class TypedField
{
    /** A bank has six carburetors, a reading five blips of each. */
    private const MOST_WORDS = 6;

    private const LONGEST_WORD = 40;

    private const LONGEST_TURNS = 60;

    public function __construct(private Field $field)
    {
    }

    /** @return array<string, list<string>> Laravel's validation rules by name in the form */
    public function rules(): array
    {
        $name = $this->field->typedName();
        $needed = $this->field->isOptional || $this->field->otherwise !== null ? 'nullable' : 'required';
        $words = ['string', 'max:'.self::LONGEST_WORD];

        return match ($this->field->typed) {
            TypedAs::Itself => [$name => [$needed, ...$this->ofType()]],
            TypedAs::Turns => [$name => [$needed, 'string', 'max:'.self::LONGEST_TURNS]],
            TypedAs::Percent => [$name => [$needed, 'numeric', ...$this->limits()]],
            TypedAs::Time => [$name => [$needed, 'date_format:Y-m-d\TH:i,Y-m-d H:i,Y-m-d', 'after:2000-01-01', 'before:2100-01-01']],
            TypedAs::Day => [$name => [$needed, 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01']],
            TypedAs::Boxes => [$name => ['array', 'max:'.self::MOST_WORDS]],
            TypedAs::Words => [
                $name => [$needed, 'array', 'max:'.($this->field->most ?? self::MOST_WORDS)],
                "{$name}.*" => ['required', ...$words],
            ],
            TypedAs::Nothing => [$name => ['prohibited']],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $name = $this->field->typedName();

        return array_filter(
            [
                "{$name}.required" => $this->field->orSay,
                "{$name}.numeric" => $this->field->orSayOfWrong,
            ],
            static fn (string $m): bool => $m !== '',
        );
    }

    /**
     * @return mixed as the entry stores it; null when nothing was typed
     *
     * @throws \DustyJet\Rejected If the turns cannot be read.
     */
    public function value(FormRequest $from): mixed
    {
        $name = $this->field->typedName();

        return match (true) {
            $this->field->typed === TypedAs::Boxes => self::areAllTicked($from, $name),
            $this->field->typed === TypedAs::Nothing, ! $from->filled($name) => $this->field->otherwise,
            $this->field->typed === TypedAs::Turns => Turns::parse($from->string($name)->toString())->inUnits(),
            $this->field->typed === TypedAs::Percent => round($from->float($name) / 100.0, 4),
            $this->field->typed === TypedAs::Time => self::utc($from->string($name)->toString()),
            $this->field->typed === TypedAs::Words => $this->words((array) $from->input($name)),
            default => $this->ofTypeFrom($from, $name),
        };
    }

    /** @return list<string> */
    private function ofType(): array
    {
        $in = $this->field->choices === [] ? [] : ['in:'.implode(',', $this->field->choices)];

        return match ($this->field->type) {
            FieldType::Text => ['string', ...$this->limits(), ...$in],
            FieldType::Number => ['numeric', ...$this->limits()],
            FieldType::Integer => ['integer', ...$this->limits()],
            FieldType::Flag => ['boolean'],
            FieldType::Map, FieldType::Names => ['array'],
            FieldType::Uuid => ['uuid'],
        };
    }

    /** @return list<string> */
    private function limits(): array
    {
        $isText = $this->field->type === FieldType::Text;
        $least
            = $this->field->least === null || ($isText && $this->field->least <= 0.0)
                ? []
                : ["min:{$this->field->least}"];

        return [...$least, ...$this->field->most === null ? [] : ["max:{$this->field->most}"]];
    }

    private function ofTypeFrom(FormRequest $from, string $name): mixed
    {
        return match ($this->field->type) {
            FieldType::Integer => $from->integer($name),
            FieldType::Number => $from->float($name),
            FieldType::Flag => $from->boolean($name),
            default => trim($from->string($name)->toString()),
        };
    }

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @return array<array-key, string>
     */
    private function words(array $typed): array
    {
        $words = array_filter($typed, is_string(...));

        return $this->field->type === FieldType::Names ? array_values($words) : $words;
    }

    private static function utc(string $time): string
    {
        return Date::parse($time)
            ->utc()
            ->format(DATE_ATOM);
    }

    /** The form says how many boxes it asked for. */
    private static function areAllTicked(FormRequest $from, string $name): bool
    {
        $ticked = count(array_filter((array) $from->input($name, []), static fn (mixed $v): bool => $v === '1'));

        return $ticked > 0 && $ticked >= $from->integer("{$name}_asked");
    }
}
