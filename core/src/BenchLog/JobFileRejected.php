<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

use DustyJet\Rejected;

final class JobFileRejected extends \DomainException implements Rejected
{
    private function __construct(private readonly string $fact, string $message)
    {
        parent::__construct($message);
    }

    public static function notJson(): self
    {
        return new self('not_json', 'This is not a job file: it is not JSON.');
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self('file_too_large', "The file is larger than {$megabytes} MB. A job file is far smaller.");
    }

    public static function notAJob(): self
    {
        return new self('not_a_job', 'This is JSON, but not a Dusty Jet job file.');
    }

    public static function newer(int $given, int $known): self
    {
        return new self(
            'newer_version',
            "This job file is version {$given}; this program reads up to version {$known}. Update the program, then import again.",
        );
    }

    public static function schema(string $where, string $what): self
    {
        $where = mb_substr(mb_scrub($where), 0, 120);
        $what = mb_substr(mb_scrub($what), 0, 200);

        return new self('schema', "At {$where}: {$what}. Nothing was imported.");
    }

    public static function alreadyHere(string $number): self
    {
        return new self('already_here', "Job {$number} is here already. Nothing was imported.");
    }

    public static function broken(string $why): self
    {
        return new self('broken', "{$why} Nothing was imported.");
    }

    public function reason(): string
    {
        return $this->fact;
    }
}
