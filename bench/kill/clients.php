<?php

declare(strict_types=1);

// Eight people who log one note after the other, and try again with the same id until it was said that it is logged.
// php bench/kill/clients.php URL STOP_FILE ACKNOWLEDGED_FILE : until the file STOP_FILE is there.

const WRITERS = 8;

const AGAIN_SECONDS = 0.2;

[, $url, $stop, $acknowledged] = $argv;
str_starts_with($url, 'http://127.0.0.1:') || exit("Only a server on this machine.\n");

/** One person with a session, and the note they want to see logged. */
final class Writer
{
    private string $jar;

    private string $token = '';

    private string $note = '';

    private string $id = '';

    private int $written = 0;

    public int $refused = 0;

    public float $again = 0.0;

    /** @param  list<string>  $jobs */
    public function __construct(private readonly string $url, private readonly int $number, public array $jobs = [])
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'jar');
    }

    /** @param  array<string, string>|null  $post */
    private function curl(string $path, ?array $post): CurlHandle
    {
        $curl = curl_init();
        $address = $this->url.$path;
        $address === '' || curl_setopt($curl, CURLOPT_URL, $address);
        $this->jar === '' || curl_setopt($curl, CURLOPT_COOKIEJAR, $this->jar);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $this->jar, CURLOPT_TIMEOUT => 20,
            CURLOPT_HTTPHEADER => ['Accept: application/json'],
        ]);
        $post === null || curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($post));

        return $curl;
    }

    /** @param  array<string, string>|null  $post */
    private function body(string $path, ?array $post = null): string
    {
        $curl = $this->curl($path, $post);
        curl_setopt($curl, CURLOPT_FOLLOWLOCATION, true);
        curl_setopt($curl, CURLOPT_HTTPHEADER, ['Accept: text/html']);

        return (string) curl_exec($curl);
    }

    /** Whether there is something to write to: a server that was just killed has no board. */
    public function signIn(): bool
    {
        $names = ['R. Okafor', 'June Halloran', 'Teo Vanska', 'Addie Quill'];
        preg_match('~name="_token" value="([^"]+)"~', $this->body('/sign-in'), $token);
        $who = ['_token' => $token[1] ?? '', 'name' => $names[$this->number % 4], 'password' => 'brass-jet-demo'];
        $board = $this->body('/sign-in', $who);
        preg_match('~name="csrf-token" content="([^"]+)"~', $board, $token);
        preg_match_all('~href="[^"]*/jobs/([0-9a-f-]{36})/~', $board, $jobs);
        $this->token = $token[1] ?? '';
        $this->jobs = array_values(array_unique($jobs[1])) ?: $this->jobs;

        return $this->token !== '' && $this->jobs !== [];
    }

    public function post(): CurlHandle
    {
        if ($this->note === '') {
            $this->written++;
            $this->note = "writer {$this->number}, note {$this->written}";
            $bytes = random_bytes(16);
            $bytes[6] = chr(ord($bytes[6]) & 0x0F | 0x40);
            $bytes[8] = chr(ord($bytes[8]) & 0x3F | 0x80);
            $this->id = vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
        }
        $job = $this->jobs[($this->number + $this->written) % count($this->jobs)];

        return $this->curl("/jobs/{$job}/entries/note_added", [
            '_token' => $this->token, 'client_id' => $this->id, 'seen' => '0', 'at' => 'strip', 'text' => $this->note,
        ]);
    }

    /** @return string|null what was acknowledged: the id and the note */
    public function heard(int $status, string $body): ?string
    {
        $said = json_decode($body, true);
        if ($status === 200 && is_array($said) && ($said['logged'] ?? '') === $this->id) {
            $line = "{$this->id}\t{$this->note}";
            $this->note = '';

            return $line;
        }
        $this->again = microtime(true) + AGAIN_SECONDS;
        if ($status === 401 || $status === 419) {
            $this->signIn();
        } elseif ($status >= 400 && $status < 500 && $status !== 429) {
            $this->refused++;
            fwrite(STDERR, "{$status} {$body}\n");
        }

        return null;
    }
}

$writers = array_map(static fn (int $n): Writer => new Writer($url, $n), range(0, WRITERS - 1));
foreach ($writers as $writer) {
    while (! $writer->signIn()) {
        sleep(1);
    }
}
$log = fopen($acknowledged, 'w') ?: exit("{$acknowledged} cannot be written.\n");
$multi = curl_multi_init();
$out = [];
$idle = $writers;
while (! is_file($stop) || $out !== []) {
    foreach ($idle as $key => $writer) {
        if ($writer->again <= microtime(true) && ! is_file($stop)) {
            $curl = $writer->post();
            curl_multi_add_handle($multi, $curl);
            $out[spl_object_id($curl)] = [$curl, $writer];
            unset($idle[$key]);
        }
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.02);
    usleep(500);
    while (($done = curl_multi_info_read($multi)) !== false) {
        /** @var CurlHandle $curl */
        $curl = $done['handle'];
        [, $writer] = $out[spl_object_id($curl)];
        unset($out[spl_object_id($curl)]);
        $line = $writer->heard(curl_getinfo($curl, CURLINFO_HTTP_CODE), (string) curl_multi_getcontent($curl));
        $line === null || fwrite($log, "{$line}\n");
        curl_multi_remove_handle($multi, $curl);
        $idle[] = $writer;
    }
}
exit(array_sum(array_map(static fn (Writer $w): int => $w->refused, $writers)) === 0 ? 0 : 1);
