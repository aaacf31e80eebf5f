<?php

declare(strict_types=1);

use App\Models\BootsByName;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use Illuminate\Database\Eloquent\Model;

it('calls what the framework would call of a model\'s traits', function (string $model): void {
    new $model;
    $wanted = [];
    $initializer = static fn (string $trait): string => 'initialize'.class_basename($trait);
    $byName = array_map($initializer, class_uses_recursive($model));
    foreach ((new ReflectionClass($model))->getMethods() as $method) {
        $isAsked = static fn (string $what): bool => $method->getAttributes($what) !== [];
        expect($isAsked(Boot::class))->toBeFalse();
        ($isAsked(Initialize::class) || in_array($method->getName(), $byName, true)) && $wanted[] = $method->getName();
    }
    /** @var array<class-string, list<string>> $called */
    $called = (new ReflectionProperty(Model::class, 'traitInitializers'))->getValue();

    expect($called[$model])->toEqualCanonicalizing(array_values(array_unique($wanted)))->not->toBe([]);
})->with(static fn (): array => array_values(array_filter(
    array_map(
        static fn (string $file): string => 'App\\Models\\'.basename($file, '.php'),
        glob(dirname(__DIR__, 2).'/app/Models/*.php') ?: [],
    ),
    static fn (string $class): bool => in_array(BootsByName::class, class_uses($class) ?: [], true),
)));
