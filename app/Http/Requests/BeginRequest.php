<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OakGloss\Practice\Lesson;

/** A practice part: which lesson, and its number where it is played again. */
final class BeginRequest extends FormRequest
{
    public const MOST_SEED = 999999;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'lesson' => ['required', Rule::enum(Lesson::class)],
            'seed' => ['nullable', 'integer', 'between:1,'.self::MOST_SEED],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['seed.between' => (string) __('practice.number_range')];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('practice.fields');
    }
}
