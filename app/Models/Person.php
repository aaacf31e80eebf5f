<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;

/**
 * @property int $id
 * @property string $name
 * @property Role $role
 * @property string $password
 * @property bool $coached whether sheets explain more
 * @property bool $is_demo whether it has the password that is printed in the source
 */
final class Person extends User
{
    protected $table = 'people';

    protected $fillable = ['name', 'role', 'password', 'coached', 'is_demo'];

    /** @var array<string, mixed> */
    protected $attributes = ['coached' => false, 'is_demo' => false];

    protected $hidden = ['password', 'remember_token'];

    /** @return list<self> the demo's people, who may sign in with one tap; none on a real shop's machine */
    public static function ofTheDemo(): array
    {
        return Shop::isDemo() ? array_values(self::query()->where('is_demo', true)->orderBy('id')->get()->all()) : [];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'coached' => 'boolean', 'is_demo' => 'boolean'];
    }
}
