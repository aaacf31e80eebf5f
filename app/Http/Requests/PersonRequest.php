<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Person;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\SecurityEventKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\ValidationException;

/** What is said of a person: a form holds some of it, and what it does not hold is not asked for. */
final class PersonRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:80'],
            'role' => ['sometimes', 'required', Rule::enum(Role::class)],
            'password' => ['sometimes', 'required', 'string', 'max:200'],
            'current' => ['sometimes', 'required', 'string', 'max:200'],
            'pin' => ['sometimes', 'nullable', 'string', 'max:20'],
            'person' => ['sometimes', 'required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Type a name, as it shall stand under what they log.',
            'role.*' => 'Choose a role: owner, technician or apprentice.',
            'password.*' => 'Type the new password.',
            'current.*' => 'Type the password you have now.',
            'pin.*' => 'A PIN is 4 to 8 digits.',
            'person.*' => 'Choose who is at the bench.',
        ];
    }

    public function name(): string
    {
        return $this->string('name')->squish()->toString();
    }

    public function role(): Role
    {
        return Role::tryFrom($this->string('role')->toString()) ?? throw ValidationException::withMessages(['role' => 'Choose a role.']);
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }

    public function pin(): string
    {
        return $this->string('pin')->trim()->toString();
    }

    /** @throws ValidationException If nobody of the shop has that number. */
    public function person(): Person
    {
        return Person::everyOne()->find($this->integer('person'))
            ?? throw ValidationException::withMessages(['person' => 'Choose who is at the bench.']);
    }

    /** @throws ValidationException If it is not the password they have now: a device left alone changes nothing. */
    public function refuseUnlessCurrent(Person $person): void
    {
        if (! Hash::check($this->string('current')->toString(), $person->password)) {
            SecurityEvent::note(SecurityEventKind::SignInRefused, $person, 'own password, to change it');

            throw ValidationException::withMessages(['current' => 'That is not the password you have now.']);
        }
    }
}
