<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** Somebody new. */
final class PersonRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'initials' => ['required', 'string', 'regex:/^\p{L}{1,3}$/u'],
            'email' => ['required', 'string', 'email', 'max:200', Rule::unique('users', 'email')],
            'role' => ['required', Rule::enum(Role::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'initials.regex' => (string) __('people.three_letters'),
            'email.unique' => (string) __('people.known_address'),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('people.fields');
    }

    protected function prepareForValidation(): void
    {
        $email = $this->input('email');
        $this->merge(['email' => is_string($email) ? Str::lower($email) : $email]);
    }
}
