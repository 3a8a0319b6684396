<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\GoodPassword;
use Illuminate\Foundation\Http\FormRequest;

/** Another password for who is signed in. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $user = $this->user() ?? abort(403);

        return [
            'current' => ['required', 'string', 'max:200', 'current_password'],
            'password' => ['required', 'string', 'confirmed', new GoodPassword([$user->name, $user->email, $user->shop->name])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'current.current_password' => (string) __('people.not_yours'),
            'password.confirmed' => (string) __('people.not_same'),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('people.fields');
    }
}
