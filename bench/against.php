<?php

// Processor time of pages of two servers, block by block in turn: php bench/against.php PID PORT PID PORT. The second
// is said as a share of the first. Time is what the kernel counts for the process, nanoseconds.

declare(strict_types=1);

const BLOCKS = 60;
const REQUESTS = 10;
const PASSWORD = 'brass-jet-demo';

final class Served
{
    private CurlHandle $curl;

    public function __construct(private readonly int $pid, private readonly int $port)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_FOLLOWLOCATION => true,
        ]);
    }

    public function waitUntilUp(): void
    {
        for ($second = 0; $second < 180; $second++) {
            if (str_contains($this->get('/sign-in'), '_token')) {
                return;
            }
            sleep(1);
        }
        exit("Nothing answers on port {$this->port}: see var/log/against-*.log\n");
    }

    public function signIn(): string
    {
        preg_match('~name="_token" value="([^"]+)"~', $this->get('/sign-in'), $token);

        return $this->ask('/sign-in', http_build_query([
            '_token' => $token[1] ?? '', 'name' => 'R. Okafor', 'password' => PASSWORD,
        ]));
    }

    /** @return string address of a job whose sheet names this machine */
    public function jobOf(string $machine, string $board): string
    {
        preg_match_all('~/jobs/[0-9a-f-]{36}~', $board, $jobs);
        foreach (array_unique($jobs[0]) as $job) {
            if (str_contains($this->get("{$job}/intake"), $machine)) {
                return $job;
            }
        }
        exit("No job of {$machine} on the board of port {$this->port}\n");
    }

    /** Milliseconds of processor that a page takes, the mean of a block. */
    public function milliseconds(string $path): float
    {
        $before = $this->nanoseconds();
        for ($i = 0; $i < REQUESTS; $i++) {
            $this->get($path);
        }

        return ($this->nanoseconds() - $before) / 1e6 / REQUESTS;
    }

    public function get(string $path): string
    {
        return $this->ask($path, null);
    }

    private function ask(string $path, ?string $form): string
    {
        curl_setopt($this->curl, CURLOPT_URL, "http://127.0.0.1:{$this->port}{$path}");
        $form === null
            ? curl_setopt($this->curl, CURLOPT_HTTPGET, true)
            : curl_setopt($this->curl, CURLOPT_POSTFIELDS, $form);
        $answer = curl_exec($this->curl);

        return is_string($answer) ? $answer : '';
    }

    private function nanoseconds(): int
    {
        return (int) explode(' ', (string) file_get_contents("/proc/{$this->pid}/schedstat"))[0];
    }
}

/** @param  list<float>  $values at least one */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

[, $pidBefore, $portBefore, $pidNow, $portNow] = $argv;
$sides = ['before' => new Served((int) $pidBefore, (int) $portBefore), 'now' => new Served((int) $pidNow, (int) $portNow)];
$pages = [];
foreach ($sides as $name => $side) {
    $side->waitUntilUp();
    $board = $side->signIn();
    $pages[$name] = [
        'bench test' => $side->jobOf('Tilby 46', $board).'/bench-test',
        'intake' => $side->jobOf('Korvo chipper', $board).'/intake',
        'board' => '/',
    ];
}
foreach (array_keys($pages['now']) as $page) {
    $taken = ['before' => [], 'now' => []];
    for ($block = -2; $block < BLOCKS; $block++) {
        foreach ($sides as $name => $side) {
            $milliseconds = $side->milliseconds($pages[$name][$page]);
            $taken[$name] = $block < 0 ? [] : [...$taken[$name], $milliseconds];
        }
    }
    $ratios = array_map(static fn (float $b, float $n): float => $n / $b, $taken['before'], $taken['now']);
    printf(
        "%-11s before %5.1f ms, now %5.1f ms, ratio %.2f (median of %d blocks in turn)\n",
        $page, median($taken['before']), median($taken['now']), median($ratios), BLOCKS,
    );
}
