<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Bank\Bank;
use DustyJet\Instrument\Calibration;
use DustyJet\Instrument\Measurand;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Date;

/**
 * A gauge, vacuum set or tachometer that sends its readings here with a key of its own.
 *
 * @property string $id
 * @property string $name
 * @property Measurand $measurand
 * @property int $channels
 * @property string $key_hash
 * @property float $offset
 * @property float $span
 * @property float $step
 * @property int $last_seq
 * @property float|null $last_t
 * @property bool $stands_in
 * @property int $heard_in the second, since 1970, of its last batch
 * @property int $heard batches in it
 * @property Carbon $made_at
 * @property Carbon|null $revoked_at
 */
final class Instrument extends Model
{
    use HasUuids;

    protected $table = 'instruments';

    public $timestamps = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.uP';

    /** @var array<string, mixed> */
    protected $attributes = [
        'channels' => 1,
        'offset' => 0.0,
        'span' => 1.0,
        'step' => 0.0,
        'last_seq' => 0,
        'stands_in' => false,
        'heard_in' => 0,
        'heard' => 0,
    ];

    protected $hidden = ['key_hash'];

    private const KEY_BYTES = 24;

    private const BATCHES_A_SECOND = 15;

    /** @return array{0: self, 1: string} and its key, which is not kept */
    public static function register(string $name, Measurand $measurand, int $channels): array
    {
        $instrument = new self([
            'name' => $name,
            'measurand' => $measurand,
            'channels' => $channels,
            'made_at' => Date::now(),
        ]);

        return [$instrument, $instrument->giveKey()];
    }

    /**
     * An instrument of the demo that is on no job, made if there is none, with a new key.
     *
     * @return array{0: self, 1: string}
     */
    public static function standIn(Measurand $measurand = Measurand::Pressure): array
    {
        $query = self::query();
        $idle = $query
            ->where('stands_in', true)
            ->where('measurand', $measurand)
            ->whereNull('revoked_at')
            ->whereNotIn('id', LiveRun::query()->whereNull('ended_at')->select('instrument_id'))
            // One that was played fast is ahead of the clock, and what it sends next would lie before what it sent.
            ->whereRaw('coalesce(last_t, 0) < ?', [Date::now()->getPreciseTimestamp(6) / 1e6])
            ->lockForUpdate()
            ->first();
        $instrument = $idle ?? new self([
            'name' => 'Stand-in '.match ($measurand) {
                Measurand::Pressure => 'gauge',
                Measurand::Vacuum => 'vacuum set',
                Measurand::Rpm => 'tachometer',
            },
            'measurand' => $measurand,
            'channels' => $measurand === Measurand::Vacuum ? Bank::MOST : 1,
            'stands_in' => true,
            'made_at' => Date::now(),
        ]);

        return [$instrument, $instrument->giveKey()];
    }

    /** A new key; the one before is worth nothing from now on. */
    private function giveKey(): string
    {
        $key = rtrim(strtr(base64_encode(random_bytes(self::KEY_BYTES)), '+/', '-_'), '=');
        $this->key_hash = hash('sha256', $key);
        $this->save();

        return $key;
    }

    /** Null for a key that is wrong or was revoked: neither learns which. */
    public static function withKey(string $key): ?self
    {
        $query = self::query();

        return $query->where('key_hash', hash('sha256', $key))->whereNull('revoked_at')->first();
    }

    /** @return Collection<int, self> by name, those in use first */
    public static function everyOne(): Collection
    {
        $query = self::query();
        $query->orderByRaw('revoked_at is not null')->orderBy('name')->orderBy('id');

        return $query->get();
    }

    /** @return Collection<int, self> that may be put on a job for this */
    public static function gauges(RunPurpose $purpose = RunPurpose::Hold): Collection
    {
        $query = self::query();
        $query->whereNull('revoked_at')->whereIn('measurand', $purpose->measurands())->orderBy('name');

        return $query->get();
    }

    /** Counts a batch of this second, to be saved; whether there are too many of them. */
    public function isHeardTooOften(int $second): bool
    {
        $this->heard = $this->heard_in === $second ? $this->heard + 1 : 1;
        $this->heard_in = $second;

        return $this->heard > self::BATCHES_A_SECOND;
    }

    public function calibration(): Calibration
    {
        return new Calibration($this->offset, $this->span);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'measurand' => Measurand::class,
            'channels' => 'integer',
            'offset' => 'float',
            'span' => 'float',
            'step' => 'float',
            'last_seq' => 'integer',
            'last_t' => 'float',
            'stands_in' => 'boolean',
            'heard_in' => 'integer',
            'heard' => 'integer',
            'made_at' => 'datetime',
            'revoked_at' => 'datetime',
        ];
    }
}
