<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array{name: string, password: string} */
    public function credentials(): array
    {
        return ['name' => $this->string('name')->toString(), 'password' => $this->string('password')->toString()];
    }
}
