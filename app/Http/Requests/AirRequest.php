<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A reading of the air, typed at the bench. */
final class AirRequest extends FormRequest
{
    protected $errorBag = 'air';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'air_c' => ['required', 'numeric', 'between:-20,50'],
            'rh_percent' => ['nullable', 'numeric', 'between:1,100'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('air.fields');
    }
}
