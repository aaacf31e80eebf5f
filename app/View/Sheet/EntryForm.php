<?php

declare(strict_types=1);

namespace App\View\Sheet;

use Illuminate\Support\Str;

/** What every form of a sheet carries: where it goes, how much of the log its author has seen, and an id of its own. */
final readonly class EntryForm
{
    /**
     * @param  string  $address of the job
     * @param  int  $seen how long the log is
     * @param  string  $look the part of the station it is on, to come back to
     */
    public function __construct(
        private string $address,
        public int $seen,
        public string $at,
        public string $look = '',
    ) {
    }

    public function action(string $kind): string
    {
        return "{$this->address}/entries/{$kind}";
    }

    /** Address of what belongs to the job: its log, its photos, its hold tests. */
    public function to(string $path): string
    {
        return "{$this->address}/{$path}";
    }

    /** Where anything seen, told or tested can be said: one tap from every station. */
    public function sayAddress(): string
    {
        return "{$this->address}/intake?look=say#say";
    }

    /** A new id each time it is printed: the same form sent twice is one entry, another form is another. */
    public function clientId(): string
    {
        return Str::uuid()->toString();
    }
}
