<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Photos;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\TypedAs;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Worksheet;

/** A numbered mark was put on a photo. */
final readonly class PhotoPinned implements Act
{
    private function __construct(
        private string $photo,
        private float $across,
        private float $down,
        public string $text,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::uuid('photo'),
            Field::number('across', 0, 100)->typedAs(TypedAs::Percent),
            Field::number('down', 0, 100)->typedAs(TypedAs::Percent),
            Field::text('text', most: 120),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self(
            $payload->text('photo'),
            $payload->number('across'),
            $payload->number('down'),
            $payload->text('text'),
        );
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        isset($sheet->of(Photos::class)->all[$this->photo])
            || throw UnreadableEntry::unknownName('photo', $this->photo);
        foreach ([$this->across, $this->down] as $share) {
            $share === self::onThePhoto($share) || throw NotAllowedNow::offThePhoto();
        }
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $photos = $bench->of(Photos::class);
        $photo = $photos->all[$this->photo] ?? null;
        $pin = new Pin($entry->id, self::onThePhoto($this->across), self::onThePhoto($this->down), $this->text);

        return $photo === null ? $bench : $bench->with($photos->with($photo->pinned($pin)));
    }

    private static function onThePhoto(float $share): float
    {
        return max(0.0, min(1.0, $share));
    }
}
