<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Photos;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\KeepsBeside;
use DustyJet\Worksheet\Worksheet;

/** A photo was taken. The picture is kept beside the log. */
final readonly class PhotoTaken implements KeepsBeside
{
    private function __construct(public string $photo, private string $station, public ?string $caption)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(
            Field::uuid('photo')->made(),
            Field::text('station')->made(),
            Field::text('caption', most: 200)->optional()->made(),
        );
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('photo'), $payload->text('station'), $payload->textOrNull('caption'));
    }

    public function kept(): string
    {
        return 'photo';
    }

    public function keptId(): string
    {
        return $this->photo;
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        Station::tryFrom($this->station) ?? throw UnreadableEntry::unknownName('station', $this->station);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $photo = PhotoRecord::in($entry, $this->photo, $this->station, $this->caption);

        return $bench->with($bench->of(Photos::class)->with($photo));
    }
}
