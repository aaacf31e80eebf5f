<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** One thing to do to the machine that may cure it: the cure of one fault, or of many at once. */
final readonly class Repair
{
    public const KIT = 'kit';

    /**
     * @param  string  $id of the fault, or of the repair that cures many
     * @param  list<string>  $cures faults
     * @param  float  $minutes hands-on, without access still closed
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $do,
        public float $minutes,
        public array $cures,
        public bool $opensCarburetor,
        public ?Fault $fault,
    ) {
    }

    public static function of(Fault $fault): self
    {
        $cure = $fault->cure;

        return new self(
            $fault->id,
            $fault->name,
            $cure->do,
            $cure->minutes,
            [$fault->id],
            $cure->opensCarburetor,
            $fault,
        );
    }

    /** @param  list<Fault>  $cured */
    public static function kit(array $cured, Costs $costs): self
    {
        return new self(
            self::KIT,
            'Something inside the carburetor',
            'Strip it, clean everything, fit the kit',
            $costs->rebuildMinutes,
            array_map(static fn (Fault $f): string => $f->id, $cured),
            true,
            null,
        );
    }
}
