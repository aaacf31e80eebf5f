<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class StoreJobFileRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('import', Job::class) === true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:19000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose a job file to import.',
            'file.max' => 'The file is larger than 19 MB. A job file, photos and all, is smaller.',
        ];
    }

    public function contents(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file->getContent() : '';
    }
}
