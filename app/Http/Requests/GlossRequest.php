<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A gloss that was read: typed, or by the meter. */
final class GlossRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'by' => ['required', Rule::in(['hand', 'meter'])],
            'gu' => ['required_if:by,hand', 'nullable', 'numeric', 'between:0,300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['gu.required_if' => (string) __('clear.type_gloss')];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('clear.fields');
    }
}
