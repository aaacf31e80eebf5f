<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\UnknownFamily;

/** The families of a knowledge folder, each read when it is first asked for. */
final class FamilyFiles implements Families
{
    /** @var array<string, Family> */
    private array $read = [];

    /** @var \Closure(string, \Closure(): Family): Family */
    private readonly \Closure $keep;

    /**
     * @param  string  $folder with families/ and bench/
     * @param  (\Closure(string, \Closure(): Family): Family)|null  $keep keeps what was read under a name that
     *     changes with the files
     */
    public function __construct(private readonly string $folder, ?\Closure $keep = null)
    {
        $this->keep = $keep ?? self::readAgain(...);
    }

    /** @param  \Closure(): Family  $read */
    private static function readAgain(string $name, \Closure $read): Family
    {
        return $read();
    }

    public static function shipped(): self
    {
        return new self(__DIR__.'/../../knowledge');
    }

    public function ids(): array
    {
        $files = glob("{$this->folder}/families/*.yaml");

        return array_map(static fn (string $f): string => basename($f, '.yaml'), $files === false ? [] : $files);
    }

    public function of(string $id): Family
    {
        return $this->read[$id] ??=
            preg_match('~^\w+$~', $id) === 1 && is_file("{$this->folder}/families/{$id}.yaml")
                ? $this->parsed($id)
                : throw UnknownFamily::named($id);
    }

    private function parsed(string $id): Family
    {
        $paths = [
            "{$this->folder}/families/{$id}.yaml",
            "{$this->folder}/bench/shared.yaml",
            "{$this->folder}/bench/inspect.yaml",
        ];
        $state = static fn (string $path): string => $path.filemtime($path).filesize($path);
        $name = "family-{$id}-".md5(implode('', array_map($state, $paths)));

        return ($this->keep)(
            $name,
            static fn (): Family => FamilyFile::parse(
                ...array_map(static fn (string $p): string => (string) file_get_contents($p), $paths),
            ),
        );
    }
}
