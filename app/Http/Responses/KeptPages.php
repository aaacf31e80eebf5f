<?php

declare(strict_types=1);

namespace App\Http\Responses;

use App\Models\Person;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\Uid\UuidV4;

/**
 * Pages that were printed, one of each kind for each reader, in files of the server. What is of the moment is not in
 * them: the form's token, the ids of entries and the nonce are put in when they are sent.
 */
final readonly class KeptPages
{
    /** What nobody can have typed: a zero is refused on every way in. */
    private const TOKEN = "\0token\0";

    private const NONCE = "\0nonce\0";

    private const ID = '~(name="client_id" value=")[0-9a-f-]{36}(")~';

    /** One write in so many looks whether there are too many or too old ones. */
    private const TIDY_ONE_IN = 200;

    private const MOST = 4000;

    private const LONGEST_ADDRESS = 300;

    private const OLDEST_SECONDS = 24 * 3600;

    public function __construct(private string $folder)
    {
    }

    /** Whether the page says nothing of what was just refused, and may be kept as printed. */
    public function mayKeep(Request $request): bool
    {
        return config('shop.keeps_sheets') === true
            && ! $request->session()->has('errors')
            && strlen($request->fullUrl()) < self::LONGEST_ADDRESS;
    }

    /**
     * @param  string  $stamp what it stands on, of which only the latest is kept
     * @param  Closure(): PageResponse  $print
     */
    public function answer(Request $request, Person $reader, string $stamp, Closure $print): Response
    {
        $path = "{$this->folder}/".sha1(implode("\n", [
            $request->fullUrl(),
            (string) $reader->id,
            $request->cookie('dj_theme') === 'dark' ? 'dark' : 'light',
            $request->headers->get('HX-Request', ''),
            $request->headers->get('HX-History-Restore-Request', ''),
        ]));
        $begins = sha1($stamp)."\n";
        $kept = @file_get_contents($path);
        if ($kept !== false && str_starts_with($kept, $begins)) {
            return new Response(self::ofTheMoment(substr($kept, strlen($begins))), 200, PageResponse::HEADERS);
        }
        $response = $print()->toResponse($request);
        $this->keep($path, $begins.self::ofAnyMoment((string) $response->getContent()));

        return $response;
    }

    /** @return array<string, string> what is put in, by what stands for it */
    private static function moment(): array
    {
        return [self::TOKEN => csrf_token() ?? '', self::NONCE => Vite::cspNonce() ?? ''];
    }

    private static function ofTheMoment(string $html): string
    {
        return (string) preg_replace_callback(
            self::ID,
            static fn (array $found): string => $found[1].new UuidV4.$found[2],
            strtr($html, self::moment()),
        );
    }

    private static function ofAnyMoment(string $html): string
    {
        return strtr($html, array_flip(array_filter(self::moment(), static fn (string $v): bool => $v !== '')));
    }

    /** Whole or not at all; where it cannot be written the page is printed again the next time. */
    private function keep(string $path, string $text): void
    {
        is_dir($this->folder) || @mkdir($this->folder, 0o700, true);
        $part = $path.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($part, $text) === strlen($text)) {
            chmod($part, 0o600);
            rename($part, $path);
        } else {
            @unlink($part);
        }
        random_int(1, self::TIDY_ONE_IN) === 1 && $this->tidy();
    }

    private function tidy(): void
    {
        $times = [];
        foreach (glob("{$this->folder}/*") ?: [] as $file) {
            $times[$file] = (int) @filemtime($file);
        }
        arsort($times);
        $tooMany = array_slice($times, self::MOST, null, true);
        $tooOld = array_filter($times, static fn (int $t): bool => $t < time() - self::OLDEST_SECONDS);
        array_map(static fn (string $file): bool => @unlink($file), array_keys($tooMany + $tooOld));
    }
}
