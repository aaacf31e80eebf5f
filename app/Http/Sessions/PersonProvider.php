<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use App\Models\Shop;
use App\Models\SignIn;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Date;

/**
 * Who may sign in, and stay signed in: nobody who left, the demo's people only in the demo, whatever this database was
 * once. A name that nobody has takes as long as a wrong password.
 */
final class PersonProvider extends EloquentUserProvider
{
    /** How often it is written down that somebody is still there. */
    private const SEEN_SECONDS = 300;

    public function __construct(Hasher $hasher, string $model)
    {
        parent::__construct($hasher, $model);
        $this->withQuery(static function (Builder $people): Builder {
            $people->whereNull('retired_at');

            return Shop::isDemo() ? $people : $people->where('is_demo', false);
        });
    }

    /** Only while their sign-in on this device is neither ended nor too old. */
    public function retrieveById($identifier): ?Authenticatable
    {
        $signIn = session(SignIn::KEY);
        $model = $this->createModel();
        $query = $this->newModelQuery($model);
        $open = SignIn::stillOpen(SignIn::query())->whereKey(is_string($signIn) ? $signIn : null);
        $query->whereKey($identifier)->whereIn('id', $open->select('person_id'));
        $person = $query->first();
        if ($person !== null && is_string($signIn)) {
            $this->noteSeen($signIn);
        }

        return $person instanceof Authenticatable ? $person : null;
    }

    private function noteSeen(string $signIn): void
    {
        $now = Date::now()->getTimestamp();
        $seen = session('seen_at');
        if (is_int($seen) && $seen > $now - self::SEEN_SECONDS) {
            return;
        }
        session(['seen_at' => $now]);
        SignIn::query()->whereKey($signIn)->update(['seen_at' => Date::now()]);
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
