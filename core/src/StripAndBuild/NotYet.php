<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

use DustyJet\Rejected;

final class NotYet extends \DomainException implements Rejected
{
    public static function unknown(string $key): self
    {
        return new self('There is no such part on the tray: '.mb_substr($key, 0, 40).'.');
    }

    public static function twice(string $name): self
    {
        return new self("{$name}: that is logged already.");
    }

    public static function behind(string $name, string $inTheWay): self
    {
        return new self("{$name}: {$inTheWay} comes off first.");
    }

    public static function none(string $name): self
    {
        return new self("{$name}: none came off. Say that it is missing instead.");
    }

    public static function first(string $name, string $first, string $why): self
    {
        return new self("{$name}: {$first} goes in first. {$why}.");
    }

    public static function missing(string $name, string $missing): self
    {
        return new self("{$name}: {$missing} was never found. Fit one and account for it before anything closes over it.");
    }

    public static function guarded(string $name, string $guard): self
    {
        return new self("{$name}: look before it counts. {$guard}.");
    }

    public static function more(string $name, int $count): self
    {
        return new self("{$name}: only {$count} came off.");
    }

    public function reason(): string
    {
        return 'not_yet';
    }
}
