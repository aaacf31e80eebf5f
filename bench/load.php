<?php

declare(strict_types=1);

// A shop at work on bin/serve: so many requests a second, whether or not the last was answered (an open loop), so that
// a queue shows. Beside a static file and a bare route in the same run; then the processor time of each kind of request.
// php bench/load.php URL PHP_FPM_PID POSTGRES_PID [A_SECOND] [SECONDS]

const KEPT_ROUNDS = 300;

const CHANGED_ROUNDS = 150;

[, $url, $fpm, $postgres] = $argv;
$rate = (int) ($argv[4] ?? 50);
$seconds = (int) ($argv[5] ?? 20);
str_starts_with($url, 'http://127.0.0.1:') || exit("Only a server on this machine.\n");

/** What a browser that is signed in sends: one cookie jar, one token. */
final class Visitor
{
    public string $token = '';

    private string $jar;

    public function __construct(private readonly string $url)
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        preg_match('~name="_token" value="([^"]+)"~', $this->body('/sign-in'), $token);
        $who = ['_token' => $token[1] ?? '', 'name' => 'R. Okafor', 'password' => 'brass-jet-demo'];
        preg_match('~name="csrf-token" content="([^"]+)"~', $this->body('/sign-in', $who), $token);
        $this->token = $token[1] ?? exit("Nobody could sign in.\n");
    }

    /** @param  array<string, string>|null  $post */
    public function request(string $path, ?array $post = null, string $jar = ''): CurlHandle
    {
        $curl = curl_init();
        $address = $this->url.$path;
        $address === '' || curl_setopt($curl, CURLOPT_URL, $address);
        $jar === '' || curl_setopt($curl, CURLOPT_COOKIEJAR, $jar);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_ENCODING => '',
            CURLOPT_COOKIEFILE => $this->jar,
        ]);
        if ($post !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($post));
        }

        return $curl;
    }

    /** @param  array<string, string>|null  $post */
    public function body(string $path, ?array $post = null): string
    {
        return (string) curl_exec($this->request($path, $post, $this->jar));
    }

    /** A note, as a form of the sheet says it: answered with the sheet, or with where it is to a browser without scripts. */
    public function note(string $job, bool $isOneTrip = true): CurlHandle
    {
        $id = vsprintf('%s%s-%s-4%s-8%s-%s%s%s', str_split(bin2hex(random_bytes(16)), 4));
        $id = preg_replace('~-4.(...)-8.(...)-~', '-4$1-8$2-', $id);

        $curl = $this->request("{$job}/entries/note_added", [
            '_token' => $this->token, 'client_id' => (string) $id, 'seen' => '0', 'at' => 'strip', 'text' => 'leans against the wall',
        ]);
        curl_setopt($curl, CURLOPT_HTTPHEADER, $isOneTrip ? ['HX-Request: true'] : []);

        return $curl;
    }
}

/** @param  list<float>  $milliseconds */
function quantile(array $milliseconds, float $at): float
{
    sort($milliseconds);

    return $milliseconds[(int) min(count($milliseconds) - 1, floor($at * count($milliseconds)))] ?? NAN;
}

/** Milliseconds of processor that a process and its children have used. */
function processor(string $parent): float
{
    $used = 0.0;
    $children = trim((string) @file_get_contents("/proc/{$parent}/task/{$parent}/children"));
    foreach ([$parent, ...explode(' ', $children)] as $pid) {
        $stat = explode(' ', substr((string) strrchr((string) @file_get_contents("/proc/{$pid}/stat"), ')'), 2));
        $used += 10.0 * ((int) ($stat[11] ?? 0) + (int) ($stat[12] ?? 0));
    }

    return $used;
}

/**
 * @param  Closure(int): CurlHandle  $next
 *
 * @return array{list<float>, int} milliseconds from the moment each was due, and how many were not answered with 200
 */
