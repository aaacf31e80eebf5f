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
     * @param  list<Tick>  $complaints
     */
    public function __construct(public string $title, public string $familyId, public string $familyName, public VariantChoice $variants, public array $values, public array $complaints, public string $clientId)
    {
    }

    public static function of(Family $family, Catalogue $catalogue): self
    {
        $old = array_filter((array) old(), is_string(...));
        $values = [...IntakeWork::blank($family), ...array_intersect_key($old, IntakeWork::blank($family))];

        return new self('New job', $family->id, $family->name, VariantChoice::of($family), $values, Tick::complaints($catalogue, $catalogue->family($family->id), (array) old('findings')), Str::uuid()->toString());
    }
}
