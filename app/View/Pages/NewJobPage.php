<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
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

    /** @param  Job|null  $before the last job of the same machine */
    public static function of(Family $family, Catalogue $catalogue, ?Job $before = null): self
    {
        $old = array_filter((array) old(), is_string(...));
        $known = $before === null ? [] : array_filter(['machine' => $before->machine, 'engine' => $before->engine, 'serial' => $before->serial, 'customer' => $before->customer, 'variant' => $before->variant], is_string(...));
        $values = [...IntakeWork::blank($family), ...$known, ...array_intersect_key($old, IntakeWork::blank($family))];

        return new self('New job', $family->id, $family->name, VariantChoice::of($family), $values, Tick::complaints($catalogue, $catalogue->family($family->id), (array) old('findings')), Str::uuid()->toString());
    }
}
