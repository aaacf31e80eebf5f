<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** One small mistake that could have been made in a file of the core. */
final readonly class Mutant
{
    /** @param  string  $code the whole file with the mistake in it */
    public function __construct(
        public string $file,
        public int $line,
        public string $was,
        public string $became,
        public string $code,
    ) {
    }

    public function __toString(): string
    {
        $onOneLine = static fn (string $text): string => (string) preg_replace('/\s+/', ' ', $text);
        $short = static fn (string $text): string => mb_strimwidth($onOneLine($text), 0, 50, '…');

        return "{$this->file}:{$this->line}  {$short($this->was)}  →  {$short($this->became)}";
    }
}
