<?php

declare(strict_types=1);

namespace App\View\Report;

use DustyJet\Worksheet\Notes\Facts;
use DustyJet\Worksheet\Worksheet;

/** What was noted for the record: advice for the customer, facts for whoever repairs it next. */
final readonly class ReportRecord
{
    /**
     * @param  list<array{what: string, text: string, follows: string|null}>  $advice
     * @param  list<array{what: string, text: string, follows: string|null}>  $facts
     * @param  list<string>  $layUp what to do before it stands for a season
     */
    private function __construct(public array $advice, public array $facts, public array $layUp)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        $advice = $facts = [];
        foreach ($sheet->of(Facts::class)->inOrder() as ['fact' => $fact, 'text' => $text, 'follows' => $follows]) {
            $row = ['what' => $fact->title(), 'text' => $text, 'follows' => $follows];
            $fact->isAdvice() ? $advice[] = $row : $facts[] = $row;
        }

        return new self($advice, $facts, $sheet->family->guidance->layUp);
    }
}
