<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Words\Measures;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which measures somebody reads. */
final class MeasuresRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['measures' => ['required', Rule::in(Measures::ALL)]];
    }
}
