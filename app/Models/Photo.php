<?php

declare(strict_types=1);

namespace App\Models;

use App\Photos\Photograph;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * A picture on a job. Its bytes are fetched only when they are shown.
 *
 * @property string $id
 * @property string $job_id
 * @property int $width_px
 * @property int $height_px
 */
final class Photo extends Model
{
    protected $table = 'photos';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /**
     * Keeps a picture once: the same again adds nothing.
     *
     * @throws IdTaken If another was kept under this id.
     */
    public static function keep(string $id, string $jobId, Photograph $picture): void
    {
        $isNew = DB::affectingStatement(
            "insert into photos (id, job_id, width_px, height_px, jpeg) values (?, ?, ?, ?, decode(?, 'base64')) on conflict (id) do nothing",
            [$id, $jobId, $picture->width, $picture->height, base64_encode($picture->jpeg)],
        ) === 1;
        $isNew
            || self::query()->whereKey($id)->whereRaw('md5(jpeg) = ?', [md5($picture->jpeg)])->exists()
            || throw IdTaken::withOther('pixels');
    }

    /**
     * @param  list<string>  $ids
     *
     * @return array<string, self> those that are kept, by id, without their bytes
     */
    public static function sizes(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $query = self::query();
        $query->whereIn('id', $ids)->select(['id', 'width_px', 'height_px']);

        return $query->get()->keyBy(static fn (self $photo): string => $photo->id)->all();
    }

    public function jpeg(): string
    {
        $row = DB::selectOne("select encode(jpeg, 'base64') as base64 from photos where id = ?", [$this->id]);

        return is_object($row) && isset($row->base64) && is_string($row->base64)
            ? (string) base64_decode($row->base64, true)
            : '';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width_px' => 'integer', 'height_px' => 'integer'];
    }
}
