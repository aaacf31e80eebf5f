<?php

declare(strict_types=1);

namespace App\Knowledge;

use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\LeakIsolation\Isolation;
use DustyJet\Worksheet\LeakMap\LeakMap;
use DustyJet\Worksheet\Triage;
use DustyJet\Worksheet\Worksheet;
use Illuminate\Contracts\Cache\Repository;

/** Diagnoses kept by their cases: the same answers under the same knowledge are weighed once. */
final readonly class Diagnoses
{
    private const KEPT_SECONDS = 86400;

    public function __construct(private Repository $cache, private Catalogues $catalogues)
    {
    }

    /** What concerns the family of a job. */
    public function catalogue(Worksheet $sheet): Catalogue
    {
        return $this->catalogues->of($sheet->family->id);
    }

    public function of(Triage $triage): Diagnosis
    {
        $case = $triage->case();

        return $this->kept(
            'diagnosis-'.md5($this->catalogues->name.serialize($case)),
            Diagnosis::class,
            fn (): Diagnosis => Diagnosis::of($this->catalogues->of($triage->kind()->id), $case),
        );
    }

    /** Which joint leaks; null where nothing is to be told apart. */
    public function leaks(Worksheet $sheet): ?Isolation
    {
        $case = LeakMap::asked($sheet);

        return $case === null ? null : $this->kept(
            'leaks-'.md5($this->catalogues->name.serialize($case)),
            Isolation::class,
            static fn (): Isolation => Isolation::of($case),
        );
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  callable(): T  $reckon
     *
     * @return T
     */
    private function kept(string $key, string $class, callable $reckon): object
    {
        $kept = $this->cache->get($key);
        if ($kept instanceof $class) {
            return $kept;
        }
        $reckoned = $reckon();
        $this->cache->put($key, $reckoned, self::KEPT_SECONDS);

        return $reckoned;
    }
}
