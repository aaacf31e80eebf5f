<?php

declare(strict_types=1);

namespace App\View\Stations\Build;

use DustyJet\Carburetor\Layer;
use DustyJet\StripAndBuild\Build;
use DustyJet\Worksheet\Strip\Parts;
use DustyJet\Worksheet\Worksheet;

/** Layers seen edge-on, from the body outward: how they lie, and which of them are on. */
final readonly class StackCard
{
    private const LAYER_HEIGHT = 26;

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
        foreach ($sheet->family->drawing->stacks as $name => $layers) {
            if (in_array($part, array_map(static fn (Layer $l): string => $l->part ?? '', $layers), true)) {
                $cards[] = self::of($sheet->of(Parts::class)->build, $name, $layers, $part);
            }
        }

        return $cards;
    }

    /** @param  list<Layer>  $layers from the body outward */
    public static function of(Build $build, string $name, array $layers, string $part): self
    {
        $drawn = [];
        foreach (array_reverse($layers) as $i => $layer) {
            $drawn[] = [
                'y' => self::LAYER_HEIGHT * $i + 4,
                'as' => $layer->as,
                'name' => $layer->name,
                'state' => $layer->part === $part ? 'now' : self::state($build, $layer->part),
            ];
        }
        $said = "{$name}, edge-on, from outside to the body: ".implode(', ', array_column($drawn, 'name')).'.';

        return new self($name, self::LAYER_HEIGHT * count($layers) + 8, $drawn, $said);
    }

    private static function state(Build $build, ?string $part): string
    {
        $isOn = $part === null || isset($build->placed[$part]) || ! $build->tray->has($part);

        return $isOn ? 'on' : 'off';
    }
}
