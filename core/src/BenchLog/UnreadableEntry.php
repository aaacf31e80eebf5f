<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

use DustyJet\Rejected;

final class UnreadableEntry extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function field(string $kind, string $field, string $expected): self
    {
        return new self('bad_field', "The {$kind} entry needs {$field} as {$expected}.");
    }

    public static function unknownField(string $kind, string $field): self
    {
        return new self('unknown_field', "The {$kind} entry has a field \"{$field}\" that is not known.");
    }

    /** Kept by a release that knows more kinds than this one. */
    public static function laterKind(string $kind): self
    {
        return new self(
            'later_kind',
            "The log of this job holds an entry (\"{$kind}\") that a newer release of the program wrote. Nothing is lost: "
                .'update the program, then open the job again.',
        );
    }

    public static function unknownName(string $what, string $name): self
    {
        $shown = mb_substr(mb_scrub($name), 0, 40);

        return new self('unknown_name', "There is no {$what} named \"{$shown}\" on this carburetor.");
    }

    public static function corrects(string $why): self
    {
        return new self('bad_correction', $why);
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
