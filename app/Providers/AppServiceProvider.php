<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\Responses\KeptPages;
use App\Http\Sessions\DatabaseSession;
use App\Http\Sessions\PersonProvider;
use App\Http\Sessions\Tries;
use App\Knowledge\Catalogues;
use App\Knowledge\CompiledKnowledge;
use App\Knowledge\Diagnoses;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Person;
use App\Models\ReportLink;
use App\Models\Rights;
use App\Models\SignIn;
use App\Policies\InstrumentPolicy;
use App\Policies\JobPolicy;
use App\Policies\PersonPolicy;
use App\Policies\ReportLinkPolicy;
use App\Policies\SignInPolicy;
use Closure;
use DustyJet\Carburetor\Families;
use DustyJet\Carburetor\Family;
use DustyJet\Carburetor\Guide;
use DustyJet\Diagnosis\Catalogue;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Knowledge\GuideFile;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\NoPendingMigrations;
use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\Engines\EngineResolver;

final class AppServiceProvider extends ServiceProvider
{
    private const KNOWLEDGE = 'core/knowledge';

    /** From one address: a customer opens one, who guesses needs more than there are. */
    private const REPORTS_A_MINUTE = 20;

    public function register(): void
    {
        $this->app->singleton(
            CompiledKnowledge::class,
            static fn (): CompiledKnowledge => new CompiledKnowledge(config()->string('shop.compiled').'/knowledge'),
        );
        $this->app->singleton(
            KeptPages::class,
            static fn (): KeptPages => new KeptPages(config()->string('shop.data').'/sheets'),
        );
        $this->app->singleton(Families::class, self::families(...));
        $this->app->singleton(Catalogues::class, self::catalogues(...));
        $this->app->singleton(Catalogue::class, static fn (Application $app): Catalogue => $app->make(Catalogues::class)->all());
        $this->app->singleton(Diagnoses::class);
        $this->app->singleton(Guide::class, self::guide(...));
        config()->boolean('view.check_cache_timestamps') || $this->app->afterResolving(
            'view.engine.resolver',
            static fn (EngineResolver $engines) => $engines->register(
                'blade',
                static fn (): SettledBlade => new SettledBlade(app('blade.compiler'), resource_path().'/'),
            ),
        );
    }

    public function boot(): void
    {
        Blade::anonymousComponentPath(resource_path('drawings'));
        View::addNamespace('drawings', resource_path('drawings'));
        Model::shouldBeStrict(config('app.env') !== 'production');
        Session::extend('database', static fn (): DatabaseSession => new DatabaseSession(
            DB::connection(config()->string('session.connection')),
            config()->string('session.table'),
            config()->integer('session.lifetime'),
        ));
        Auth::provider('people', static fn (Application $app): PersonProvider => new PersonProvider(
            $app->make('hash'),
            Person::class,
        ));
        Gate::policy(Job::class, JobPolicy::class);
        Gate::policy(Instrument::class, InstrumentPolicy::class);
        Gate::policy(Person::class, PersonPolicy::class);
        Gate::policy(SignIn::class, SignInPolicy::class);
        Gate::policy(ReportLink::class, ReportLinkPolicy::class);
        Event::listen([MigrationsEnded::class, NoPendingMigrations::class], self::giveRights(...));
        // The health page tells of the database too.
        Event::listen(DiagnosingHealth::class, static fn (): mixed => DB::scalar('select 1 from jobs limit 1'));
        // Only who signs in is counted, so only then is the counter made.
        $this->app->afterResolving(RateLimiter::class, static function (RateLimiter $all): void {
            $all->for('sign-in', Tries::toSignIn(...));
            $all->for('password', Tries::within(...));
            $all->for(
                'report-links',
                static fn (Request $r): Limit => Limit::perMinute(self::REPORTS_A_MINUTE)->by("report|{$r->ip()}"),
            );
        });
    }

    private static function giveRights(): void
    {
        $role = DB::connection('pgsql')->getConfig('username');
        \assert(is_string($role));
        Rights::give(DB::connection('owner'), $role);
    }

    private static function families(Application $app): Families
    {
        $compiled = $app->make(CompiledKnowledge::class);

        return new FamilyFiles(
            base_path(self::KNOWLEDGE),
            static fn (string $name, Closure $read): Family => $compiled->kept(Family::class, $name, $read),
        );
    }

    private static function catalogues(Application $app): Catalogues
    {
        $paths = glob(base_path(self::KNOWLEDGE.'/diagnosis/*.yaml'));

        return new Catalogues($app->make(CompiledKnowledge::class), $paths === false ? [] : $paths);
    }

    private static function guide(Application $app): Guide
    {
        $yaml = (string) file_get_contents(base_path(self::KNOWLEDGE.'/identify.yaml'));

        return GuideFile::parse($yaml, array_keys($app->make(Catalogue::class)->families));
    }
}
