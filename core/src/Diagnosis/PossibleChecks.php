<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What can be looked at in this state of the machine, and why the rest cannot: never what something found forbids. */
final readonly class PossibleChecks
{
    /** @var list<Check> */
    public array $checks;

    /** @var array<string, string> why not, by check */
    public array $notNow;

    /** @param  array<string, Finding>  $findings of the family */
    private function __construct(
        private Catalogue $catalogue,
        private DiagnosisCase $case,
        private array $findings,
        private Safety $safety,
        private bool $isOpen,
    ) {
        $possible = $notNow = [];
        foreach ($catalogue->checksOf($case->family) as $id => $check) {
            $why = $this->whyNot($check);
            if ($why === null) {
                $possible[] = $check;
            } elseif ($why !== '') {
                $notNow[$id] = $why;
            }
        }
        $this->checks = $possible;
        $this->notNow = $notNow;
    }

    public static function of(Catalogue $catalogue, DiagnosisCase $case): self
    {
        $stops = static fn (string $access): bool => ! $catalogue->access[$access]->engineRuns;

        return new self(
            $catalogue,
            $case,
            $catalogue->findingsOf($case->family),
            Safety::of($catalogue, $case->answers),
            array_filter($case->open, $stops) !== [],
        );
    }

    /** @return list<string> its findings that apply and have not been looked at */
    public function asks(Check $check): array
    {
        return array_values(
            array_filter(
                $check->answers,
                fn (string $f): bool => isset($this->findings[$f]) && $this->answer($f) === Answer::NotLooked,
            ),
        );
    }

    private function answer(string $finding): Answer
    {
        return $this->case->answers[$finding] ?? Answer::NotLooked;
    }

    /** Null when it can be done now, an empty text when it has nothing left to answer. */
    private function whyNot(Check $check): ?string
    {
        if ($this->asks($check) === [] || in_array($check->id, $this->case->checksDone, true)) {
            return '';
        }
        $danger = $this->safety->against($check->needs->does);
        $missing = array_values(array_intersect($check->needs->tools, $this->case->unavailable));

        return match (true) {
            $danger !== null => "Not safe: {$danger->because}.",
            in_array($check->id, $this->case->unavailable, true) => 'Not to be had now.',
            $missing !== [] => "No {$missing[0]} in the shop.",
            default => $this->cannotRun($check) ?? $this->isTooEarly($check),
        };
    }

    private function cannotRun(Check $check): ?string
    {
        return match (true) {
            $check->needs->startsEngine && $this->isOpen => 'The engine is open.',
            ! $check->needs->running => null,
            $this->answer('will_not_start')->isThere() => 'It does not start.',
            $this->answer('spark_poor') === Answer::Strong => 'There is no spark.',
            default => null,
        };
    }

    private function isTooEarly(Check $check): ?string
    {
        return $check->onlyAfter === null || $this->answer($check->onlyAfter)->isThere()
            ? null
            : "Only when {$this->catalogue->findings[$check->onlyAfter]->because}.";
    }
}
