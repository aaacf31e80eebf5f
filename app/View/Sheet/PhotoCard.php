<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\Models\Job;
use App\Models\Photo;
use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Worksheet\Photos\PhotoRecord;
use DustyJet\Worksheet\Photos\Photos;

/** A photo with its numbered pins, ready to be drawn. */
final readonly class PhotoCard
{
    /** Of the longer side. */
    private const PIN_RADIUS = 0.035;

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

    /** @return list<self> newest first; those the station shows */
    public static function all(SheetView $view): array
    {
        $cards = [];
        foreach (array_reverse($view->sheet->of(Photos::class)->all) as $id => $record) {
            $size = $view->records->photos[$id] ?? null;
            $cards = $size === null ? $cards : [...$cards, self::of($view->job, $record, $size)];
        }

        return $cards;
    }

    private static function of(Job $job, PhotoRecord $record, Photo $size): self
    {
        $pins = self::pins($record, $size);
        $caption = $record->caption ?? 'Photo';
        $said = implode(', ', array_map(static fn (array $p): string => "{$p['number']} {$p['text']}", $pins));

        return new self(
            id: $record->photo,
            entry: $record->entryId,
            href: route('photos.show', [$job, $record->photo]),
            width: $size->width_px,
            height: $size->height_px,
            caption: $caption,
            taken: "{$record->by}, ".Numbers::clock($record->at),
            said: $caption.($pins === [] ? ', no pins' : ", pins: {$said}"),
            radius: self::PIN_RADIUS * max($size->width_px, $size->height_px),
            pins: $pins,
        );
    }

    /** @return list<array{number: int, x: string, y: string, text: string, entry: string}> */
    private static function pins(PhotoRecord $record, Photo $size): array
    {
        $pins = [];
        foreach ($record->pins as $i => $pin) {
            $pins[] = [
                'number' => $i + 1,
                'x' => Numbers::plain($pin->across * $size->width_px, 1),
                'y' => Numbers::plain($pin->down * $size->height_px, 1),
                'text' => $pin->text,
                'entry' => $pin->entryId,
            ];
        }

        return $pins;
    }
}
