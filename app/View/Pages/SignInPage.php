<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Person;
use App\Models\Shop;

final readonly class SignInPage
{
    /** @param  list<array{name: string, role: string}>  $demoPeople empty on a real shop's machine */
    private function __construct(
        public string $title,
        public string $shop,
        public array $demoPeople,
        public string $demoPassword,
    ) {
    }

    /** @param  list<Person>  $demoPeople who may sign in with one tap */
    public static function of(string $shop, array $demoPeople): self
    {
        $row = static fn (Person $p): array => ['name' => $p->name, 'role' => $p->role->value];
        $password = $demoPeople === [] ? '' : Shop::DEMO_PASSWORD;

        return new self('Sign in', $shop, array_map($row, $demoPeople), $password);
    }
}
