<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A test besides the hold test, looked at and logged. */
final readonly class BenchTest
{
    /** In place of an inspection's name. */
    public const EVERY_PASSAGE = 'passage_*';

    /**
     * @param  string|null  $fails the finding that a failure says is there
     * @param  list<string>  $answers inspections that ask for the same look, or EVERY_PASSAGE
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $do,
        public string $good,
        public Need $needs,
        public ?string $fails,
        public array $answers = [],
    ) {
    }

    /**
     * What it answers of these.
     *
     * @param  array<string, Inspection>  $inspections
     *
     * @return array<string, Inspection>
     */
    public function answered(array $inspections): array
    {
        return array_filter($inspections, $this->answers(...));
    }

    public function answers(Inspection $inspection): bool
    {
        return in_array($inspection->isPassage() ? self::EVERY_PASSAGE : $inspection->key, $this->answers, true);
    }
}
