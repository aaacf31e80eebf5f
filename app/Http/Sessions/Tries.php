<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use App\Models\Person;
use App\Models\SignIn;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;

/**
 * How fast passwords may be tried. Only what failed counts, and nobody waits longer than a quarter of an hour. A stranger
 * who keeps trying slows the name and the address for other strangers, not for a device where that name signed in before.
 */
final readonly class Tries
{
    private const A_MINUTE = 10;

    /** A shop is behind one address. */
    private const A_MINUTE_FROM_ONE_PLACE = 30;

    private const A_QUARTER_OF_AN_HOUR = 20;

    private const QUARTER = 15;

    /** @return list<Limit> at the door */
    public static function toSignIn(Request $request): array
    {
        $given = $request->input('name');
        $name = mb_strtolower(is_string($given) ? $given : '');
        $device = KnownDevice::of($request);
        $person = Person::query()->whereRaw('lower(name) = ?', [mb_substr($name, 0, 100)])->first();

        return self::ofFailures($device->knows($person) ? self::ofOne("device|{$device->id}|{$name}") : [
            Limit::perMinute(self::A_MINUTE)->by("{$request->ip()}|{$name}"),
            Limit::perMinute(self::A_MINUTE_FROM_ONE_PLACE)->by("from|{$request->ip()}"),
            Limit::perMinutes(self::QUARTER, self::A_QUARTER_OF_AN_HOUR)->by("of|{$name}"),
        ]);
    }

    /** @return list<Limit> where somebody is signed in, and may have left the device alone */
    public static function within(Request $request): array
    {
        $signIn = session(SignIn::KEY);

        return self::ofFailures(self::ofOne('within|'.(is_string($signIn) ? $signIn : $request->ip())));
    }

    /** @return list<Limit> */
    private static function ofOne(string $key): array
    {
        return [
            Limit::perMinute(self::A_MINUTE)->by($key),
            Limit::perMinutes(self::QUARTER, self::A_QUARTER_OF_AN_HOUR)->by("{$key}|quarter"),
        ];
    }

    /**
     * @param  list<Limit>  $limits
     *
     * @return list<Limit>
     */
    private static function ofFailures(array $limits): array
    {
        $before = Person::signedIn()?->id;

        return array_map(
            static fn (Limit $limit): Limit => $limit->after(static fn (): bool => Person::signedIn()?->id === $before),
            $limits,
        );
    }
}
