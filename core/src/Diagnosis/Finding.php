<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** Something that can be told, sensed, measured or tested: there or not, or graded in two levels. */
final readonly class Finding
{
    /**
     * @param  string  $group complaint, sense, measurement or test
     * @param  string  $ask the question as it is put
     * @param  string  $because the same as half a sentence, for reasons
     * @param  list<string>  $levels words of the graded levels, or empty for yes and no
     * @param  non-empty-list<float>  $leak chance that each level or more is there for no fault of the list
     * @param  string|null  $part of the cutaway it is seen at
     * @param  list<Deed>  $forbids what is not done while it is there
     * @param  string|null  $danger caution that says why, by name
     */
    public function __construct(
        public string $id,
        public string $group,
        public string $ask,
        public string $because,
        public array $levels,
        public array $leak,
        public ?string $part,
        public string $provenance,
        public array $forbids = [],
        public ?string $danger = null,
    ) {
    }

    public function isComplaint(): bool
    {
        return $this->group === 'complaint';
    }

    public function isGraded(): bool
    {
        return $this->levels !== [];
    }

    /** @return list<Answer> every answer that can come out of looking */
    public function outcomes(): array
    {
        return $this->isGraded() ? [Answer::No, Answer::Some, Answer::Strong] : [Answer::No, Answer::Yes];
    }

    /** The answer in the finding's own words. */
    public function word(Answer $answer): string
    {
        return match ($answer) {
            Answer::Some => $this->levels[0] ?? 'yes',
            Answer::Strong => $this->levels[1] ?? 'yes',
            Answer::NotLooked => 'not looked',
            Answer::CannotTell => 'cannot tell',
            default => $answer->value,
        };
    }

    /** What it is in a reason, with how much of it where it is graded. */
    public function graded(Answer $answer): string
    {
        return $this->because.($this->isGraded() ? ", {$this->word($answer)}" : '');
    }
}
