<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** Runs tests against one mutant, in a process of its own, and says whether any noticed. */
final class Trial
{
    /** Of the random tests, so that a mutant's fate does not hang on chance. */
    public const SEED = '20261125';

    private const LONGEST_SECONDS = 90.0;

    /** @var resource */
    private $process;

    private readonly float $started;

    private readonly string $file;

    /** @param  list<string>  $tests the most likely first */
    public function __construct(public readonly Mutant $mutant, array $tests, private readonly string $root)
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents($this->file, $mutant->code);
        $words = [PHP_BINARY, '-d', 'memory_limit=1G'];
        $nowhere = [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']];
        $process = proc_open(
            ['setsid', ...$words, "{$root}/vendor/bin/pest", '--bail', '--compact', ...$tests],
            $nowhere,
            $pipes,
            $root,
            [...getenv(), ...self::prepended($root), 'MUTANT' => $this->file, 'SEED' => self::SEED],
        );
        $this->process = is_resource($process) ? $process : throw new \RuntimeException('No process could be started.');
        $this->started = microtime(true);
    }

    /**
     * A test may start the command line in a process of its own: every PHP under it reads prepend.php first.
     *
     * @return array{PHP_INI_SCAN_DIR: string} environment of a test run
     */
    public static function prepended(string $root): array
    {
        $folder = sys_get_temp_dir().'/prepended-'.getmypid();
        @mkdir($folder);
        file_put_contents("{$folder}/prepend.ini", "auto_prepend_file={$root}/tests/Mutation/prepend.php\n");

        return ['PHP_INI_SCAN_DIR' => ":{$folder}"];
    }

    /** Null while it runs; a run that never ends has been noticed. */
    public function noticed(): ?bool
    {
        $status = proc_get_status($this->process);
        if ($status['running'] && microtime(true) - $this->started < self::LONGEST_SECONDS) {
            return null;
        }
        if ($status['running']) {
            posix_kill(-$status['pid'], SIGKILL);
        }
        @unlink($this->file);

        return $status['running'] || $status['exitcode'] !== 0;
    }
}
