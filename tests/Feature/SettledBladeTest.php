<?php

declare(strict_types=1);

use App\Providers\SettledBlade;
use Illuminate\Support\Facades\File;
use Illuminate\View\Engines\CompilerEngine;
use Illuminate\View\ViewException;

beforeEach(function (): void {
    $this->engine = new SettledBlade(app('blade.compiler'), resource_path().'/');
    $this->shared = app('view')->getShared();
    $this->view = resource_path('views/reports/lay-up.blade.php');
    app('blade.compiler')->compile($this->view);
});

it('prints a compiled view as the looking engine does, escaped', function (): void {
    $record = (object) ['layUp' => ['Tap off', '<b>']];
    // What a view is given never says which file is printed.
    $data = [...$this->shared, 'page' => (object) ['record' => $record], '__path' => '/nowhere'];
    $html = $this->engine->get($this->view, $data);

    expect($html)->toContain('Tap off')->toContain('&lt;b&gt;')
        ->toBe((new CompilerEngine(app('blade.compiler')))->get($this->view, $data));
});

it('names the view that failed, and leaves no output behind', function (): void {
    $level = ob_get_level();

    expect(fn () => $this->engine->get($this->view, $this->shared))->toThrow(ViewException::class, 'lay-up.blade.php')
        ->and(ob_get_level())->toBe($level);
});

it('compiles a view that is not its own when it is asked for', function (): void {
    $path = sys_get_temp_dir().'/dj-'.bin2hex(random_bytes(6)).'.blade.php';
    File::put($path, 'Hello {{ $name }}');
    try {
        expect($this->engine->get($path, [...$this->shared, 'name' => 'bench']))->toBe('Hello bench');
    } finally {
        File::delete($path);
    }
});
