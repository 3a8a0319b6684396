<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What was counted of a lot, taken or thrown away of it, or cut off it. */
final class LotChangeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'in:counted,taken,thrown,cut'],
            'quantity' => ['required', 'numeric', 'between:0,1000000'],
            'width_mm' => ['nullable', 'required_if:what,cut', 'numeric', 'between:20,5000'],
            'direction' => ['nullable', 'required_if:what,cut', 'in:along,across,bias'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }
}
