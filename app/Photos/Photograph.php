<?php

declare(strict_types=1);

namespace App\Photos;

use GdImage;

/**
 * A photo as it is kept: turned upright, at most 1600 pixels wide or high, encoded anew, so that nothing of the file
 * that was sent is in it but the picture.
 */
final readonly class Photograph
{
    private const LONGEST_SIDE = 1600;

    private const QUALITY = 82;

    /** Decoding takes about five bytes a pixel; more would not fit beside the rest of a request. */
    private const MOST_MEGAPIXELS = 24;

    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws PhotoRejected If the bytes are no picture, too many pixels or damaged. */
    public static function fromBytes(string $bytes): self
    {
        // The header alone says how large it is: a bomb is refused before it is unfolded.
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::TYPES, true) || $size[0] < 1 || $size[1] < 1) {
            throw PhotoRejected::notAPicture();
        }
        $megapixels = (int) ceil(($size[0] * $size[1]) / 1e6);
        $megapixels <= self::MOST_MEGAPIXELS || throw PhotoRejected::tooManyPixels($megapixels, self::MOST_MEGAPIXELS);

        return self::encoded(self::upright(self::fitted(self::whole($bytes, $size[2])), self::orientation($bytes, $size[2])));
    }

    /**
     * A photograph as another bench kept it: taken byte for byte, if it is what this bench would have kept.
     *
     * @throws PhotoRejected If it is not a JPEG of a size that is kept, or carries more than the picture.
     */
    public static function kept(string $jpeg): self
    {
        $size = @getimagesizefromstring($jpeg);
        if (
            $size === false
            || $size[2] !== IMAGETYPE_JPEG
            || max($size[0], $size[1]) > self::LONGEST_SIDE
            || ! JpegParts::areOfAPictureOnly($jpeg)
        ) {
            throw PhotoRejected::notAPicture();
        }

        self::whole($jpeg, IMAGETYPE_JPEG);

        return new self($jpeg, $size[0], $size[1]);
    }

    /**
     * Of a JPEG that was cut GD draws what it has, gray where nothing came, and says nothing.
     *
     * @throws PhotoRejected
     */
    private static function whole(string $bytes, int $type): GdImage
    {
        $isCut = $type === IMAGETYPE_JPEG && ! JpegParts::comeToAnEnd($bytes);
        $image = $isCut ? false : @imagecreatefromstring($bytes);

        return $image === false ? throw PhotoRejected::unreadable() : $image;
    }

    private static function fitted(GdImage $image): GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        if ($longest <= self::LONGEST_SIDE) {
            return $image;
        }
        $scale = self::LONGEST_SIDE / $longest;
        $fitted = imagescale(
            $image,
            max(1, (int) round(imagesx($image) * $scale)),
            max(1, (int) round(imagesy($image) * $scale)),
        );

        return $fitted === false ? throw PhotoRejected::unreadable() : $fitted;
    }

    /** Cameras turn the picture by a note in the metadata; the metadata goes, so the picture is turned. */
    private static function upright(GdImage $image, int $orientation): GdImage
    {
        $turned = match ($orientation) {
            3 => imagerotate($image, 180, 0),
            6 => imagerotate($image, -90, 0),
            8 => imagerotate($image, 90, 0),
            default => $image,
        };

        return $turned === false ? throw PhotoRejected::unreadable() : $turned;
    }

    private static function orientation(string $bytes, int $type): int
    {
        if ($type !== IMAGETYPE_JPEG) {
            return 1;
        }
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $exif = @exif_read_data($stream);
        fclose($stream);
        $orientation = $exif === false ? 1 : $exif['Orientation'] ?? 1;

        return is_int($orientation) ? $orientation : 1;
    }

    private static function encoded(GdImage $image): self
    {
        // On white: a drawing with a clear ground would come out black.
        $page = imagecreatetruecolor(imagesx($image), imagesy($image));
        imagefill($page, 0, 0, (int) imagecolorallocate($page, 255, 255, 255));
        imagecopy($page, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));
        ob_start();
        imagejpeg($page, null, self::QUALITY);
        $jpeg = ob_get_clean();

        return $jpeg === false || $jpeg === ''
            ? throw PhotoRejected::unreadable()
            : new self($jpeg, imagesx($page), imagesy($page));
    }
}
