<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Library\Identify;
use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\CarburetorKind;
use DustyJet\Diagnosis\Catalogue;

/** The families of the trade, and the questions that lead to one: to read its sheet, or to open a job with it. */
final readonly class LibraryPage
{
    /**
     * @param  list<array{name: string, fits: string, href: string}>  $families
     * @param  array{name: string, fits: string, href: string}|null  $found
     */
    private function __construct(
        public string $title,
        public array $families,
        public Identify $identify,
        public ?array $found,
    ) {
    }

    /** @param  list<int>  $chosen */
    public static function of(Catalogue $catalogue, Guide $guide, array $chosen): self
    {
        return self::leadingTo(
            'Library',
            $catalogue,
            Identify::of($guide, $chosen, 'library.index'),
            static fn (CarburetorKind $k): string => route('library.show', $k->id),
        );
    }

    /** @param  list<int>  $chosen */
    public static function forNewJob(Catalogue $catalogue, Guide $guide, array $chosen): self
    {
        return self::leadingTo(
            'New job',
            $catalogue,
            Identify::of($guide, $chosen, 'jobs.create'),
            static fn (CarburetorKind $k): string => route('jobs.create', ['family' => $k->id]),
        );
    }

    /** @param  callable(CarburetorKind): string  $href */
    private static function leadingTo(string $title, Catalogue $catalogue, Identify $identify, callable $href): self
    {
        $row = static fn (CarburetorKind $k): array => ['name' => $k->name, 'fits' => $k->fits, 'href' => $href($k)];

        return new self(
            $title,
            array_values(array_map($row, $catalogue->families)),
            $identify,
            $identify->found === null ? null : $row($catalogue->families[$identify->found]),
        );
    }
}
