<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A cup, and whom it is shared with. */
final class CupRequest extends FormRequest
{
    /** Parts and their steps, such as `12:build-2 15:build-2`. */
    public const WITH = ['sometimes', 'nullable', 'string', 'regex:/^(\d{1,15}:[a-z0-9-]{1,40})( \d{1,15}:[a-z0-9-]{1,40}){0,7}$/D'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['with' => self::WITH];
    }

    public function with(): string
    {
        return (string) $this->validated('with');
    }
}
