<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;

/**
 * @property int $id
 * @property string $name
 * @property Role $role
 * @property string $password
 * @property string|null $pin hashed, as the password
 * @property bool $coached whether sheets explain more
 * @property bool $is_demo whether it has the password that is printed in the source
 * @property Carbon|null $retired_at
 */
final class Person extends User
{
    use BootsByName;

    private const LONGEST_NAME = 80;

    protected $table = 'people';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['coached' => false, 'is_demo' => false, 'pin' => null, 'retired_at' => null];

    protected $hidden = ['password', 'pin', 'remember_token'];

    /** @return HasMany<SignIn, $this> */
    public function signIns(): HasMany
    {
        return $this->hasMany(SignIn::class);
    }

    /** Who asks; nobody before signing in. */
    public static function signedIn(): ?self
    {
        $person = Auth::user();

        return $person instanceof self ? $person : null;
    }

    /** @return list<self> the demo's people, who may sign in with one tap; none on a real shop's machine */
    public static function ofTheDemo(): array
    {
        $query = self::query();

        return Shop::isDemo()
            ? array_values($query->where('is_demo', true)->whereNull('retired_at')->orderBy('id')->get()->all())
            : [];
    }

    /** @return Collection<int, self> who works here, and who did, by name */
    public static function everyOne(): Collection
    {
        $query = self::query();
        Shop::isDemo() || $query->where('is_demo', false);

        return $query->orderByRaw('retired_at is not null')->orderBy('name')->get();
    }

    /** @return Collection<int, self> who may switch to themselves with a PIN */
    public static function withPin(): Collection
    {
        return self::everyOne()->filter(static fn (self $p): bool => $p->hasPin())->values();
    }

    /** @throws UnusablePerson If nobody could tell their entries from another's. */
    public static function refuseUnlessName(string $name, ?self $but = null): void
    {
        $query = self::query();
        $but === null || $query->whereKeyNot($but->id);
        $why = match (true) {
            $name === '' || mb_strlen($name) > self::LONGEST_NAME => 'The name needs 1 to '.self::LONGEST_NAME.' letters.',
            // A comma would let a name say that its entries came from a file.
            preg_match('/^[\p{L}\p{M}\p{N} .\'’-]+$/uD', $name) !== 1 => 'A name has letters, digits, spaces, dots and hyphens.',
            $query->whereRaw('lower(name) = ?', [mb_strtolower($name)])->exists() => 'Somebody has that name.',
            default => null,
        };
        $why === null || throw UnusablePerson::because($why);
    }

    /** @throws UnusablePerson If the shop would have no owner without them. */
    public function refuseAsLastOwner(): void
    {
        $query = self::query();
        // All of them, in one order: two owners may be at it at once.
        $query->where('role', Role::Owner)->whereNull('retired_at')->where('is_demo', $this->is_demo);
        $owners = $query->orderBy('id')->lockForUpdate()->get();
        $this->role !== Role::Owner || $owners->except([$this->id])->isNotEmpty()
            || throw UnusablePerson::because("{$this->name} is the only owner: make somebody else one first.");
    }

    public function hasPin(): bool
    {
        return $this->pin !== null && $this->retired_at === null;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'pin' => 'hashed',
            'coached' => 'boolean',
            'is_demo' => 'boolean',
            'retired_at' => 'datetime',
        ];
    }
}
