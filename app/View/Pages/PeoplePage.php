<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Person;
use App\Models\SignIn;
use App\View\People\PersonRow;
use Illuminate\Support\Collection;

/** Who works here, for the owner. */
final readonly class PeoplePage
{
    /**
     * @param  list<PersonRow>  $rows
     * @param  list<string>  $roles
     */
    private function __construct(public array $rows, public array $roles)
    {
    }

    /**
     * @param  Collection<int, Person>  $people
     * @param  Collection<int, SignIn>  $signIns
     */
    public static function of(Collection $people, Collection $signIns): self
    {
        return new self(
            array_values($people->map(static fn (Person $p): PersonRow => PersonRow::of($p, $signIns))->all()),
            ['technician', 'apprentice', 'owner'],
        );
    }
}
