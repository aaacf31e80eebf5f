<?php

declare(strict_types=1);

namespace App\Knowledge;

use Closure;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Knowledge\DiagnosisFiles;

/** What a diagnosis knows: of every family, and of the one that a job is about, which is read quicker. */
final class Catalogues
{
    /** Changes whenever a file does. */
    public readonly string $name;

    /** @var array<string, Catalogue> by family, those asked for */
    private array $asked = [];

    /** @param  list<string>  $paths of the files */
    public function __construct(private readonly CompiledKnowledge $compiled, private readonly array $paths)
    {
        $state = static fn (string $path): string => $path.filemtime($path).filesize($path);
        $this->name = 'diagnosis-'.md5(implode('', array_map($state, $paths)));
    }

    public function all(): Catalogue
    {
        $text = static fn (string $path): string => (string) file_get_contents($path);

        return $this->kept($this->name, fn (): Catalogue => DiagnosisFiles::catalogue(
            DiagnosisFiles::merge(array_map($text, $this->paths)),
        ));
    }

    /** @throws \DustyJet\Diagnosis\UnusableCase If there is no such family. */
    public function of(string $family): Catalogue
    {
        return $this->asked[$family] ??= $this->kept("{$this->name}-{$family}", function () use ($family): Catalogue {
            $all = $this->all();

            return $all->of($all->family($family));
        });
    }

    /** @param  Closure(): Catalogue  $read */
    private function kept(string $name, Closure $read): Catalogue
    {
        return $this->compiled->kept(Catalogue::class, $name, $read);
    }
}
