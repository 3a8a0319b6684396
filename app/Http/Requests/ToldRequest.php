<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Inspection\Cause;

/** A look that tells causes apart. */
final class ToldRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['cause' => ['required', Rule::enum(Cause::class)], 'is_so' => ['required', 'boolean']];
    }

    public function cause(): Cause
    {
        return Cause::from((string) $this->validated('cause'));
    }
}
