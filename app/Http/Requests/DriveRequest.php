<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** How a flatting is driven and which paper begins it, such as `wet_block-180`. */
final class DriveRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'way' => ['required', 'regex:/^(wet_block|dry_block|orbital)-\d+$/'],
        ];
    }
}
