<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Files\PhotoFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Fact\Kind\Found;
use OakGloss\Inspection\Defect;

/** A defect that is put on a part. */
final class FoundRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'defect' => ['required', Rule::enum(Defect::class)],
            'zone' => ['required', 'string', 'max:40'],
            'along' => ['nullable', 'required_with:across', 'numeric', 'between:0,20000'],
            'across' => ['nullable', 'required_with:along', 'numeric', 'between:0,20000'],
            'size' => ['nullable', 'numeric', 'between:0.5,3000'],
            'count' => ['nullable', 'integer', 'between:1,500'],
            'depth' => ['nullable', 'numeric', 'between:1,1000'],
            // What it is, its content tells: PhotoFile.
            'photo' => ['nullable', 'file', 'max:'.PhotoFile::MOST_KILOBYTES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['photo.max' => __('inspect.photo.large'), 'photo.uploaded' => __('inspect.photo.large')];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return array_map(lcfirst(...), array_intersect_key(__('inspect.form'), $this->rules()));
    }

    public function content(?int $photoId): Found
    {
        $typed = array_filter($this->safe()->except('photo'), fn (mixed $v): bool => $v !== null);

        return Found::read($typed + ['count' => 1, 'photo_id' => $photoId]);
    }
}
