<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Inspection\Look;

/** One way of looking, or all of them. */
final class LookedRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['look' => ['nullable', Rule::enum(Look::class)]];
    }

    public function look(): ?Look
    {
        return Look::tryFrom((string) $this->validated('look'));
    }
}
