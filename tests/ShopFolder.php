<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\Process;

/** A shop of its own, from this checkout: what bin/serve and bin/start run, in a folder that who serves may enter. */
final class ShopFolder
{
    /** @var list<string> what this process made: another of the run has folders of its own beside them */
    private static array $made = [];

    public static function make(): string
    {
        $folder = sys_get_temp_dir().'/dusty-jet-serve-'.bin2hex(random_bytes(4));
        self::$made[] = $folder;
        Process::path(base_path())->timeout(120)->run(['bash', '-c', '. bin/lib.sh; copy_program "$1"', 'shop', $folder])->throw();

        return $folder;
    }

    public static function removeAll(): void
    {
        Process::run(['rm', '-rf', ...self::$made]);
        self::$made = [];
    }
}
