<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How far the demo clock is skipped. */
final class ClockRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'to' => ['required', Rule::in(['window', '15', '60', 'tomorrow'])],
        ];
    }
}
