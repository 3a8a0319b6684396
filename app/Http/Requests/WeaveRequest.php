<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Files\PhotoFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;

/** One or two photos of a face for the weave-print meter. */
final class WeaveRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $photo = ['file', 'max:'.PhotoFile::MOST_KILOBYTES];

        return [
            'weave_zone' => ['required', 'string', 'max:40'],
            'pitch' => ['required', 'numeric', 'between:0.5,60'],
            'scale' => ['nullable', 'numeric', 'between:0.005,2'],
            'weave_photo' => ['required', ...$photo],
            'weave_other' => ['nullable', ...$photo],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $large = __('inspect.photo.large');

        return [
            'weave_photo.max' => $large, 'weave_other.max' => $large, 'weave_photo.uploaded' => $large, 'weave_other.uploaded' => $large,
            'weave_photo.required' => __('inspect.weave_needs'),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return array_map(lcfirst(...), [
            'pitch' => __('inspect.weave_pitch'), 'scale' => __('inspect.weave_scale'), 'weave_zone' => __('inspect.form.zone'),
        ]);
    }
}
