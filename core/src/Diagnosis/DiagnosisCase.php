<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** One machine's case: family, facts, what was answered, what is done, open or not to be had. */
final readonly class DiagnosisCase
{
    /**
     * @param  array<string, Answer>  $answers in the order they were given
     * @param  list<string>  $checksDone
     * @param  list<string>  $open access gained
     * @param  list<string>  $repaired faults
     * @param  list<string>  $unavailable checks and tools
     */
    private function __construct(
        public CarburetorKind $family,
        public Facts $facts,
        public array $answers,
        public array $checksDone,
        public array $open,
        public array $repaired,
        public array $unavailable,
    ) {
    }

    /**
     * @param  array<string, Answer>  $answers
     * @param  list<string>  $done checks, access and faults repaired, by name
     * @param  list<string>  $unavailable checks and tools
     *
     * @throws UnusableCase If a name is unknown, does not apply to the family or an answer does not fit its finding.
     */
    public static function of(
        Catalogue $catalogue,
        string $family,
        Facts $facts,
        array $answers,
        array $done = [],
        array $unavailable = [],
    ): self {
        $kind = $catalogue->family($family);
        $here = $catalogue->findingsOf($kind);
        foreach ($answers as $id => $answer) {
            $finding = $catalogue->findings[$id] ?? throw UnusableCase::unknown('finding', $id);
            isset($here[$id]) || throw UnusableCase::notHere('finding', $id, $kind->id);
            if (! $finding->isGraded() && ($answer === Answer::Some || $answer === Answer::Strong)) {
                throw UnusableCase::answer($id, 'yes, no, not_looked or cannot_tell');
            }
        }
        $checks = $open = $repaired = [];
        foreach ($done as $name) {
            match (true) {
                isset($catalogue->checks[$name]) => ($checks[] = $name),
                isset($catalogue->access[$name]) => ($open[] = $name),
                isset($catalogue->faults[$name]) => ($repaired[] = $name),
                default => throw UnusableCase::unknown('check, access or fault', $name),
            };
        }
        $tools = array_merge(...array_values(array_map(static fn (Check $c): array => $c->needs->tools, $catalogue->checks)));
        foreach ($unavailable as $name) {
            isset($catalogue->checks[$name])
                || in_array($name, $tools, true)
                || throw UnusableCase::unknown('check or tool', $name);
        }

        return new self($kind, $facts, $answers, $checks, $open, $repaired, $unavailable);
    }

    /**
     * @throws UnusableCase If the text is no case.
     */
    public static function parse(Catalogue $catalogue, string $json): self
    {
        $given = json_decode($json, true, 16);
        if (! is_array($given) || ! is_string($given['family'] ?? null)) {
            throw UnusableCase::unreadable();
        }
        foreach (array_keys($given) as $name) {
            in_array($name, ['family', 'facts', 'findings', 'done', 'unavailable'], true)
                || throw UnusableCase::unknown('field', (string) $name);
        }
        $facts = $given['facts'] ?? [];
        $findings = $given['findings'] ?? [];
        (is_array($facts) && is_array($findings)) || throw UnusableCase::unreadable();
        $answers = [];
        foreach ($findings as $id => $value) {
            isset($catalogue->findings[$id]) || throw UnusableCase::unknown('finding', (string) $id);
            $answers[(string) $id]
                = (is_string($value) ? Answer::tryFrom($value) : null)
                ?? throw UnusableCase::answer((string) $id, 'yes, no, some, strong, not_looked or cannot_tell');
        }

        return self::of(
            $catalogue,
            $given['family'],
            Facts::of($facts),
            $answers,
            self::names($given, 'done'),
            self::names($given, 'unavailable'),
        );
    }

    /**
     * The same case with one answer more.
     */
    public function answered(string $finding, Answer $answer): self
    {
        return new self(
            $this->family,
            $this->facts,
            [...$this->answers, $finding => $answer],
            $this->checksDone,
            $this->open,
            $this->repaired,
            $this->unavailable,
        );
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @return list<string>
     */
    private static function names(array $given, string $key): array
    {
        $names = $given[$key] ?? [];
        if (! is_array($names) || array_filter($names, is_string(...)) !== $names) {
            throw UnusableCase::list($key);
        }

        return array_values($names);
    }
}
