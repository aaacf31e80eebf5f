<?php

declare(strict_types=1);

namespace App\View\Log;

use App\View\Log\Words\BalanceWords;
use App\View\Log\Words\BenchTestWords;
use App\View\Log\Words\BuildWords;
use App\View\Log\Words\CleanWords;
use App\View\Log\Words\ClockWords;
use App\View\Log\Words\FlowWords;
use App\View\Log\Words\HandBackWords;
use App\View\Log\Words\IntakeWords;
use App\View\Log\Words\MeteringWords;
use App\View\Log\Words\NoteWords;
use App\View\Log\Words\PhotoWords;
use App\View\Log\Words\PromiseWords;
use App\View\Log\Words\RunWords;
use App\View\Log\Words\ScrewWords;
use App\View\Log\Words\StaleWords;
use App\View\Log\Words\StripWords;
use App\View\Log\Words\WaitWords;
use Closure;
use DustyJet\BenchLog\Entry;
use DustyJet\Carburetor\Family;
use DustyJet\Rejected;
use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\EntryKind;

/** Says entries in words, room by room. */
final readonly class LogWords
{
    private const ROOMS = [
        IntakeWords::class, ScrewWords::class, StripWords::class, BenchTestWords::class, MeteringWords::class, FlowWords::class,
        CleanWords::class,
        BuildWords::class, RunWords::class, BalanceWords::class, HandBackWords::class, ClockWords::class, PromiseWords::class,
        WaitWords::class, PhotoWords::class, StaleWords::class, NoteWords::class,
    ];

    /** @param  array<class-string<Act>, Closure>  $table */
    private function __construct(private array $table, private Names $names)
    {
    }

    public static function of(Family $family): self
    {
        return new self(self::table(), new Names($family));
    }

    /** @return array<class-string<Act>, Closure> */
    public static function table(): array
    {
        return array_merge(...array_map(static fn (string $room): array => $room::table(), self::ROOMS));
    }

    public function phrase(Entry $entry): Phrase
    {
        try {
            $act = EntryKind::actOf($entry);
        } catch (Rejected $rejected) {
            // It no longer holds, or the sheet would not be there; it is in the log all the same.
            return new Phrase('Cannot be read: '.$rejected->getMessage());
        }
        $phrase = $this->table[$act::class]($act, $this->names);
        \assert($phrase instanceof Phrase);

        return $phrase;
    }
}
