<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A form of a family, told by looking. */
final readonly class Variant
{
    /**
     * @param  string|null  $picture name of the small drawing that shows the difference
     * @param  array<string, string>  $carburetors names of a bank's, the top one first; none where it is one alone
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $look,
        public ?string $picture,
        public array $carburetors = [],
    ) {
    }
}
