<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A file of sheets. */
final class MaterialsRequest extends FormRequest
{
    private const MOST_KILOBYTES = 2048;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['materials' => ['required', 'file', 'max:'.self::MOST_KILOBYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['materials.max' => (string) __('stock.file.large'), 'materials.*' => (string) __('stock.file.none')];
    }

    public function text(): string
    {
        $file = $this->file('materials');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '';
    }
}
