<?php

declare(strict_types=1);

namespace App\Http\Responses;

/** A picture that a printed page carries with it: paper fetches nothing. */
final readonly class Drawing
{
    private function __construct(public string $address)
    {
    }

    /**
     * @param  view-string  $view of an SVG that carries its own colors
     * @param  array<string, mixed>  $data
     */
    public static function ofView(string $view, array $data): self
    {
        return new self('data:image/svg+xml;base64,'.base64_encode(view($view, $data)->render()));
    }

    public static function ofJpeg(string $bytes): self
    {
        return new self('data:image/jpeg;base64,'.base64_encode($bytes));
    }
}
