<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a rebuild kit for the family usually has, and usually lacks. */
final readonly class Kit
{
    /**
     * @param  list<string>  $has
     * @param  list<string>  $lacks
     */
    public function __construct(public array $has, public array $lacks)
    {
    }
}
