<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Role;
use App\Models\Shop;
use App\Models\UnusableOwner;

/** The owner of a real shop, from whom all other people come. */
final readonly class MakeFirstOwner
{
    private const LONGEST_NAME = 80;

    private const SHORTEST = 12;

    /** What bcrypt reads of a password. */
    private const LONGEST_BYTES = 72;

    /** @throws UnusableOwner If there is an owner, the name is taken, or the password is no good. */
    public function __invoke(string $name, #[\SensitiveParameter] string $password): Person
    {
        $isOwned = Person::query()->where('role', Role::Owner)->where('is_demo', false)->exists();
        $why = match (true) {
            $isOwned => 'There is an owner: who comes next is added by them.',
            $name === '' || mb_strlen($name) > self::LONGEST_NAME => 'The name needs 1 to '.self::LONGEST_NAME.' letters.',
            Person::query()->where('name', $name)->exists() => 'Somebody has that name.',
            mb_strlen($password) < self::SHORTEST => 'The password needs '.self::SHORTEST.' characters or more.',
            strlen($password) > self::LONGEST_BYTES => 'The password is cut at '.self::LONGEST_BYTES.' bytes: take a shorter one.',
            $password === Shop::DEMO_PASSWORD => 'That password is printed in the source: take another.',
            default => null,
        };
        $why === null || throw UnusableOwner::because($why);

        return Person::query()->create(['name' => $name, 'role' => Role::Owner, 'password' => $password]);
    }
}
