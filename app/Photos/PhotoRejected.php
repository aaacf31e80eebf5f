<?php

declare(strict_types=1);

namespace App\Photos;

use DustyJet\Rejected;

final class PhotoRejected extends \DomainException implements Rejected
{
    public static function notAPicture(): self
    {
        return new self('That file is not a picture this shop can read. Take a JPEG, PNG or WebP photo.');
    }

    public static function tooManyPixels(int $megapixels, int $most): self
    {
        return new self(
            "That picture is {$megapixels} megapixels large; {$most} is the most. Take it smaller, or send a part of it.",
        );
    }

    public static function unreadable(): self
    {
        return new self('That picture is damaged: it could not be read to its end. Take it again.');
    }

    public function reason(): string
    {
        return 'photo_rejected';
    }
}
