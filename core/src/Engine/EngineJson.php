<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** An engine as a flat JSON object, read and written. */
final readonly class EngineJson
{
    private const MOST_DEPTH = 4;

    private const NUMBERS = [
        'displacement_cc', 'throttle_bore_mm', 'venturi_mm', 'discharge_coefficient', 'leak_area_mm2', 'volumetric_efficiency',
        'indicated_efficiency', 'load_w_per_krpm3', 'max_rpm', 'needle_pitch_mm', 'needle_half_angle_deg', 'high_bore_mm',
        'low_bore_mm', 'fixed_high_mm2', 'idle_signal', 'nozzle_head_mm', 'idle_head_mm', 'fuel_coefficient',
    ];

    /** With what they are when they are left out. */
    private const OPTIONAL = [
        'lean_width' => 0.45, 'rich_width' => 0.75, 'inertia_kg_m2' => null, 'low_half_angle_deg' => null, 'healthy' => null,
    ];

    /** @param  array<string, mixed>  $given */
    private function __construct(private array $given)
    {
    }

    /** @throws UnusableEngine With the field that is wrong. */
    public static function parse(string $json): VirtualEngine
    {
        $given = json_decode($json, true, self::MOST_DEPTH);
        (is_array($given) && ! array_is_list($given)) || throw UnusableEngine::notJson();
        $known = [...self::NUMBERS, ...array_keys(self::OPTIONAL), 'stroke', 'fmep_kpa', 'dependent'];
        $fields = [];
        foreach ($given as $field => $value) {
            in_array($field, $known, true) || throw UnusableEngine::unknown($field);
            $fields[$field] = $value;
        }

        return (new self($fields))->engine();
    }

    /** @return array<string, mixed> what `parse` reads, and how it stands when it is well */
    public static function of(Healthy $made): array
    {
        $engine = $made->engine;
        $cylinder = $engine->cylinder;
        $circuits = $engine->circuits;

        return [
            'stroke' => $cylinder->stroke->value,
            'displacement_cc' => $cylinder->displacementCc,
            'throttle_bore_mm' => $engine->throat->throttleBoreMm,
            'venturi_mm' => $engine->throat->venturiMm,
            'discharge_coefficient' => $engine->throat->dischargeCoefficient,
            'leak_area_mm2' => $engine->throat->leakMm2,
            'volumetric_efficiency' => $cylinder->volumetricEfficiency,
            'indicated_efficiency' => $cylinder->indicatedEfficiency,
            'fmep_kpa' => $cylinder->frictionKpa,
            'load_w_per_krpm3' => $cylinder->loadWPerKrpm3,
            'max_rpm' => $cylinder->maximumRpm,
            'needle_pitch_mm' => $circuits->high->pitchMm,
            'needle_half_angle_deg' => $circuits->high->halfAngleDeg,
            'low_half_angle_deg' => $circuits->low->halfAngleDeg,
            'high_bore_mm' => $circuits->high->boreMm,
            'low_bore_mm' => $circuits->low->boreMm,
            'fixed_high_mm2' => $circuits->fixedHighMm2,
            'dependent' => $circuits->isDependent,
            'idle_signal' => $circuits->idleSignal,
            'nozzle_head_mm' => $circuits->nozzleHeadMm,
            'idle_head_mm' => $circuits->idleHeadMm,
            'fuel_coefficient' => $circuits->fuelCoefficient,
            'lean_width' => $cylinder->leanWidth,
            'rich_width' => $cylinder->richWidth,
            'inertia_kg_m2' => $cylinder->inertia(),
            'healthy' => [
                'H' => $made->full->highTurns,
                'L' => $made->full->lowTurns,
                'full_throttle_deg' => $made->full->throttleDeg,
                'idle_throttle_deg' => $made->idle->throttleDeg,
                'top_rpm' => $made->topRpm,
                'idle_rpm' => $made->idleRpm,
            ],
        ];
    }

    private function engine(): VirtualEngine
    {
        $stroke = $this->given['stroke'] ?? throw UnusableEngine::missing('stroke');
        $dependent = $this->given['dependent'] ?? throw UnusableEngine::missing('dependent');
        $pitch = $this->number('needle_pitch_mm');
        $angle = $this->number('needle_half_angle_deg');

        return new VirtualEngine(
            $this->cylinder((is_int($stroke) ? Stroke::tryFrom($stroke) : null) ?? throw UnusableEngine::wrong('stroke', '2 or 4')),
            new Throat(
                $this->number('throttle_bore_mm'),
                $this->number('venturi_mm'),
                $this->number('discharge_coefficient'),
                $this->number('leak_area_mm2'),
            ),
            new Circuits(
                high: new TaperNeedle($pitch, $angle, $this->number('high_bore_mm')),
                low: new TaperNeedle($pitch, $this->optional('low_half_angle_deg') ?? $angle, $this->number('low_bore_mm')),
                fixedHighMm2: $this->number('fixed_high_mm2'),
                isDependent: is_bool($dependent) ? $dependent : throw UnusableEngine::wrong('dependent', 'true or false'),
                idleSignal: $this->number('idle_signal'),
                nozzleHeadMm: $this->number('nozzle_head_mm'),
                idleHeadMm: $this->number('idle_head_mm'),
                fuelCoefficient: $this->number('fuel_coefficient'),
            ),
        );
    }

    private function cylinder(Stroke $stroke): Cylinder
    {
        $friction = $this->given['fmep_kpa'] ?? throw UnusableEngine::missing('fmep_kpa');
        is_array($friction) || throw UnusableEngine::wrong('fmep_kpa', 'a list of three numbers');
        $numbers = [];
        foreach ($friction as $given) {
            $numbers[] = is_int($given) || is_float($given)
                ? (float) $given
                : throw UnusableEngine::wrong('fmep_kpa', 'a list of three numbers');
        }

        return new Cylinder(
            stroke: $stroke,
            displacementCc: $this->number('displacement_cc'),
            volumetricEfficiency: $this->number('volumetric_efficiency'),
            indicatedEfficiency: $this->number('indicated_efficiency'),
            frictionKpa: $numbers,
            loadWPerKrpm3: $this->number('load_w_per_krpm3'),
            maximumRpm: $this->number('max_rpm'),
            leanWidth: $this->optional('lean_width') ?? self::OPTIONAL['lean_width'],
            richWidth: $this->optional('rich_width') ?? self::OPTIONAL['rich_width'],
            inertiaKgM2: $this->optional('inertia_kg_m2'),
        );
    }

    private function number(string $field): float
    {
        return $this->optional($field) ?? throw UnusableEngine::missing($field);
    }

    private function optional(string $field): ?float
    {
        $value = $this->given[$field] ?? null;

        return match (true) {
            $value === null => null,
            is_int($value), is_float($value) => (float) $value,
            default => throw UnusableEngine::wrong($field, 'a number'),
        };
    }
}
