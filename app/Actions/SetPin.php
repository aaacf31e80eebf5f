<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Password;
use App\Models\Person;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Support\Facades\DB;

/** A PIN to switch with at a device that others use too, or none. */
final readonly class SetPin
{
    /**
     * @param  string  $pin empty for none
     *
     * @throws \App\Models\UnusablePerson
     */
    public function __invoke(Person $person, #[\SensitiveParameter] string $pin): void
    {
        $pin === '' || Password::refuseUnlessPin($pin);
        DB::transaction(static function () use ($person, $pin): void {
            $person->update(['pin' => $pin === '' ? null : $pin]);
            SecurityEvent::note($pin === '' ? SecurityEventKind::PinRemoved : SecurityEventKind::PinSet, $person);
        });
    }
}
