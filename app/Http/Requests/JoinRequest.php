<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\GoodPassword;
use App\People\Invites;
use Illuminate\Foundation\Http\FormRequest;

/** The first password of who was invited. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Invites $invites): array
    {
        $person = $invites->find((string) $this->route('token'))->user ?? abort(404);

        return ['password' => ['required', 'string', 'confirmed', new GoodPassword([$person->name, $person->email])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.confirmed' => (string) __('people.not_same')];
    }
}
