<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** What one variant of a family consists of, what must come off before what, and what must go in before what. */
final readonly class StripPlan
{
    /** @var array<string, array<string, string>> */
    private array $before;

    /**
     * @param  array<string, TrayPart>  $parts
     * @param  list<BuildRule>  $rules
     */
    public function __construct(
        public string $family,
        public string $variant,
        public string $name,
        public array $parts,
        public array $rules,
        public string $provenance,
    ) {
        $this->before = array_map($this->beforePart(...), $parts);
    }

    /**
     * What may come off now.
     *
     * @param  list<string>  $off
     *
     * @return list<TrayPart>
     */
    public function ready(array $off): array
    {
        return array_values(
            array_filter(
                $this->parts,
                static fn (TrayPart $p): bool => ! in_array($p->key, $off, true) && array_diff($p->after, $off) === [],
            ),
        );
    }

    /**
     * One order of strip that keeps the rules, as the file lists the parts.
     *
     * @return list<TrayPart>
     *
     * @throws GoesRound If no order can.
     */
    public function stripOrder(): array
    {
        $off = [];
        $order = [];
        while (count($order) < count($this->parts)) {
            $next
                = $this->ready($off)[0]
                ?? throw GoesRound::among(array_values(array_diff(array_keys($this->parts), $off)));
            $off[] = $next->key;
            $order[] = $next;
        }

        return $order;
    }

    /** @return array<string, string> why by the rules a part goes in before others; by each of those */
    public function goesBefore(string $key): array
    {
        $first = array_filter($this->rules, static fn (BuildRule $r): bool => $r->first === $key);

        return array_column($first, 'why', 'then');
    }

    /**
     * What must be in before a part goes in, each with its reason.
     *
     * @return array<string, string> reason by part
     */
    public function before(string $key): array
    {
        return $this->before[$key] ?? [];
    }

    /** @return array<string, string> */
    private function beforePart(TrayPart $then): array
    {
        $before = [];
        foreach ($this->parts as $part) {
            if (in_array($then->key, $part->after, true) && ! $part->isTask && ! ($part->isStacked && $then->isStacked)) {
                $before[$part->key] = "{$then->name} came off before it";
            }
        }
        foreach ($this->rules as $rule) {
            if ($rule->then === $then->key) {
                $before[$rule->first] = $rule->why;
            }
        }

        return $before;
    }
}
