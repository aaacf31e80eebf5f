<?php

declare(strict_types=1);

namespace App\View\Report;

use App\View\Numbers;
use DustyJet\Carburetor\Station;
use DustyJet\Worksheet\Photos\PhotoRecord;
use DustyJet\Worksheet\Photos\Photos;
use DustyJet\Worksheet\Worksheet;

/** A photo that a customer is shown. */
final readonly class ReportPhoto
{
    /** It goes together again from here on: what is photographed now is how it goes. */
    private const AFTER = [Station::Build, Station::Set, Station::Run, Station::HandBack];

    /** @param  list<string>  $pins what its numbers say */
    private function __construct(public string $id, public string $title, public string $caption, public array $pins)
    {
    }

    /** @return list<self> the first as it came, the last as it goes; one where there is only one */
    public static function pair(Worksheet $sheet): array
    {
        $all = array_values($sheet->of(Photos::class)->all);
        $isAfter = static fn (PhotoRecord $p): bool => in_array(Station::tryFrom($p->station), self::AFTER, true);
        $before = array_values(array_filter($all, static fn (PhotoRecord $p): bool => ! $isAfter($p)));
        $after = array_values(array_filter($all, $isAfter));

        return [
            ...$before === [] ? [] : [self::of($before[0], 'As it came')],
            ...$after === [] ? [] : [self::of($after[count($after) - 1], 'As it goes')],
        ];
    }

    private static function of(PhotoRecord $photo, string $title): self
    {
        $pins = [];
        foreach ($photo->pins as $i => $pin) {
            $pins[] = ($i + 1).'. '.$pin->text;
        }

        return new self($photo->photo, $title, $photo->caption ?? Numbers::moment($photo->at), $pins);
    }
}
