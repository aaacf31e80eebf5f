<?php

declare(strict_types=1);

namespace App\Http\Sessions;

use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie as Cookies;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * A device where somebody gave the right password once: it is let past what slows strangers, and is slowed by itself. As
 * OWASP's device cookies, but for several people, because a bench has one device for all. The cookie is sealed with the
 * key of the shop; it signs nobody in.
 *
 * https://owasp.org/www-community/Slow_Down_Online_Guessing_Attacks_with_Device_Cookies
 */
final readonly class KnownDevice
{
    public const COOKIE = 'dj_device';

    private const MINUTES = 365 * 24 * 60;

    private const MOST_PEOPLE = 12;

    /** @param  list<int>  $people who signed in on it, latest last */
    private function __construct(public string $id, private array $people)
    {
    }

    /** What the cookie says; a device that nobody knows where it says nothing. */
    public static function of(Request $request): self
    {
        $text = $request->cookie(self::COOKIE);
        $said = is_string($text) ? json_decode($text, true) : null;
        $id = is_array($said) ? $said['id'] ?? null : null;
        $people = is_array($said) && is_array($said['people'] ?? null) ? array_filter($said['people'], is_int(...)) : [];

        return is_string($id) ? new self($id, array_values($people)) : new self('', []);
    }

    public function knows(?Person $person): bool
    {
        return $person !== null && in_array($person->id, $this->people, true);
    }

    /** From now on it knows them too. */
    public function cookieWith(Person $person): Cookie
    {
        $people = [...array_diff($this->people, [$person->id]), $person->id];
        $said = [
            'id' => $this->id === '' ? bin2hex(random_bytes(16)) : $this->id,
            'people' => array_slice($people, -self::MOST_PEOPLE),
        ];

        return Cookies::make(self::COOKIE, json_encode($said, JSON_THROW_ON_ERROR), self::MINUTES);
    }
}