function openLoop(int $rate, int $seconds, Closure $next): array
{
    $multi = curl_multi_init();
    $due = [];
    $took = [];
    $failed = 0;
    $sent = 0;
    $start = microtime(true);
    while ($sent < $rate * $seconds || $due !== []) {
        while ($sent < $rate * $seconds && microtime(true) - $start >= $sent / $rate) {
            $curl = $next($sent);
            $due[spl_object_id($curl)] = [$start + $sent / $rate, $curl];
            curl_multi_add_handle($multi, $curl);
            $sent++;
        }
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.001);
        while (($done = curl_multi_info_read($multi)) !== false) {
            /** @var CurlHandle $curl */
            $curl = $done['handle'];
            [$at] = $due[spl_object_id($curl)];
            unset($due[spl_object_id($curl)]);
            $took[] = 1000.0 * (microtime(true) - $at);
            $failed += curl_getinfo($curl, CURLINFO_HTTP_CODE) === 200 ? 0 : 1;
            curl_multi_remove_handle($multi, $curl);
        }
    }

    return [$took, $failed];
}

$shop = new Visitor($url);
$board = $shop->body('/');
preg_match_all('~href="[^"]*(/jobs/[0-9a-f-]{36})/~', $board, $found);
$jobs = array_values(array_unique($found[1]));
preg_match('~/build/assets/[^"]+\.css~', $board, $css);
$stylesheet = $css[0] ?? exit("The board has no stylesheet.\n");
$jobs !== [] || exit("The board has no job.\n");
$sheet = "{$jobs[0]}/strip";
echo "load {$url}: {$rate} requests a second for {$seconds} s, from when each is due; ".count($jobs)." jobs\n";
foreach ([
    'static file' => static fn (int $i): CurlHandle => $shop->request($stylesheet),
    'bare route, signed in' => static fn (int $i): CurlHandle => $shop->request('/session'),
    'one sheet, unchanged' => static fn (int $i): CurlHandle => $shop->request($sheet),
    'sheets and board, one append in ten' => static fn (int $i): CurlHandle => match (true) {
        $i % 10 === 9 => $shop->note($jobs[intdiv($i, 10) % count($jobs)]),
        $i % 2 === 0 => $shop->request('/'),
        default => $shop->request($jobs[$i % count($jobs)].['/strip', '/bench-test', '/intake', '/clean'][$i % 4]),
    },
] as $name => $next) {
    [$took, $failed] = openLoop($rate, $seconds, $next);
    printf("  %-38s p50 %6.1f  p95 %6.1f  p99 %6.1f  most %6.1f ms, not 200: %d\n", $name, ...[
        ...array_map(static fn (float $q): float => quantile($took, $q), [0.5, 0.95, 0.99, 1.0]), $failed,
    ]);
}
echo "  processor time of PHP and of PostgreSQL, one request after the other:\n";
$bare = null;
$nothing = static fn (int $i): bool => true;
$append = static fn (int $i) => curl_exec($shop->note($jobs[$i % count($jobs)]));
foreach ([
    'bare route, signed in' => [KEPT_ROUNDS, $nothing, static fn (int $i) => curl_exec($shop->request('/session'))],
    'sheet, kept' => [KEPT_ROUNDS, $nothing, static fn (int $i) => curl_exec($shop->request($sheet))],
    'sheet, printed after an entry' => [
        CHANGED_ROUNDS, $append, static fn (int $i) => curl_exec($shop->request("{$jobs[$i % count($jobs)]}/strip?look={$i}")),
    ],
    'board, kept' => [CHANGED_ROUNDS, $nothing, static fn (int $i) => curl_exec($shop->request('/'))],
    'board, printed after an entry' => [CHANGED_ROUNDS, $append, static fn (int $i) => curl_exec($shop->request('/'))],
    'an entry, and its sheet in two trips' => [
        CHANGED_ROUNDS, $nothing, static fn (int $i) => curl_exec($shop->note($jobs[$i % count($jobs)], false)),
    ],
    'an entry, and its sheet in one trip' => [CHANGED_ROUNDS, $nothing, $append],
] as $name => [$rounds, $before, $ask]) {
    $php = $sql = 0.0;
    for ($i = 0; $i < $rounds; $i++) {
        $before($i);
        $was = [processor($fpm), processor($postgres)];
        $ask($i);
        $php += (processor($fpm) - $was[0]) / $rounds;
        $sql += (processor($postgres) - $was[1]) / $rounds;
    }
    $bare ??= $php + $sql;
    printf("  %-38s PHP %5.1f  PostgreSQL %4.1f ms, %4.2f of a bare route\n", $name, $php, $sql, ($php + $sql) / $bare);
}
