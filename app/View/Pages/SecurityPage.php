<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\SecurityEvent;
use App\View\Numbers;
use Illuminate\Support\Collection;

/** The security log, a page of it. */
final readonly class SecurityPage
{
    /**
     * @param  list<array{at: string, what: string, who: string, about: string, from: string}>  $rows newest first
     * @param  string|null  $olderHref null where there are none
     */
    private function __construct(public array $rows, public ?string $olderHref)
    {
    }

    /** @param  Collection<int, SecurityEvent>  $events */
    public static function of(Collection $events): self
    {
        $last = $events->last();
        $isFull = $events->count() === SecurityEvent::A_PAGE;

        return new self(
            array_values($events->map(self::row(...))->all()),
            $last !== null && $isFull ? route('people.events', ['before' => $last->id]) : null,
        );
    }

    /** @return array{at: string, what: string, who: string, about: string, from: string} */
    private static function row(SecurityEvent $event): array
    {
        return [
            'at' => Numbers::moment($event->at),
            'what' => $event->kind->title(),
            'who' => $event->person->name ?? '',
            'about' => $event->about,
            'from' => $event->address,
        ];
    }
}
