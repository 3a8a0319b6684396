<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How much thinner more a clear is tried with. */
final class ThinnerRequest extends FormRequest
{
    private const USUAL = 10.0;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['thinner' => ['sometimes', 'required', 'numeric', 'between:0,100']];
    }

    /** Per cent by volume of the mix. */
    public function percent(): float
    {
        return (float) $this->validated('thinner', self::USUAL);
    }
}
