<?php

declare(strict_types=1);

namespace App\View\Sheet;

/**
 * A bank drawn one carburetor above the other, however many: rows, fuel line and linkage as one carburetor is drawn, made
 * smaller where there are more than three, and where the numbers of the parts stand.
 */
final readonly class BankDrawing
{
    public const WIDTH = 560;

    /** The first row, from one to the next, and what is below the last. */
    private const FIRST = 26;

    private const PITCH = 138;

    private const BELOW = 12;

    /** So many fit at full size. */
    private const FULL_SIZE = 3;

    /** Which has no balance screw is found on the machine; it is drawn at the second. */
    private const REFERENCE = 1;

    /** Numbers beside a bank that is drawn smaller: a column at the left, two at the right. */
    private const COLUMNS = ['left' => 28.0, 'right' => 494.0, 'screws' => 542.0];

    /** Places on one carburetor, from the top of its row. */
    private const SPOTS = [
        'choke' => [88, 38],
        'inlet' => [44, 112],
        'needle' => [154, 84],
        'float' => [164, 104],
        'bowl' => [140, 100],
        'mainjet' => [197, 110],
        'throttle' => [264, 52],
        'idleholes' => [282, 63],
    ];

    /** Numbers and ends of their leads of three, as they were placed by eye. */
    private const THREE = [
        'inlet' => [20, 172, 42, 190],
        'needle' => [100, 142, 154, 116],
        'float' => [150, 156, 164, 132],
        'bowl' => [264, 150, 230, 142],
        'mainjet' => [206, 156, 197, 138],
        'mixscrew' => [398, 116, 328, 113],
        'mixmiddle' => [400, 262, 328, 251],
        'mixbottom' => [282, 426, 318, 394],
        'idleholes' => [290, 18, 282, 89],
        'choke' => [105, 18, 105, 60],
        'throttle' => [232, 18, 264, 58],
        'link' => [426, 284, 358, 282],
        'idlespeed' => [496, 414, 446, 418],
        'balance' => [324, 14, 351, 19],
        'reference' => [424, 150, 361, 157],
        'vacuum' => [428, 18, 394, 28],
    ];

    /** Of those, what hangs on the last row and moves up where there are two. */
    private const ON_THE_LAST = ['mixbottom', 'idlespeed'];

    /** Where the linkage of two is numbered: below, the reference stands in its place. */
    private const LINK_OF_TWO = [456, 70, 358, 74];

    public float $scale;

    public int $height;

    public float $left;

    /** @param  array<string, string>  $carburetors names, the top one first */
    public function __construct(private array $carburetors)
    {
        $count = count($carburetors);
        $this->scale = min(1.0, self::FULL_SIZE / $count);
        $this->height = (int) ceil($this->scale * (self::FIRST + $count * self::PITCH + self::BELOW));
        $this->left = $count > self::FULL_SIZE ? 70.0 : 0.0;
    }

    /** @return list<array{y: int, screw: string, adjuster: string, linked: bool, name: string}> */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->carburetors as $key => $name) {
            $rows[] = [
                'y' => $this->top(count($rows)),
                'screw' => self::screw($key),
                'adjuster' => $key,
                'linked' => count($rows) !== self::REFERENCE,
                'name' => mb_strtoupper($name),
            ];
        }

        return $rows;
    }

    /** The line that feeds every bowl. */
    public function fuelLine(): string
    {
        $path = 'M40 '.($this->top(0) + 79);
        foreach (range(0, $this->last()) as $row) {
            $y = $this->top($row);
            $next = $row < $this->last() ? 'H47V'.($this->top($row + 1) + 79) : 'H40Z';
            $path .= 'H120V'.($y + 63).'H159V'.($y + 73).'H153V'.($y + 69).'H127V'.($y + 86).$next;
        }

        return $path;
    }

    /** @return list<array{0: float, 1: float, 2?: int}> where drops run: in each branch, and between */
    public function drops(): array
    {
        $drops = [];
        foreach (range(0, $this->last()) as $row) {
            $drops[] = [84.0, $this->top($row) + 82.5];
            if ($row < $this->last()) {
                $drops[] = [43.5, $this->top($row) + 134.0, -90];
            }
        }

        return $drops;
    }

    /** The linkage where it is seen. */
    public function levers(): string
    {
        return implode('', array_map(
            fn (int $row): string => "M356 {$this->top($row)}V".($this->top($row) + 108),
            range(0, $this->last()),
        ));
    }

    /** And where a body stands before it. */
    public function hidden(): string
    {
        return implode('', array_map(
            fn (int $row): string => 'M356 '.($this->top($row) + 108).'V'
                .($this->top($row) + ($row < $this->last() ? 132 : 112)),
            range(0, $this->last()),
        ));
    }

    /** @return array{0: int, 1: int} */
    public function stopScrew(): array
    {
        return [360, $this->top($this->last()) + 114];
    }

    /** Where a row's name stands: beside its cylinder, as large where the row is drawn smaller. */
    public function nameAt(int $row): string
    {
        return $this->scale < 1.0
            ? 'translate('.round(440 + 40 / $this->scale, 1).' '.($this->top($row) + 46).') scale('
                .round(1.0 / $this->scale, 3).')'
            : 'translate('.[470, 482, 482][$row].' '.($this->top($row) + 44).')';
    }

    /** @return array<string, array{0: float, 1: float, 2: float, 3: float}> number, and end of its lead, by part */
    public function places(): array
    {
        return $this->scale < 1.0 ? $this->beside() : $this->byEye();
    }

    /** @return array<string, array{0: float, 1: float, 2: float, 3: float}> */
    private function byEye(): array
    {
        $up = (self::FULL_SIZE - count($this->carburetors)) * self::PITCH;
        $places = [];
        foreach (self::THREE as $part => [$x, $y, $toX, $toY]) {
            $moves = in_array($part, self::ON_THE_LAST, true) ? $up : 0;
            $places[$part] = [$x, $y - $moves, $toX, $toY - $moves];
        }

        return $up > 0 ? ['link' => self::LINK_OF_TWO] + $places : $places;
    }

    /** @return array<string, array{0: float, 1: float, 2: float, 3: float}> */
    private function beside(): array
    {
        $places = [];
        $apart = ($this->height - 52.0) / (count(self::SPOTS) - 1);
        foreach (array_keys(self::SPOTS) as $i => $part) {
            $row = intdiv($i * count($this->carburetors), count(self::SPOTS));
            [$x, $y] = self::SPOTS[$part];
            $places[$part] = [self::COLUMNS['left'], 26.0 + $i * $apart, ...$this->at($x, $this->top($row) + $y)];
        }
        foreach ($this->rows() as $row) {
            $end = $this->at(328, $row['y'] + 87);
            $places[$row['screw']] = [self::COLUMNS['screws'], max(26.0, $end[1]), ...$end];
        }
        $last = $this->last();
        $others = [
            'vacuum' => [0, 394, $this->top(0) + 2],
            'reference' => [self::REFERENCE, 361, $this->top(self::REFERENCE) - 7],
            'balance' => [2, 362, $this->top(2) - 6],
            'link' => [$last, 358, $this->top($last) - 20],
        ];
        foreach ($others as $part => [$row, $x, $y]) {
            $places[$part] = [self::COLUMNS['right'], max(26.0, $this->at(0, $this->top($row) + 12)[1]), ...$this->at($x, $y)];
        }
        $places['idlespeed'] = [self::COLUMNS['right'], $this->height - 16.0, ...$this->at(440, $this->top($last) + 116)];

        return $places;
    }

    /** @return array{0: float, 1: float} of the sheet, from where it is on the drawing at full size */
    private function at(float $x, float $y): array
    {
        return [round($this->left + $this->scale * $x, 1), round($this->scale * $y, 1)];
    }

    private function top(int $row): int
    {
        return self::FIRST + $row * self::PITCH;
    }

    private function last(): int
    {
        return count($this->carburetors) - 1;
    }

    /** The part a carburetor's screw is. */
    private static function screw(string $carburetor): string
    {
        return $carburetor === 'top' ? 'mixscrew' : "mix{$carburetor}";
    }
}
