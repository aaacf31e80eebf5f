<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Request;
use Illuminate\Support\Facades\Session;

/**
 * One person at one device, from the password or the PIN to the end of it.
 *
 * @property string $id kept in the session
 * @property int $person_id
 * @property Carbon $opened_at when a password was last given on this device
 * @property Carbon $seen_at
 * @property Carbon|null $ended_at
 * @property bool $by_pin
 * @property string $device
 * @property string $address
 */
final class SignIn extends Model
{
    use BootsByName;
    use HasUuids;

    /** The name its id has in the session. */
    public const KEY = 'sign_in';

    /** A working day and a little: a device that lay in a drawer overnight asks again. */
    public const IDLE_HOURS = 12;

    /** However busy it was, a password is asked for once a week. */
    public const MOST_DAYS = 7;

    protected $table = 'sign_ins';

    public $timestamps = false;

    protected $guarded = [];

    /** On the device that asks, whose session gets another name. */
    public static function begin(Person $person, ?self $before = null): self
    {
        $signIn = self::open($person, (string) Request::userAgent(), (string) Request::ip(), $before);
        Session::regenerate();
        Session::put(self::KEY, $signIn->id);

        return $signIn;
    }

    /** With a PIN the clock of the password that was given on this device goes on. */
    public static function open(Person $person, string $userAgent, string $address, ?self $before = null): self
    {
        return self::query()->create([
            'person_id' => $person->id,
            'opened_at' => $before->opened_at ?? Date::now(),
            'seen_at' => Date::now(),
            'by_pin' => $before !== null,
            'device' => self::deviceOf($userAgent),
            'address' => $address,
        ]);
    }

    /**
     * @param  Builder<self>  $signIns
     *
     * @return Builder<self> those that are neither over nor too old
     */
    public static function stillOpen(Builder $signIns): Builder
    {
        return $signIns
            ->whereNull('ended_at')
            ->where('seen_at', '>', Date::now()->subHours(self::IDLE_HOURS))
            ->where('opened_at', '>', Date::now()->subDays(self::MOST_DAYS));
    }

    /** That of the device which asks. */
    public static function here(): ?self
    {
        $id = session(self::KEY);

        return is_string($id) ? self::query()->find($id) : null;
    }

    /** @return Collection<int, self> of everybody, latest seen first */
    public static function allOpen(): Collection
    {
        return self::stillOpen(self::query())->orderByDesc('seen_at')->get();
    }

    public function end(): void
    {
        $this->update(['ended_at' => $this->ended_at ?? Date::now()]);
    }

    /** All that a person has anywhere, but for one. */
    public static function endAllOf(Person $person, ?self $but = null): void
    {
        $query = self::query();
        $query->where('person_id', $person->id)->whereNull('ended_at');
        $but === null || $query->whereKeyNot($but->id);
        $query->update(['ended_at' => Date::now()]);
    }

    private static function deviceOf(string $userAgent): string
    {
        return match (true) {
            preg_match('/iPad|Tablet/i', $userAgent) === 1 => 'Tablet',
            preg_match('/Mobi|Android|iPhone/i', $userAgent) === 1 => 'Phone',
            default => 'Computer',
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['opened_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime', 'by_pin' => 'boolean'];
    }
}
