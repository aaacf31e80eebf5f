<?php

declare(strict_types=1);

namespace App\Knowledge;

use Closure;
use Symfony\Component\VarExporter\VarExporter;

/**
 * What was read of the knowledge, kept as PHP code: the opcode cache holds it, and no request parses YAML again.
 *
 * A name changes with the files it was read from, not with the classes: whoever starts another version of the program
 * empties the folder first, as bin/start does. Where a shop is served the folder is complete, and is only read.
 */
final readonly class CompiledKnowledge
{
    /** @param  string  $folder where the code is kept; made when it is not there */
    public function __construct(private string $folder)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  string  $name letters, digits and dashes
     * @param  Closure(): T  $read
     *
     * @return T
     */
    public function kept(string $class, string $name, Closure $read): object
    {
        $path = "{$this->folder}/{$name}.php";
        $kept = is_file($path) ? require $path : null;
        if ($kept instanceof $class) {
            return $kept;
        }
        $known = $read();
        $this->keep($path, $known);

        return $known;
    }

    /** Written beside and then moved into place: no request ever reads half of it. */
    private function keep(string $path, object $known): void
    {
        // Two requests may make the folder at once; only one of them can.
        is_dir($this->folder) || @mkdir($this->folder, recursive: true);
        if (! is_writable($this->folder)) {
            return;
        }
        $beside = (string) tempnam($this->folder, 'new');
        file_put_contents($beside, '<?php return '.VarExporter::export($known).';');
        rename($beside, $path);
    }
}
