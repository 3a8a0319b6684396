<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Part;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;

/** To which open part of the shop an act goes. */
final class MoveRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['to_part' => ['required', 'integer', Rule::in(
            Part::query()->open()->where('shop_id', Auth::user()?->shop_id)->whereKeyNot($this->route('part')->id ?? 0)->pluck('id')->all(),
        )]];
    }

    public function part(): Part
    {
        return Part::query()->findOrFail((int) $this->validated('to_part'));
    }
}
