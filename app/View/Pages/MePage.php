<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Person;
use App\Models\SignIn;
use App\View\People\SignInRow;
use Illuminate\Support\Collection;

/** Oneself and this device. */
final readonly class MePage
{
    /**
     * @param  list<array{id: int, name: string}>  $others who may switch to themselves here
     * @param  list<SignInRow>  $signIns
     */
    private function __construct(
        public string $name,
        public string $role,
        public bool $hasPin,
        public array $others,
        public array $signIns,
    ) {
    }

    /**
     * @param  Collection<int, Person>  $withPin
     * @param  Collection<int, SignIn>  $signIns
     */
    public static function of(Person $me, Collection $withPin, Collection $signIns, ?SignIn $here): self
    {
        $others = $withPin->reject(static fn (Person $p): bool => $p->is($me));

        return new self(
            $me->name,
            $me->role->value,
            $me->pin !== null,
            array_values($others->map(static fn (Person $p): array => ['id' => $p->id, 'name' => $p->name])->all()),
            array_values($signIns->map(static fn (SignIn $s): SignInRow => SignInRow::of($s, $here))->all()),
        );
    }
}
