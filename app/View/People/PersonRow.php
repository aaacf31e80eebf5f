<?php

declare(strict_types=1);

namespace App\View\People;

use App\Models\Person;
use App\Models\Role;
use App\Models\SignIn;
use Illuminate\Support\Collection;

/** Somebody who works here, or did. */
final readonly class PersonRow
{
    /**
     * @param  list<array{value: string, selected: bool}>  $roles
     * @param  list<SignInRow>  $signIns
     */
    private function __construct(
        public int $id,
        public string $name,
        public string $about,
        public bool $isRetired,
        public array $roles,
        public array $signIns,
    ) {
    }

    /** @param  Collection<int, SignIn>  $signIns those of everybody */
    public static function of(Person $person, Collection $signIns): self
    {
        $left = $person->retired_at === null ? '' : ', left '.$person->retired_at->format('j M Y');
        $pin = $person->pin === null ? '' : ', has a PIN';
        $own = $signIns->where('person_id', $person->id);

        return new self(
            $person->id,
            $person->name,
            ucfirst($person->role->value).$pin.$left,
            $person->retired_at !== null,
            array_map(
                static fn (Role $r): array => ['value' => $r->value, 'selected' => $r === $person->role],
                Role::cases(),
            ),
            array_values($own->map(static fn (SignIn $s): SignInRow => SignInRow::of($s))->all()),
        );
    }
}
