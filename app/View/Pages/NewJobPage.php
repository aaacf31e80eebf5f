<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Job;
use App\View\Library\KnownMachine;
use App\View\Library\KnownModel;
use App\View\Library\SaidLately;
use App\View\Stations\Intake\IntakeValues;
use App\View\Stations\Intake\Tick;
use App\View\Stations\Intake\VariantChoice;
use DustyJet\Carburetor\Family;
use DustyJet\Diagnosis\Catalogue;
use Illuminate\Support\Str;

/** An intake to be filled in. */
final readonly class NewJobPage
{
    /**
     * @param  array<string, string>  $values
     * @param  list<Tick>  $complaints
     * @param  list<string>  $said by customers lately
     * @param  list<KnownModel>  $models this shop sees most with such a carburetor
     * @param  string|null  $comesBackFrom number of the job it comes back from
     */
    private function __construct(
        public string $title,
        public string $familyId,
        public string $familyName,
        public VariantChoice $variants,
        public array $values,
        public array $complaints,
        public array $said,
        public array $models,
        public string $clientId,
        public ?string $comesBackFrom,
    ) {
    }

    /**
     * @param  Job|null  $before the last job of the same machine
     * @param  list<Job>  $lately jobs with such a carburetor, newest first
     * @param  bool  $isComeBack whether what was done then may be what is wrong now
     */
    public static function of(
        Family $family,
        Catalogue $catalogue,
        array $lately = [],
        ?Job $before = null,
        bool $isComeBack = false,
    ): self {
        $blank = IntakeValues::blank($family);
        $known = $before === null ? [] : array_filter(KnownMachine::values($before));
        $typed = array_intersect_key(array_filter((array) old(), is_string(...)), $blank);
        $kind = $catalogue->family($family->id);

        return new self(
            title: $isComeBack && $before !== null ? "Come-back of {$before->number}" : 'New job',
            familyId: $family->id,
            familyName: $family->name,
            variants: VariantChoice::of($family),
            values: [...$blank, ...$known, ...$typed],
            complaints: Tick::complaints($catalogue, $kind, (array) old('findings')),
            said: SaidLately::among($lately),
            models: $before === null ? KnownModel::among($lately) : [],
            clientId: Str::uuid()->toString(),
            comesBackFrom: $isComeBack ? $before?->number : null,
        );
    }
}
