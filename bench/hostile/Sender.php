<?php

declare(strict_types=1);

use App\Models\Person;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;

/** Sends requests to a program that is booted anew for each, and remembers the worst. */
final class Sender
{
    private const OF_A_WORKER = 500;

    public float $worstSeconds = 0.0;

    public int $worstBytes = 0;

    public string $slowest = '';

    /** @var array<int, int> how many of each status */
    public array $statuses = [];

    /** @var array<string, int> what was said of what was refused, with numbers and names left out */
    public array $said = [];

    /** @var list<string> */
    public array $failures = [];

    private ?Application $app = null;

    private int $sent = 0;

    public function boot(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->instance('request', Request::create('/'));
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    public function send(Request $request, ?Person $by, string $what): int
    {
        // A worker answers many before it ends; what one leaves behind must not spoil the next.
        $app = $this->sent++ % self::OF_A_WORKER === 0 || $this->app === null ? $this->app = $this->boot() : $this->app;
        $app->forgetScopedInstances();
        Auth::forgetGuards();
        // Nobody is slowed here: what is too much is another matter than what is wrong.
        Cache::flush();
        $by === null || Auth::guard('web')->setUser($by);
        // The token is a browser's matter; here it is left out, as in a test.
        $app->instance('env', 'testing');
        gc_collect_cycles();
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $used = self::processorSeconds();
        $start = hrtime(true);
        $response = $app->make(Kernel::class)->handle($request);
        $seconds = (hrtime(true) - $start) / 1e9;
        $bytes = memory_get_peak_usage() - $before;
        if ($seconds > $this->worstSeconds) {
            $this->slowest = $what;
        }
        $this->worstSeconds = max($this->worstSeconds, $seconds);
        $this->worstBytes = max($this->worstBytes, $bytes);
        $status = $response->getStatusCode();
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $status !== 422 || $this->noteRefusal((string) $response->getContent());
        if ($status >= 500 || $seconds > 2.0 || $bytes > 64 * 1024 * 1024) {
            $exception = $response->exception ?? null;
            $why = $exception instanceof Throwable
                ? "{$exception->getMessage()} at ".basename($exception->getFile()).":{$exception->getLine()}"
                : '';
            $processor = self::processorSeconds() - $used;
            $cost = sprintf('%d, %.2f s of which %.2f of processor, %.1f MB', $status, $seconds, $processor, $bytes / 1048576);
            $this->failures[] = "{$what}: {$cost} ".mb_substr($why, 0, 200);
        }

        return $status;
    }

    /** Of this program alone: what another took of the machine is not in it. */
    private static function processorSeconds(): float
    {
        /** @var array<string, int> $used */
        $used = (array) getrusage();
        $micro = ($used['ru_utime.tv_usec'] ?? 0) + ($used['ru_stime.tv_usec'] ?? 0);

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0) + $micro / 1e6;
    }

    private function noteRefusal(string $body): void
    {
        $json = json_decode($body, true);
        $said = [];
        is_array($json) && array_walk_recursive($json, static function (mixed $m) use (&$said): void {
            $said[] = is_string($m) ? $m : '';
        });
        $key = mb_substr((string) preg_replace('~"[^"]*"|[0-9.]+~', '…', implode(' ', $said)), 0, 90);
        $this->said[$key] = ($this->said[$key] ?? 0) + 1;
    }

    public function tell(string $name): void
    {
        ksort($this->statuses);
        $count = static fn (int $status, int $n): string => "{$status}: {$n}";
        $said = implode(' ', array_map($count, array_keys($this->statuses), $this->statuses));
        printf(
            "  %-16s %s; worst %.2f s (%s), %.1f MB; failed %d\n",
            $name, $said, $this->worstSeconds, $this->slowest, $this->worstBytes / 1048576, count($this->failures),
        );
        arsort($this->said);
        foreach (array_slice($this->said, 0, 4, true) as $said => $n) {
            echo "    {$n} times: {$said}\n";
        }
        foreach (array_slice($this->failures, 0, 5) as $failure) {
            echo "    {$failure}\n";
        }
    }
}
