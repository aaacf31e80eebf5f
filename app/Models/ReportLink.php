<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;

/**
 * An address at which a customer reads the report of their machine without signing in. Nobody guesses it, it expires, and it
 * can be taken back.
 *
 * @property string $id
 * @property string $job_id
 * @property string $token_hash
 * @property string $token encrypted in the database, so that it can be printed again
 * @property Carbon $made_at
 * @property Carbon $expires_at
 * @property Carbon|null $revoked_at
 * @property Job $job
 */
final class ReportLink extends Model
{
    use HasUuids;

    public const DAYS = 90;

    /** 192 bits. */
    private const TOKEN_BYTES = 24;

    protected $table = 'report_links';

    public $timestamps = false;

    protected $guarded = [];

    protected $hidden = ['token', 'token_hash'];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** The one a job has, or a new one. */
    public static function for(Job $job, Person $by): self
    {
        $token = strtr(base64_encode(random_bytes(self::TOKEN_BYTES)), '+/', '-_');

        return self::liveOf($job) ?? self::query()->create([
            'job_id' => $job->id,
            'token' => $token,
            'token_hash' => hash('sha256', $token),
            'made_by' => $by->id,
            'made_at' => Date::now(),
            'expires_at' => Date::now()->addDays(self::DAYS),
        ]);
    }

    public static function liveOf(Job $job): ?self
    {
        return self::live()->where('job_id', $job->id)->orderByDesc('made_at')->first();
    }

    public static function opening(string $token): ?self
    {
        return self::live()->where('token_hash', hash('sha256', $token))->first();
    }

    /** @return Builder<self> */
    private static function live(): Builder
    {
        return self::query()->whereNull('revoked_at')->where('expires_at', '>', Date::now());
    }

    public function isLive(): bool
    {
        return $this->revoked_at === null && $this->expires_at->isFuture();
    }

    public function revoke(): void
    {
        $this->update(['revoked_at' => $this->revoked_at ?? Date::now()]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'token' => 'encrypted', 'made_at' => 'datetime', 'expires_at' => 'datetime', 'revoked_at' => 'datetime',
        ];
    }
}
