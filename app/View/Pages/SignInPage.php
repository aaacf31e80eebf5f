<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Person;

final readonly class SignInPage
{
    /** Only ever the demo's password, printed where the demo's people are one tap away. */
    public const DEMO_PASSWORD = 'brass-jet-demo';

    /** @param  list<array{name: string, role: string}>  $demoPeople empty on a real shop's machine */
    private function __construct(public string $title, public string $shop, public array $demoPeople, public string $demoPassword)
    {
    }

    public static function now(): self
    {
        $people = config('shop.demo') === true ? Person::query()->get()->sortBy('id')->map(static fn (Person $p): array => ['name' => $p->name, 'role' => $p->role->value])->all() : [];
        $shop = config('shop.name');

        return new self('Sign in', is_string($shop) ? $shop : '', array_values($people), $people === [] ? '' : self::DEMO_PASSWORD);
    }
}
