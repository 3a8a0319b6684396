<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NearDate;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A day with other hours. */
final class HoursRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'day' => ['required', 'string', 'date_format:Y-m-d', new NearDate()],
            'who' => ['nullable', Rule::exists('users', 'id')->where('shop_id', $this->user()?->shop_id)],
            'spans' => ['nullable', 'string', 'max:60'],
            'because' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('shop.fields');
    }
}
