<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OakGloss\Fact\Kind\Changed;

/** What was changed at a flatting: water, paper. */
final class ChangeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(Changed::WHAT)],
        ];
    }
}
