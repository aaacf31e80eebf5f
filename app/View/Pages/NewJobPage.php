<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Str;

final readonly class NewJobPage
{
    /**
     * @param  array<string, string>  $values
     * @param  array<string, array{name: string, look: string, diagnosedAs: string}>  $variants
     * @param  list<Tick>  $complaints
     */
    public function __construct(public string $title, public array $values, public array $variants, public array $complaints, public string $clientId)
    {
    }

    public static function of(Family $family, Catalogue $catalogue): self
    {
        $old = array_filter((array) old(), is_string(...));
        $values = [...IntakeWork::blank($family), ...array_intersect_key($old, IntakeWork::blank($family))];

        return new self('New job', $values, $family->variants, Tick::complaints($catalogue, $catalogue->family($family->diagnosedAs('')), (array) old('findings')), Str::uuid()->toString());
    }
}
