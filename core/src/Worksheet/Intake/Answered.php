<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Intake;

use DustyJet\BenchLog\UnreadableEntry;
use DustyJet\Diagnosis\Answer;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;

/** A word said to a finding; a newer program may have said one that is not known here. */
final readonly class Answered
{
    public ?Answer $answer;

    public function __construct(public string $finding, public string $word)
    {
        $this->answer = Answer::tryFrom($word);
    }

    /** @throws UnreadableEntry If the finding is not of this kind, or takes no such answer. */
    public function refuseUnlessKnown(Catalogue $catalogue, CarburetorKind $kind): void
    {
        $known = $catalogue->findingsOf($kind)[$this->finding] ?? null;
        $known ?? throw UnreadableEntry::unknownName('finding', $this->finding);
        $isGraded = in_array($this->answer, [Answer::Some, Answer::Strong], true);
        $fits = $this->answer !== null && ($known->isGraded() || ! $isGraded);
        $fits || throw UnreadableEntry::unknownName('answer', $this->word);
    }
}
