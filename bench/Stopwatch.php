<?php

declare(strict_types=1);

/** Times stages of a piece of work, over and over. */
final class Stopwatch
{
    /** @var array<string, list<float>> milliseconds by stage */
    private array $spent = [];

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     *
     * @return T
     */
    public function timed(string $stage, Closure $do): mixed
    {
        $from = hrtime(true);
        $result = $do();
        $this->spent[$stage][] = (hrtime(true) - $from) / 1e6;

        return $result;
    }

    public function print(string $about): void
    {
        foreach ($this->spent as $stage => $milliseconds) {
            sort($milliseconds);
            printf("%s, %s: median %.2f ms\n", $about, $stage, $milliseconds[intdiv(count($milliseconds), 2)]);
        }
    }
}
