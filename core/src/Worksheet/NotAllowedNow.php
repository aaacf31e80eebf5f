<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

use DustyJet\Rejected;

final class NotAllowedNow extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function handedBack(): self
    {
        return new self('handed_back', 'This job was handed back. Open a new job for this machine instead.');
    }

    public static function countedTooLate(string $screw): self
    {
        return new self('counted_too_late', "The {$screw} was already out, so this is not how it was found. Note what you know instead.");
    }

    public static function offThePhoto(): self
    {
        return new self('off_the_photo', 'A pin lies on the photo: across and down between its edges.');
    }

    public static function notStale(string $item): self
    {
        return new self('not_stale', "{$item} is not stale. There is nothing to override.");
    }

    /** @param  list<string>  $gates */
    public static function gated(array $gates): self
    {
        return new self('gated', 'It cannot go back yet. '.implode(' ', $gates));
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
