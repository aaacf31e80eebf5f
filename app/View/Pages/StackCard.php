<?php

declare(strict_types=1);

namespace App\View\Pages;

use DustyJet\Carburetor\Layer;
use DustyJet\Worksheet\Worksheet;

/** Layers seen edge-on, from the body outward: how they lie, and which of them are on. */
final readonly class StackCard
{
    /** @param  list<array{y: int, as: string, name: string, state: string}>  $layers */
    private function __construct(public string $name, public int $height, public array $layers, public string $said)
    {
    }

    /**
     * Those the part belongs to.
     *
     * @return list<self>
     */
    public static function all(Worksheet $sheet, string $part): array
    {
        $cards = [];
        foreach ($sheet->family->stacks as $name => $layers) {
            if (in_array($part, array_map(static fn (Layer $l): string => $l->part ?? '', $layers), true)) {
                $cards[] = self::of($sheet, $name, $layers, $part);
            }
        }

        return $cards;
    }

    /** @param  list<Layer>  $layers from the body outward */
    public static function of(Worksheet $sheet, string $name, array $layers, string $part): self
    {
        $build = $sheet->rebuild->build;
        $drawn = [];
        foreach (array_reverse($layers) as $i => $layer) {
            $drawn[] = ['y' => 26 * $i + 4, 'as' => $layer->as, 'name' => $layer->name, 'state' => match (true) {
                $layer->part === $part => 'now',
                $layer->part === null || isset($build->placed[$layer->part]) || ! $build->tray->has($layer->part) => 'on',
                default => 'off',
            }];
        }

        return new self($name, 26 * count($layers) + 8, $drawn, "{$name}, edge-on, from outside to the body: ".implode(', ', array_column($drawn, 'name')).'.');
    }
}
