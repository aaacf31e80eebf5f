<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\Models\Job;
use Illuminate\Support\Str;

/** What every form of a sheet carries: where it goes, how much of the log its author has seen, and an id of its own. */
final readonly class EntryForm
{
    private string $address;

    /**
     * @param  int  $seen how long the log is
     * @param  string  $look the part of the station it is on, to come back to
     */
    public function __construct(private Job $job, public int $seen, public string $at, public string $look = '')
    {
        $this->address = route('jobs.show', $job);
    }

    public function action(string $kind): string
    {
        return "{$this->address}/entries/{$kind}";
    }

    public function holdTestAction(): string
    {
        return route('hold-tests.store', $this->job);
    }

    public function popOffAction(): string
    {
        return route('pop-offs.store', $this->job);
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
