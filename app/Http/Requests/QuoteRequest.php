<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A quote or settlement that is to be kept, and whom it is for. */
final class QuoteRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['kind' => ['required', 'in:quote,settlement'], 'customer' => ['nullable', 'string', 'max:80']];
    }
}
