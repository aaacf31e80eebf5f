<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Access\Response;
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
 * @property int $wrong_pins tried from there since its password was given
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

    /** Wrong PINs from one device, until a password is given there. */
    private const MOST_WRONG_PINS = 5;

    /** And of one person who tries, on whatever devices. */
    private const MOST_WRONG_PINS_A_DAY = 20;

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

    /** What a PIN does not open: people, keys, other devices. Null where a password was given. */
    public static function refusalOfPin(): ?Response
    {
        return self::here()?->by_pin === true
            ? Response::deny('You switched with a PIN. Sign out and in again with your password for this.')
            : null;
    }

    /** @return Collection<int, self> of everybody, latest seen first */
    public static function allOpen(): Collection
    {
        return self::stillOpen(self::query())->orderByDesc('seen_at')->get();
    }

    /** What is tried here takes nobody's PIN away elsewhere. */
    public function mayTryPin(): bool
    {
        return $this->wrong_pins < self::MOST_WRONG_PINS && $this->wrongPinsOfTheirs() < self::MOST_WRONG_PINS_A_DAY;
    }

    /**
     * Counts a try before it is looked at: two at once are two.
     *
     * @return bool whether it may be looked at
     */
    public function triesPin(): bool
    {
        $this->increment('wrong_pins');
        $this->refresh();

        return $this->wrong_pins <= self::MOST_WRONG_PINS && $this->wrongPinsOfTheirs() <= self::MOST_WRONG_PINS_A_DAY;
    }

    /** Of whoever is signed in here, on all their devices, lately. */
    private function wrongPinsOfTheirs(): int
    {
        $theirs = self::query();
        $theirs->where('person_id', $this->person_id)->where('seen_at', '>', Date::now()->subDay());

        return (int) $theirs->sum('wrong_pins');
    }

    public function pinWasRight(): void
    {
        $this->decrement('wrong_pins');
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
