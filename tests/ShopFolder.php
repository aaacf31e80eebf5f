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
        Process::path(base_path())->timeout(120)->run(['bash', '-c', <<<SH
            set -e
            mkdir -p {$folder}/node_modules
            chmod 755 {$folder}
            git ls-files -z app artisan bin bootstrap compat composer.json config core database deploy \
              package-lock.json public resources routes vite.config.js | xargs -0 cp -a --parents -t {$folder}
            cp -a public/build {$folder}/public
            cp -al vendor {$folder} || cp -a vendor {$folder}
            rm -f {$folder}/vendor/.installed
            mkdir -p {$folder}/var && cp -a var/common-passwords {$folder}/var
            touch {$folder}/vendor/.installed {$folder}/node_modules/.installed {$folder}/public/build/manifest.json
            SH])->throw();

        return $folder;
    }

    public static function removeAll(): void
    {
        Process::run(['rm', '-rf', ...self::$made]);
        self::$made = [];
    }
}
