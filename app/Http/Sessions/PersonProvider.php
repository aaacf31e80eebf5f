<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use App\Models\Shop;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Eloquent\Builder;

/**
 * Who may sign in, and stay signed in: the demo's people only in the demo, whatever this database was once. A name that
 * nobody has takes as long as a wrong password.
 */
final class PersonProvider extends EloquentUserProvider
{
    public function __construct(Hasher $hasher, string $model)
    {
        parent::__construct($hasher, $model);
        $this->withQuery(static fn (Builder $people): Builder => Shop::isDemo() ? $people : $people->where('is_demo', false));
    }

    /** @param  array<string, mixed>  $credentials */
    public function retrieveByCredentials(#[\SensitiveParameter] array $credentials): ?Authenticatable
    {
        $person = parent::retrieveByCredentials($credentials);
        $password = $credentials['password'] ?? '';
        if ($person === null && is_string($password)) {
            $this->hasher->make($password);
        }

        return $person;
    }
}
