<?php

declare(strict_types=1);

use DustyJet\Worksheet\Act;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Ledger;
use Symfony\Component\Finder\Finder;

/** @return list<class-string> */
function acts(): array
{
    return array_map(static fn (EntryKind $k): string => $k->act(), EntryKind::cases());
}

/** @return list<class-string> */
function ledgers(): array
{
    $classes = [];
    foreach (sources('core/src/Worksheet', '*.php') as $path => $text) {
        $class = 'DustyJet\\Worksheet\\'.strtr(substr($path, 0, -4), '/', '\\');
        if (is_subclass_of($class, Ledger::class) && ! interface_exists($class)) {
            $classes[] = $class;
        }
    }

    return $classes;
}

arch('core knows no framework')
    ->expect('DustyJet')
    ->not->toUse(['Illuminate', 'App', 'Carbon', 'config', 'env', 'app']);
arch('core reads no clock and no dice')
    ->expect('DustyJet')
    ->not->toUse(['now', 'date', 'time', 'microtime', 'hrtime', 'rand', 'mt_rand', 'random_int']);
arch('core classes are final')->expect('DustyJet')->classes()->toBeFinal();
arch('every kind of entry is an act that cannot change')
    ->expect(acts())
    ->toBeFinal()
    ->toBeReadonly()
    ->toImplement(Act::class);
arch('what the log left is a ledger that cannot change')
    ->expect(ledgers())
    ->toBeFinal()
    ->toBeReadonly();
arch('core is strict')->expect('DustyJet')->toUseStrictTypes()->toUseStrictEquality();
arch('application is strict')->expect('App')->toUseStrictTypes()->toUseStrictEquality();
arch('quantities know nothing of analysis')
    ->expect('DustyJet\Quantity')
    ->not->toUse([
        'DustyJet\Numerics',
        'DustyJet\HoldTest',
        'DustyJet\Mixture',
        'DustyJet\Worksheet',
        'DustyJet\BenchLog',
        'DustyJet\Carburetor',
    ]);
arch('numerics know nothing of the trade')
    ->expect('DustyJet\Numerics')
    ->not->toUse([
        'DustyJet\Quantity',
        'DustyJet\HoldTest',
        'DustyJet\Mixture',
        'DustyJet\Worksheet',
        'DustyJet\BenchLog',
        'DustyJet\Carburetor',
    ]);
arch('analysis knows nothing of the log')
    ->expect(['DustyJet\HoldTest', 'DustyJet\Mixture'])
    ->not->toUse(['DustyJet\Worksheet', 'DustyJet\BenchLog', 'DustyJet\Knowledge']);
arch('an engine rests on air and quantities alone')
    ->expect('DustyJet\Engine')
    ->toOnlyUse(['DustyJet\Air', 'DustyJet\Quantity', 'DustyJet\Rejected', 'Random']);
arch('a bank rests on nothing but itself')
    ->expect('DustyJet\Bank')
    ->toOnlyUse(['DustyJet\Rejected']);
arch('air knows nothing at all')->expect('DustyJet\Air')->toUseNothing();
arch('the application leaves the kernels alone')->expect('App')->not->toUse('DustyJet\Numerics');
arch('the trade rests on nothing of the job')
    ->expect([
        'DustyJet\Carburetor',
        'DustyJet\StripAndBuild',
        'DustyJet\Diagnosis',
        'DustyJet\Knowledge',
        'DustyJet\BenchLog',
    ])
    ->not->toUse(['DustyJet\Worksheet', 'DustyJet\CommandLine']);
arch('the log knows nothing of the trade')
    ->expect('DustyJet\BenchLog')
    ->not->toUse([
        'DustyJet\Carburetor',
        'DustyJet\StripAndBuild',
        'DustyJet\Diagnosis',
        'DustyJet\Knowledge',
        'DustyJet\HoldTest',
        'DustyJet\Mixture',
    ]);
arch('views are fed, never feed')
    ->expect('App\View')
    ->toOnlyBeUsedIn(['App\View', 'App\Http\Controllers', 'Database\Seeders']);
