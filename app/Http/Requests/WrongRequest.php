<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Inspection\Mishap;

/** Something went wrong at the bench. */
final class WrongRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'mishap' => ['required', Rule::enum(Mishap::class)],
            'zone' => ['nullable', 'string', 'max:40'],
            'because' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function mishap(): Mishap
    {
        return Mishap::from((string) $this->validated('mishap'));
    }
}
