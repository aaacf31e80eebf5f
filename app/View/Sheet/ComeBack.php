<?php

declare(strict_types=1);

namespace App\View\Sheet;

use App\Models\Job;
use App\View\Numbers;
use App\View\Stations\SheetView;
use DustyJet\Carburetor\Station;
use Illuminate\Support\Facades\Date;

/** The jobs of the same machine before and after, and the way to open it again. */
final readonly class ComeBack
{
    /**
     * @param  list<array{said: string, href: string}>  $jobs the one it came back from, and those in which it came back
     * @param  string|null  $openHref where it is opened again; null while it is here
     */
    private function __construct(public array $jobs, public ?string $openHref)
    {
    }

    public static function of(SheetView $view): self
    {
        $from = $view->records->cameBackFrom;
        $isBack = $view->sheet->handedBackAt !== null;
        $again = ['family' => $view->job->family, 'from' => $view->job->id, 'back' => 1];

        return new self(
            [
                ...$from === null ? [] : [self::before($from)],
                ...array_map(self::after(...), $view->records->comeBacks),
            ],
            $isBack ? route('jobs.create', $again) : null,
        );
    }

    /** @return array{said: string, href: string} */
    private static function before(Job $job): array
    {
        $when = $job->handed_back_at === null ? '' : ', handed back '.Numbers::day($job->handed_back_at, Date::now());

        return ['said' => "Came back from {$job->number}{$when}", 'href' => route('report.show', $job)];
    }

    /** @return array{said: string, href: string} */
    private static function after(Job $job): array
    {
        $when = Numbers::day($job->opened_at, Date::now());

        return [
            'said' => "Came back as {$job->number}, {$when}",
            'href' => route('stations.show', [$job, Station::Intake->value]),
        ];
    }
}
