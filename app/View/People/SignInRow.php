<?php

declare(strict_types=1);

namespace App\View\People;

use App\Models\SignIn;
use App\View\Numbers;
use Illuminate\Support\Facades\Date;

/** A device somebody is signed in on. */
final readonly class SignInRow
{
    private function __construct(public string $id, public string $said, public bool $isHere)
    {
    }

    public static function of(SignIn $signIn, ?SignIn $here = null): self
    {
        $how = $signIn->by_pin ? ', by PIN' : '';
        $seen = Numbers::day($signIn->seen_at, Date::now());

        return new self(
            $signIn->id,
            "{$signIn->device} at {$signIn->address}{$how}, last seen ".lcfirst($seen),
            $here !== null && $signIn->is($here),
        );
    }
}
