<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Which of the ways is taken that land a window where hands are free. */
final class TurnRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'free' => ['required', 'string', 'max:200'],
            'part' => ['required', 'integer'],
            'pool' => ['boolean'],
            'way' => ['required', 'integer', 'between:0,2'],
        ];
    }
}
