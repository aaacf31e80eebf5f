<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Job;
use App\Policies\JobPolicy;
use Closure;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Knowledge\DiagnosisFiles;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Knowledge\GuideFile;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    private const KNOWLEDGE = 'core/knowledge';

    private const GUIDE_FILE = 'core/knowledge/identify.yaml';

    private const DIAGNOSIS_FILES = 'core/knowledge/diagnosis/*.yaml';

    public function register(): void
    {
        $this->app->singleton(Families::class, static fn (): Families => new FamilyFiles(base_path(self::KNOWLEDGE), static function (string $name, Closure $read): Family {
            // Parsing takes as long as a whole request: keep the result until the files change.
            $stored = Cache::rememberForever($name, static fn (): string => serialize($read()));
            $family = is_string($stored) ? unserialize($stored) : null;

            return $family instanceof Family ? $family : $read();
        }));
        $this->app->singleton(Catalogue::class, static function (): Catalogue {
            $paths = glob(base_path(self::DIAGNOSIS_FILES));
            $paths = $paths === false ? [] : $paths;
            $read = static fn (): Catalogue => DiagnosisFiles::catalogue(DiagnosisFiles::merge(array_map(static fn (string $p): string => (string) file_get_contents($p), $paths)));
            $stored = Cache::rememberForever('diagnosis:'.md5(implode(array_map(md5_file(...), $paths))), static fn (): string => serialize($read()));
            $catalogue = is_string($stored) ? unserialize($stored) : null;

            return $catalogue instanceof Catalogue ? $catalogue : $read();
        });
        $this->app->singleton(Guide::class, static fn (Application $app): Guide => GuideFile::parse((string) file_get_contents(base_path(self::GUIDE_FILE)), array_keys($app->make(Catalogue::class)->families)));
    }

    public function boot(): void
    {
        Model::shouldBeStrict(config('app.env') !== 'production');
        Gate::policy(Job::class, JobPolicy::class);
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(10)->by($request->ip().'|'.mb_strtolower($request->string('name')->toString()))->after(static fn (): bool => Auth::guest()));
    }
}
