<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Family;
use Illuminate\Support\Str;

final readonly class NewJobPage
{
    /** The customer's words, most frequent first. Common practice. */
    public const COMPLAINTS = ['will not start', 'hard to start', 'runs only on choke', 'surges', 'floods', 'black smoke', 'stumbles on opening', 'will not idle', 'leaks fuel', 'no power'];

    /**
     * @param  array<string, string>  $values
     * @param  array<string, array{name: string, look: string}>  $variants
     * @param  list<string>  $complaints
     */
    public function __construct(public string $title, public array $values, public array $variants, public array $complaints, public string $clientId)
    {
    }

    public static function of(Family $family): self
    {
        $old = array_filter((array) old(), is_string(...));
        $values = [...IntakeWork::blank($family), ...array_intersect_key($old, IntakeWork::blank($family))];

        return new self('New job', $values, $family->variants, self::COMPLAINTS, Str::uuid()->toString());
    }
}
