<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\Models\Photo;
use App\View\Numbers;
use DustyJet\Worksheet\PhotoRecord;
use DustyJet\Worksheet\Worksheet;

/** A photo with its numbered pins, ready to be drawn. */
final readonly class PhotoCard
{
    /** @param  list<array{number: int, x: string, y: string, text: string, entry: string}>  $pins */
    private function __construct(
        public string $id,
        public string $entry,
        public string $href,
        public int $width,
        public int $height,
        public string $caption,
        public string $taken,
        public string $said,
        public float $radius,
        public array $pins,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Job $job, Worksheet $sheet): array
    {
        if ($sheet->photos === []) {
            return [];
        }
        $query = Photo::query();
        $query->whereIn('id', array_keys($sheet->photos))->select(['id', 'width_px', 'height_px']);
        $cards = [];
        foreach ($query->get() as $size) {
            $cards[$size->id] = self::of($job, $sheet->photos[$size->id], $size);
        }
        $newestFirst = array_reverse(array_keys($sheet->photos));

        return array_values(array_filter(array_map(static fn (string $id): ?self => $cards[$id] ?? null, $newestFirst)));
    }

    private static function of(Job $job, PhotoRecord $record, Photo $size): self
    {
        $pins = [];
        foreach ($record->pins as $i => $pin) {
            $pins[] = ['number' => $i + 1, 'x' => Numbers::plain($pin->across * $size->width_px, 1), 'y' => Numbers::plain($pin->down * $size->height_px, 1), 'text' => $pin->text, 'entry' => $pin->entryId];
        }
        $caption = $record->caption ?? 'Photo';
        $said = $caption.($pins === [] ? ', no pins' : ', pins: '.implode(', ', array_map(static fn (array $p): string => "{$p['number']} {$p['text']}", $pins)));

        return new self($record->photo, $record->entryId, route('photos.show', [$job, $record->photo]), $size->width_px, $size->height_px, $caption, "{$record->by}, ".Numbers::clock($record->at), $said, 0.035 * max($size->width_px, $size->height_px), $pins);
    }
}
