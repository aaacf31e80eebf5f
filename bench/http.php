<?php

declare(strict_types=1);

// The job sheet over HTTP: 20 clients at once, a bounded number of requests, loopback only.

const CLIENTS = 20;
const REQUESTS = 400;

$url = $argv[1] ?? 'http://127.0.0.1:8097';
str_starts_with($url, 'http://127.0.0.1:') || exit("Only a server on this machine.\n");
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$jar !== '' || exit("No room for a cookie jar.\n");

$fetch = static function (string $path, ?array $post = null) use ($url, $jar): string {
    $curl = curl_init();
    curl_setopt($curl, CURLOPT_URL, $url.$path);
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_COOKIEJAR => $jar,
        CURLOPT_COOKIEFILE => $jar,
        CURLOPT_FOLLOWLOCATION => true,
    ]);
    if ($post !== null) {
        curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($post));
    }
    $body = (string) curl_exec($curl);
    curl_close($curl);

    return $body;
};

preg_match('~name="_token" value="([^"]+)"~', $fetch('/sign-in'), $token);
$board = $fetch('/sign-in', ['_token' => $token[1] ?? '', 'name' => 'R. Okafor', 'password' => 'brass-jet-demo']);
preg_match('~href="'.preg_quote($url, '~').'(/jobs/[0-9a-f-]{36})/bench-test"~', $board, $job);
isset($job[1]) || exit("The demo's job was not found on the board.\n");

$milliseconds = [];
$bytes = 0;
$failed = 0;
$sent = 0;
$multi = curl_multi_init();
$send = static function () use ($multi, $url, $job, $jar, &$sent): void {
    $curl = curl_init($url.$job[1].'/bench-test');
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_ENCODING => '']);
    curl_multi_add_handle($multi, $curl);
    $sent++;
};
for ($i = 0; $i < CLIENTS; $i++) {
    $send();
}
$start = hrtime(true);
while (count($milliseconds) + $failed < REQUESTS) {
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.05);
    while (($done = curl_multi_info_read($multi)) !== false) {
        /** @var CurlHandle $curl */
        $curl = $done['handle'];
        if (curl_getinfo($curl, CURLINFO_HTTP_CODE) === 200) {
            $milliseconds[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000;
            $bytes = strlen((string) curl_multi_getcontent($curl));
        } else {
            $failed++;
        }
        curl_multi_remove_handle($multi, $curl);
        if ($sent < REQUESTS) {
            $send();
        }
    }
}
$seconds = (hrtime(true) - $start) / 1e9;
sort($milliseconds);
$count = count($milliseconds);
printf(
    "job sheet over HTTP, %d clients, %d requests: median %.0f ms, 95th percentile %.0f ms, %.0f a second, %d failed, page %.0f kB\n",
    CLIENTS,
    REQUESTS,
    $milliseconds[intdiv($count, 2)] ?? NAN,
    $milliseconds[(int) (0.95 * $count)] ?? NAN,
    $count / $seconds,
    $failed,
    $bytes / 1000,
);
unlink($jar);
