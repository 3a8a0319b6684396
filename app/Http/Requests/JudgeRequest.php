<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Whether a check counts, and why not. */
final class JudgeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'counts' => ['required', 'boolean'],
            'reason' => ['required_if:counts,0', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reason.required_if' => (string) __('acts.reason_missing')];
    }
}
