<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Http\Request as HttpRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Request;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Throwable;

/**
 * Who came in, who was refused, who changed what others may do. The database refuses to change or delete it.
 *
 * @property int $id
 * @property Carbon $at
 * @property SecurityEventKind $kind
 * @property int|null $person_id
 * @property Person|null $person
 * @property string $about whom or what, in words; never what somebody typed as a password
 * @property string $address of the device
 */
final class SecurityEvent extends Model
{
    public const A_PAGE = 50;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public static function note(SecurityEventKind $kind, ?Person $by, string $about = ''): void
    {
        self::query()->create([
            'at' => Date::now(),
            'kind' => $kind,
            'person_id' => $by?->id,
            'about' => mb_substr($about, 0, 200),
            'address' => (string) Request::ip(),
        ]);
    }

    /** Somebody was told no. Of one place and kind once a minute: who tries a thousand times writes no thousand lines. */
    public static function noteRefusal(Throwable $refusal, HttpRequest $request): null
    {
        $kind = $refusal instanceof AccessDeniedHttpException ? SecurityEventKind::NotAllowed : SecurityEventKind::TooManyTries;
        $about = $request->method().' '.$request->path();
        RateLimiter::attempt(
            "noted|{$kind->value}|{$request->ip()}|{$about}",
            1,
            static fn () => self::note($kind, Person::signedIn(), $about),
        );

        return null;
    }

    /** @return Collection<int, self> newest first, those older than one of them */
    public static function before(?int $id): Collection
    {
        $query = self::query();
        $id === null || $query->where('id', '<', $id);

        return $query->with('person')->orderByDesc('id')->limit(self::A_PAGE)->get();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'kind' => SecurityEventKind::class];
    }
}
