<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

/** What a part that comes off or goes in changes besides itself. */
final readonly class Frees
{
    /**
     * @param  list<string>  $adjusters screws that are lost count of when it comes off
     * @param  list<string>  $touches what its coming off or going in disturbs
     * @param  string|null  $opens what a diagnosis may look at once it is off
     */
    public function __construct(public array $adjusters, public array $touches, public ?string $opens)
    {
    }
}
