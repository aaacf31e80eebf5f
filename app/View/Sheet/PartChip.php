<?php

declare(strict_types=1);

namespace App\View\Sheet;

use DustyJet\Carburetor\Part;

/** A part in the list under the drawing, with what the log says of it and what may be done with it here. */
final readonly class PartChip
{
    /**
     * @param  array{label: string, form: string}|null  $act the form that a press on the part sends
     * @param  string  $joint whether a joint there leaks, is suspect or cleared; empty where none is under test
     * @param  string  $seal open or sealed where it may be closed off for the test in hand, else empty
     */
    public function __construct(
        public string $key,
        public int $number,
        public string $name,
        public string $mark,
        public string $said,
        public string $note,
        public bool $isAsked,
        public bool $isCommon,
        public string $letter,
        public ?array $act,
        public string $joint = '',
        public string $seal = '',
    ) {
    }

    /** Number, name and what is said of it. */
    public function label(): string
    {
        return "{$this->number} {$this->name}".($this->said === '' ? '' : ", {$this->said}");
    }

    /** A part of a family, of which no log says anything. */
    public static function plain(Part $part): self
    {
        return new self($part->key, $part->number, $part->name, '', '', '', false, true, '', null);
    }
}
