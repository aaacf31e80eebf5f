<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Fault;
use DustyJet\Diagnosis\FaultHere;
use DustyJet\Diagnosis\Finding;
use DustyJet\Diagnosis\Season;

/**
 * What the knowledge of a diagnosis must keep: names that meet, numbers that can be, faults that something can confirm,
 * findings that something explains.
 */
final readonly class CatalogueRules
{
    private const LEAST_LEAK = 0.005;

    /** A finding confirms a fault when the fault brings it at least this often. */
    private const CONFIRMS_FROM = 0.7;

    private function __construct(private Catalogue $catalogue)
    {
    }

    /** @throws UnusableKnowledge */
    public static function check(Catalogue $catalogue): void
    {
        $rules = new self($catalogue);
        foreach ($catalogue->findings as $id => $finding) {
            $rules->finding($finding, $id);
        }
        foreach ($catalogue->faults as $id => $fault) {
            $rules->fault($fault, $id);
        }
        $rules->checks();
        $rules->flows();
        foreach ($catalogue->families as $family) {
            $rules->family($family);
        }
    }

    private function finding(Finding $finding, string $id): void
    {
        $at = "findings.{$id}";
        $levels = max(1, count($finding->levels));
        $levels <= 2 || throw UnusableKnowledge::impossible("{$at}.levels", 'a graded finding has two levels');
        count($finding->leak) === $levels
            || throw UnusableKnowledge::impossible("{$at}.leak", "it needs {$levels} numbers");
        $last = 1.0;
        foreach ($finding->leak as $leak) {
            ($leak >= self::LEAST_LEAK && $leak < $last + ($last === 1.0 ? 0.0 : 1e-9))
                || throw UnusableKnowledge::impossible("{$at}.leak", 'a leak is at least 0.005 and falls with the level');
            $last = $leak;
        }
        in_array($finding->group, ['complaint', 'history', 'sense', 'measurement', 'test'], true)
            || throw UnusableKnowledge::dangling("{$at}.group", $finding->group);
        ($finding->danger === null) === ($finding->forbids === [])
            || throw UnusableKnowledge::impossible($at, 'what forbids says its danger, and the other way round');
        $finding->danger === null
            || isset($this->catalogue->cautions[$finding->danger])
            || throw UnusableKnowledge::dangling("{$at}.danger", $finding->danger);
        foreach ($this->catalogue->faults as $fault) {
            $shows = $fault->shows;
            foreach ($fault->here as $here) {
                $shows += $here->shows;
            }
            if (isset($shows[$id])) {
                return;
            }
        }

        throw UnusableKnowledge::impossible($at, 'no fault explains it');
    }

    private function fault(Fault $fault, string $id): void
    {
        $at = "faults.{$id}";
        ($fault->chance > 0.0 && $fault->chance <= 0.5)
            || throw UnusableKnowledge::impossible("{$at}.prior.chance", 'it lies above 0 and at most at 0.5');
        $fault->cure->minutes > 0.0 || throw UnusableKnowledge::impossible("{$at}.cure.minutes", 'a cure takes time');
        $fault->cure->partsCents >= 0 || throw UnusableKnowledge::impossible("{$at}.cure.cents", 'parts do not pay');
        foreach ($fault->rises as $fact => $factors) {
            in_array($fact, ['fuel_age_days', 'stored_days', 'season'], true)
                || throw UnusableKnowledge::dangling("{$at}.prior.rises", $fact);
            foreach ($fact === 'season' ? array_keys($factors) : [] as $season) {
                Season::tryFrom((string) $season)
                    ?? throw UnusableKnowledge::dangling("{$at}.prior.rises.season", (string) $season);
            }
            array_filter($factors, static fn (float $f): bool => $f <= 0.0) === []
                || throw UnusableKnowledge::impossible("{$at}.prior.rises.{$fact}", 'a factor is above 0');
        }
        foreach ($fault->cure->access as $access) {
            isset($this->catalogue->access[$access]) || throw UnusableKnowledge::dangling("{$at}.cure.access", $access);
        }
        $fault->flow === null
            || isset($this->catalogue->flows[$fault->flow])
            || throw UnusableKnowledge::dangling("{$at}.flow", $fault->flow);
        foreach ($fault->shows as $finding => $strengths) {
            $this->strengths("{$at}.shows.{$finding}", $finding, $strengths);
        }
        foreach ($fault->here as $where => $here) {
            $this->here("{$at}.in.{$where}", $where, $here);
        }
    }

    private function here(string $at, string $where, FaultHere $here): void
    {
        $among = static fn (CarburetorKind $f): bool => $f->isAmong([$where]);
        array_filter($this->catalogue->families, $among) !== [] || throw UnusableKnowledge::dangling($at, $where);
        foreach ($here->shows as $finding => $strengths) {
            $this->strengths("{$at}.shows.{$finding}", $finding, $strengths);
        }
        foreach ($here->cure->access ?? [] as $access) {
            isset($this->catalogue->access[$access]) || throw UnusableKnowledge::dangling("{$at}.access", $access);
        }
    }

    /** @param  list<float>  $strengths */
    private function strengths(string $at, string $finding, array $strengths): void
    {
        $known = $this->catalogue->findings[$finding] ?? throw UnusableKnowledge::dangling($at, $finding);
        count($strengths) === count($known->leak)
            || throw UnusableKnowledge::impossible($at, 'it needs '.count($known->leak).' numbers');
        $last = 1.0;
        foreach ($strengths as $strength) {
            ($strength > 0.0 && $strength < $last)
                || throw UnusableKnowledge::impossible($at, 'a strength lies between 0 and 1 and falls with the level');
            $last = $strength;
        }
    }

    private function checks(): void
    {
        foreach ($this->catalogue->checks as $id => $check) {
            $at = "checks.{$id}";
            ($check->minutes > 0.0 && $check->risk->minutes >= 0.0)
                || throw UnusableKnowledge::impossible("{$at}.minutes", 'a check takes time');
            count($check->answers) <= 2
                || throw UnusableKnowledge::impossible("{$at}.answers", 'a check answers one or two findings');
            foreach (
                [...$check->answers, ...$check->onlyAfter === null ? [] : [$check->onlyAfter]] as $finding
            ) {
                isset($this->catalogue->findings[$finding]) || throw UnusableKnowledge::dangling($at, $finding);
            }
            foreach ($check->needs->access as $access) {
                isset($this->catalogue->access[$access]) || throw UnusableKnowledge::dangling("{$at}.access", $access);
            }
            $check->risk->caution === null
                || isset($this->catalogue->cautions[$check->risk->caution])
                || throw UnusableKnowledge::dangling("{$at}.caution", $check->risk->caution);
        }
    }

    private function flows(): void
    {
        foreach ($this->catalogue->flows as $id => $flow) {
            foreach ($flow->steps as $key => $step) {
                $at = "flows.{$id}.steps.{$key}";
                foreach (array_filter([$step->then, $step->otherwise], is_string(...)) as $next) {
                    isset($flow->steps[$next]) || throw UnusableKnowledge::dangling($at, $next);
                }
                $step->ask === null
                    || isset($this->catalogue->findings[$step->ask])
                    || throw UnusableKnowledge::dangling("{$at}.ask", $step->ask);
                $step->caution === null
                    || isset($this->catalogue->cautions[$step->caution])
                    || throw UnusableKnowledge::dangling("{$at}.caution", $step->caution);
                $step->ask !== null || $step->do !== '' || throw UnusableKnowledge::missing("{$at}.do");
            }
        }
    }

    private function family(CarburetorKind $family): void
    {
        $findings = $this->catalogue->findingsOf($family);
        $answered = [];
        foreach ($this->catalogue->checksOf($family) as $check) {
            $answered += array_flip($check->answers);
        }
        foreach ($findings as $id => $finding) {
            $finding->isComplaint()
                || isset($answered[$id])
                || throw UnusableKnowledge::impossible("findings.{$id}", "no check of {$family->id} answers it");
        }
        foreach ($this->catalogue->faultsOf($family) as $fault) {
            $this->isConfirmed($fault, array_intersect_key($findings, $answered))
                || throw UnusableKnowledge::impossible("faults.{$fault->id}", "no check of {$family->id} can confirm it");
        }
    }

    /** @param  array<string, Finding>  $answered */
    private function isConfirmed(Fault $fault, array $answered): bool
    {
        foreach ($fault->shows as $id => $strengths) {
            if (isset($answered[$id]) && $strengths[0] >= self::CONFIRMS_FROM) {
                return true;
            }
        }

        return false;
    }
}