arch('actions are invokable and know no HTTP')
    ->expect('App\Actions')
    ->classes()
    ->toBeInvokable()
    ->not->toUse(['Illuminate\Http', 'App\View']);
arch('models know no HTTP')
    ->expect('App\Models')
    ->not->toUse(['App\Http', 'App\View', 'App\Actions']);
arch('nothing is left from debugging')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'die'])
    ->not->toBeUsed();

/** @return iterable<string, string> path => contents */
function sources(string $folder, string $name): iterable
{
    foreach (
        Finder::create()
            ->files()
            ->in(__DIR__.'/../../'.$folder)
            ->name($name) as $file
    ) {
        yield $file->getRelativePathname() => $file->getContents();
    }
}

it('keeps clocks out of the core', function (): void {
    foreach (sources('core/src', '*.php') as $path => $text) {
        expect($text)->not->toMatch('/new\s+\\\\?DateTime(Immutable)?\s*(;|\)|\(\s*\)|\(\s*[\'"]now)/', $path);
    }
});

/** The places that may know one kind of entry from another: its own room, the table of kinds, and its words. */
it('names the act of a kind in its room and the one table only', function (): void {
    foreach (acts() as $act) {
        $name = substr($act, strlen('DustyJet\\Worksheet\\'));
        foreach (sources('core/src', '*.php') as $path => $text) {
            $isRoom = dirname($path) === 'Worksheet/'.strtok($name, '\\');
            if (! $isRoom && $path !== 'Worksheet/EntryKind.php') {
                expect($text)->not->toMatch('~\b'.preg_quote($name, '~').'\b~', $path);
            }
        }
    }
});

it('keeps logic out of the views', function (): void {
    foreach (sources('resources/views', '*.blade.php') as $path => $text) {
        expect($text)
            ->not->toMatch('/@php|::query\(|->where\(|number_format|round\(.*\)\s*\*|<script(?![^>]*@)|DB::/', $path)
            ->and(substr_count($text, "\n"))
            ->toBeLessThan(90, $path);
    }
});

it('has no bags and no unfinished business', function (): void {
    foreach (['core/src', 'app'] as $folder) {
        foreach (sources($folder, '*.php') as $path => $text) {
            expect($path)
                ->not->toMatch('/(Manager|Helper|Util|Service)\.php$/')
                ->and($text)
                ->not->toMatch('/TODO|FIXME/', $path);
        }
    }
});

it('has no test that cannot fail', function (): void {
    foreach (sources('tests', '*Test.php') as $path => $text) {
        expect($text)->not->toMatch('/expect\((true|false|1)\)->/', $path);
    }
});

it('names errors as facts', function (): void {
    foreach (sources('core/src', '*.php') as $path => $text) {
        expect($path)->not->toEndWith('Exception.php')->and($text)->not->toMatch('/function (get|set)[A-Z]/', $path);
    }
});

it('keeps methods short: none over 60 lines, nine in ten within 30', function (): void {
    $lengths = [];
    $parser = (new PhpParser\ParserFactory)->createForNewestSupportedVersion();
    $finder = new PhpParser\NodeFinder;
    foreach (['core/src', 'app'] as $folder) {
        foreach (sources($folder, '*.php') as $path => $text) {
            foreach (
                $finder->findInstanceOf($parser->parse($text) ?? [], PhpParser\Node\Stmt\ClassMethod::class) as $method
            ) {
                $length = $method->getEndLine() - $method->getStartLine() + 1;
                expect($length)->toBeLessThanOrEqual(60, "{$path}: {$method->name}");
                $lengths[] = $length;
            }
        }
    }
    sort($lengths);

    expect($lengths[(int) (0.9 * count($lengths))])->toBeLessThanOrEqual(30);
});

it('asks a policy or a request on every route', function (): void {
    foreach (sources('app/Http/Controllers', '*.php') as $path => $text) {
        if ($path === 'SessionController.php') {
            continue;
        }
        foreach (preg_split('/public function /', $text) ?: [] as $i => $method) {
            expect(
                $i === 0
                    || str_contains($method, 'Gate::authorize')
                    || preg_match('/\(\s*Store\w+Request /', $method) === 1,
            )->toBeTrue("{$path}: {$method}");
        }
    }
});
