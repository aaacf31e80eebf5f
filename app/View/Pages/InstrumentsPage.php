<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Instrument;
use App\View\Instruments\InstrumentRow;
use DustyJet\Instrument\Measurand;

/** The instruments of the shop, and the key of one that was just made. */
final readonly class InstrumentsPage
{
    /**
     * @param  list<InstrumentRow>  $rows
     * @param  list<array{value: string, label: string}>  $kinds
     * @param  array{of: string, key: string}|null  $key shown once
     */
    private function __construct(public array $rows, public array $kinds, public ?array $key)
    {
    }

    /** @param  list<Instrument>  $instruments */
    public static function of(array $instruments, mixed $key): self
    {
        $isKey = is_array($key) && is_string($key['of'] ?? null) && is_string($key['key'] ?? null);

        return new self(
            array_map(InstrumentRow::of(...), $instruments),
            array_map(static fn (Measurand $m): array => ['value' => $m->value, 'label' => $m->label()], Measurand::cases()),
            $isKey ? ['of' => $key['of'], 'key' => $key['key']] : null,
        );
    }
}
