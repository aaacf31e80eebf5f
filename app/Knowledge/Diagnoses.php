<?php

declare(strict_types=1);

namespace App\Knowledge;

use DustyJet\Diagnosis\Catalogue;
use DustyJet\Diagnosis\Diagnosis;
use DustyJet\Worksheet\Triage;
use Illuminate\Contracts\Cache\Repository;

/** Diagnoses kept by their cases: the same answers under the same knowledge are weighed once. */
final readonly class Diagnoses
{
    private const KEPT_SECONDS = 86400;

    /** @param  string  $knowledge a name that changes with the knowledge */
    public function __construct(private Repository $cache, public Catalogue $catalogue, private string $knowledge)
    {
    }

    public function of(Triage $triage): Diagnosis
    {
        $case = $triage->case();
        $key = 'diagnosis-'.md5($this->knowledge.serialize($case));
        $kept = $this->cache->get($key);
        if ($kept instanceof Diagnosis) {
            return $kept;
        }
        $diagnosis = Diagnosis::of($this->catalogue, $case);
        $this->cache->put($key, $diagnosis, self::KEPT_SECONDS);

        return $diagnosis;
    }
}
