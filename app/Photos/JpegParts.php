<?php

declare(strict_types=1);

namespace App\Photos;

use Generator;

/**
 * What a JPEG file is made of, marker by marker (ITU-T T.81, annex B), to tell whether it is whole and nothing but a
 * picture.
 */
final readonly class JpegParts
{
    private const START = "\xFF\xD8";

    private const END = 0xD9;

    private const SCAN = 0xDA;

    private const COMMENT = 0xFE;

    /** Frame, tables, restart interval, JFIF header: what a picture needs. */
    private const OF_A_PICTURE = [0xC0, 0xC1, 0xC2, 0xC4, 0xDB, 0xDD, 0xE0, self::SCAN];

    /** What our own encoder writes into each. */
    private const OUR_COMMENT = 'CREATOR: gd-jpeg v';

    /** Whether it ends where its picture ends, and has no camera's notes, no place, no profile, no word of anybody's. */
    public static function areOfAPictureOnly(string $jpeg): bool
    {
        foreach (self::of($jpeg) as $marker => [$content, $end]) {
            if ($marker === self::END) {
                return $end === strlen($jpeg);
            }
            if (! self::isAllowed($marker, $content)) {
                return false;
            }
        }

        return false;
    }

    /** Whether its picture comes to an end, whatever a camera wrote after it. */
    public static function comeToAnEnd(string $jpeg): bool
    {
        foreach (self::of($jpeg) as $marker => $part) {
            if ($marker === self::END) {
                return true;
            }
        }

        return false;
    }

    /** @return Generator<int, array{string, int}> by marker: what is in it, and where it ends; to the end of the picture */
    private static function of(string $jpeg): Generator
    {
        $at = str_starts_with($jpeg, self::START) ? 2 : strlen($jpeg);
        while (preg_match('/\G\xFF+([\x01-\xFE])/s', $jpeg, $found, 0, $at) === 1) {
            $marker = ord($found[1]);
            $at += strlen($found[0]);
            if ($marker === self::END) {
                yield $marker => ['', $at];

                return;
            }
            $length = (ord($jpeg[$at] ?? '') << 8) | ord($jpeg[$at + 1] ?? '');
            if ($length < 2) {
                return;
            }
            yield $marker => [substr($jpeg, $at + 2, $length - 2), $at + $length];
            $at += $length;
            $at = $marker === self::SCAN ? self::endOfScan($jpeg, $at) : $at;
        }
    }

    private static function isAllowed(int $marker, string $content): bool
    {
        return $marker === self::COMMENT
            ? str_starts_with($content, self::OUR_COMMENT) && strlen($content) < 100
            : in_array($marker, self::OF_A_PICTURE, true);
    }

    /** In the coded picture FF is followed by 00, or by the number of a restart. */
    private static function endOfScan(string $jpeg, int $at): int
    {
        return preg_match('/\xFF[^\x00\xD0-\xD7\xFF]/s', $jpeg, $found, PREG_OFFSET_CAPTURE, $at) === 1
            ? $found[0][1]
            : strlen($jpeg);
    }
}
