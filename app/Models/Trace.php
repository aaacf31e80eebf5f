<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FloatArray;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\Quantity\PressureUnit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The readings of one hold test, as they were taken.
 *
 * @property string $id
 * @property string $job_id
 * @property PressureUnit $unit
 * @property bool $is_vacuum
 * @property float $step
 * @property list<float> $seconds
 * @property list<float> $readings in the unit, vacuum as a magnitude
 */
final class Trace extends Model
{
    protected $table = 'traces';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** As the core reads it: from the row, not the model, because every look at a bench reads it. */
    public static function read(string $id): ?PressureTrace
    {
        $row = DB::table('traces')->where('id', $id)->first(['unit', 'is_vacuum', 'step', 'seconds', 'readings']);
        if ($row === null) {
            return null;
        }
        /** @var stdClass&object{unit: string, is_vacuum: bool, step: float, seconds: string, readings: string} $row */
        $readings = array_map(
            static fn (float $s, float $r): array => [$s, $r],
            FloatArray::numbers($row->seconds),
            FloatArray::numbers($row->readings),
        );

        return PressureTrace::of($readings, PressureUnit::from($row->unit), $row->is_vacuum, (float) $row->step);
    }

    /**
     * Keeps readings once.
     *
     * @throws IdTaken If others were kept under this id.
     */
    public static function keep(string $id, string $jobId, PressureTrace $trace): void
    {
        $columns = self::columns($trace);
        $known = self::query()->find($id);
        if ($known === null) {
            self::query()->create([...$columns, 'id' => $id, 'job_id' => $jobId]);

            return;
        }
        $known->only(array_keys($columns)) === $columns || throw IdTaken::withOther('readings');
    }

    /** @return array<string, mixed> columns of a trace */
    public static function columns(PressureTrace $trace): array
    {
        $factor = $trace->unit->pascals() / 1000.0;

        return [
            'unit' => $trace->unit,
            'is_vacuum' => $trace->isVacuum,
            'step' => (float) sprintf('%.9g', $trace->stepKilopascals / $factor),
            'seconds' => $trace->seconds,
            'readings' => array_map(
                static fn (float $k): float => (float) sprintf('%.9g', $k / $factor),
                $trace->kilopascals,
            ),
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'unit' => PressureUnit::class,
            'is_vacuum' => 'boolean',
            'step' => 'float',
            'seconds' => FloatArray::class,
            'readings' => FloatArray::class,
        ];
    }
}
