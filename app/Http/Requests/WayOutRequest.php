<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Inspection\Remedy;

/** A way out is taken. */
final class WayOutRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['remedy' => ['required', Rule::enum(Remedy::class)]];
    }

    public function remedy(): Remedy
    {
        return Remedy::from((string) $this->validated('remedy'));
    }
}
