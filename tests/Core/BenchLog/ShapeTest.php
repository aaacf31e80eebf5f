<?php

declare(strict_types=1);

use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\FieldType;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\BenchLog\UnreadableEntry;

function shape(): Shape
{
    return Shape::of(
        Field::text('word', most: 5),
        Field::number('rpm', 0, 100),
        Field::integer('count', 1, 9),
        Field::flag('passed'),
        Field::map('answers'),
        Field::uuid('photo'),
        Field::text('note')->optional(),
    );
}

/** @return array<string, mixed> */
function fitting(mixed ...$changed): array
{
    $photo = '00000000-0000-4000-8000-000000000001';

    return [
        'word' => 'a', 'rpm' => 3, 'count' => 2, 'passed' => false, 'answers' => ['a' => 'b'], 'photo' => $photo,
        ...$changed,
    ];
}

it('reads what fits, by name and type', function (): void {
    $payload = shape()->read('test', fitting());

    expect($payload->text('word'))->toBe('a')
        ->and($payload->number('rpm'))->toBe(3.0)
        ->and($payload->numberOrNull('rpm'))->toBe(3.0)
        ->and($payload->integer('count'))->toBe(2)
        ->and($payload->integerOrNull('count'))->toBe(2)
        ->and($payload->flag('passed'))->toBeFalse()
        ->and($payload->map('answers'))->toBe(['a' => 'b'])
        ->and($payload->text('photo'))->toEndWith('1')
        ->and($payload->textOrNull('note'))->toBeNull()
        ->and($payload->toArray())->toBe(fitting());
});

it('takes a flag that is set', function (): void {
    expect(shape()->read('test', fitting(passed: true))->flag('passed'))->toBeTrue();
});

it('takes a typed limit for advice to the bench, not for a file', function (): void {
    $payload = shape()->read('test', fitting(word: 'longer than five', rpm: 1e5, count: -4));

    expect($payload->text('word'))->toBe('longer than five')->and($payload->integer('count'))->toBe(-4);
});

it('refuses what does not fit, and names the field', function (string $field, mixed $value): void {
    expect(fn () => shape()->read('test', fitting(...[$field => $value])))
        ->toThrow(UnreadableEntry::class, "The test entry needs {$field}");
})->with([
    'no text' => ['word', 3],
    'an empty text' => ['word', ''],
    'a text with a NUL' => ['word', "a\0b"],
    'a text longer than a page' => ['word', str_repeat('ä', Field::LONGEST_TEXT + 1)],
    'no number' => ['rpm', '3'],
    'an infinite number' => ['rpm', INF],
    'half a count' => ['count', 1.5],
    'a flag in words' => ['passed', 'true'],
    'a map that is none' => ['answers', 'yes'],
    'an id that is none' => ['photo', '../x'],
    'an id with more behind it' => ['photo', '00000000-0000-4000-8000-000000000001x'],
    'nothing where something must be' => ['word', null],
    'an optional field of another type' => ['note', 3],
]);

it('takes the longest text there may be', function (): void {
    $longest = str_repeat('ä', Field::LONGEST_TEXT);

    expect(shape()->read('test', fitting(word: $longest))->text('word'))->toBe($longest);
});

it('refuses a field that no kind of this name has', function (): void {
    expect(fn () => shape()->read('test', fitting(colour: 'red')))->toThrow(UnreadableEntry::class, 'colour');
});

it('calls a misspelt field a mistake of the program', function (Closure $read): void {
    expect(fn () => $read(shape()->read('test', fitting())))->toThrow(LogicException::class);
})->with([
    'of another name' => fn ($payload) => $payload->text('wrod'),
    'of another type' => fn ($payload) => $payload->integer('word'),
    'a number asked as a whole number' => fn ($payload) => $payload->integer('rpm'),
    'one that may be missing' => fn ($payload) => $payload->text('note'),
]);

it('keeps what was said of a field when more is said of it', function (): void {
    $field = Field::number('rpm', 1, 9)->among('a', 'b')->otherwise('a')->orSay('Type it.', 'A number.')->optional();

    expect($field->type)->toBe(FieldType::Number)
        ->and([$field->least, $field->most])->toBe([1.0, 9.0])
        ->and($field->choices)->toBe(['a', 'b'])
        ->and([$field->otherwise, $field->orSay, $field->orSayOfWrong])->toBe(['a', 'Type it.', 'A number.'])
        ->and($field->isOptional)->toBeTrue()
        ->and($field->typedAs(TypedAs::Percent)->isOptional)->toBeTrue()
        ->and(Field::turns()->typedName())->toBe('turns')
        ->and(Field::flag('looked')->typedAs(TypedAs::Boxes)->typedName())->toBe('looks')
        ->and($field->typedName())->toBe('rpm');
});
