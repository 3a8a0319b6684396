<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which way out of a window that falls into closed hours is taken. */
final class WayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'way' => ['required', Rule::in(['coat_now', 'coat_earlier', 'stay', 'warm', 'cool', 'key', 'tomorrow'])],
        ];
    }
}
