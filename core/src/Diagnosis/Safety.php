<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What must not be done to a machine while what was found on it stands. Rules are data: `forbids` of a finding. */
final readonly class Safety
{
    /** @param  list<Finding>  $dangers */
    private function __construct(public array $dangers)
    {
    }

    /** @param  array<string, Answer>  $answers */
    public static function of(Catalogue $catalogue, array $answers): self
    {
        $dangers = [];
        foreach ($answers as $id => $answer) {
            $finding = $catalogue->findings[$id] ?? null;
            if ($finding !== null && $finding->forbids !== [] && $answer->isThere()) {
                $dangers[] = $finding;
            }
        }

        return new self($dangers);
    }

    /**
     * The finding that stands against it, if any.
     *
     * @param  list<Deed>  $deeds
     */
    public function against(array $deeds): ?Finding
    {
        foreach ($this->dangers as $finding) {
            foreach ($deeds as $deed) {
                if (in_array($deed, $finding->forbids, true)) {
                    return $finding;
                }
            }
        }

        return null;
    }

    /** @param  list<Deed>  $deeds */
    public function allows(array $deeds): bool
    {
        return $this->against($deeds) === null;
    }
}
