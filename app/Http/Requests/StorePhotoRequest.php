<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Photos\Photograph;
use App\Photos\PhotoRejected;
use DustyJet\Carburetor\Station;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A picture file becomes a photograph. */
final class StorePhotoRequest extends FormRequest
{
    use AppendsToLog;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->letterRules(),
            'station' => ['required', 'string', 'max:20'],
            'caption' => ['nullable', 'string', 'max:200'],
            'photo' => ['required', 'file', 'max:9500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'photo.required' => 'Take or choose a photo first.',
            'photo.max' => 'The photo is larger than 9.5 MB. Take it with fewer pixels.',
            'photo.uploaded' => 'The photo did not arrive whole, or is larger than 9.5 MB.',
        ];
    }

    public function photoId(): string
    {
        return $this->idOf('photo');
    }

    /** @throws PhotoRejected If the file is no picture. */
    public function picture(): Photograph
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile
            ? Photograph::fromBytes($file->getContent())
            : throw PhotoRejected::notAPicture();
    }

    public function station(): string
    {
        return (Station::tryFrom($this->string('station')->toString()) ?? Station::AsFound)->value;
    }

    public function caption(): ?string
    {
        return $this->filled('caption') ? trim($this->string('caption')->toString()) : null;
    }
}
