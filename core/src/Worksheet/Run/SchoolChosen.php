<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Run;

use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Field;
use DustyJet\BenchLog\Payload;
use DustyJet\BenchLog\Shape;
use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Mixture\School;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\Bench;
use DustyJet\Worksheet\NotAllowedNow;
use DustyJet\Worksheet\Screws\Screws;
use DustyJet\Worksheet\Worksheet;

/** By which school a screw is set. */
final readonly class SchoolChosen implements Act
{
    private function __construct(public string $adjuster, public string $name)
    {
    }

    public static function shape(): Shape
    {
        return Shape::of(Field::text('adjuster', most: 40), Field::text('school', most: 20));
    }

    public static function of(Payload $payload): self
    {
        return new self($payload->text('adjuster'), $payload->text('school'));
    }

    public function refuseUnlessMeantFor(Worksheet $sheet, ?string $corrects): void
    {
        $screw = $sheet->of(Screws::class)->named($this->adjuster)->adjuster;
        $school = School::named($this->name) ?? throw UnreadableEntry::unknownName('school', $this->name);
        in_array($school, $screw->book->school->choices(), true) || throw NotAllowedNow::notThatSchool($screw->name);
    }

    public function on(Bench $bench, Entry $entry): Bench
    {
        $screws = $bench->of(Screws::class);
        $state = $screws->all[$this->adjuster] ?? null;
        $school = School::named($this->name);

        return $state === null || $school === null ? $bench : $bench->with($screws->with($state->taught($school)));
    }
}
