<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Shelf\ShelfKind;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;

/** A data sheet as a file: told by its content, never by its name. */
final class SheetFileRequest extends FormRequest
{
    public const MOST_KILOBYTES = 8 * 1024;

    /** What may be kept, by content, and how it is called. */
    public const TYPES = [
        'application/pdf' => 'pdf',
        'image/jpeg' => 'jpg',
        'image/png' => 'png',
        'image/webp' => 'webp',
        'text/plain' => 'txt',
    ];

    public function authorize(): bool
    {
        $kind = $this->route('kind');

        return $kind instanceof ShelfKind && Gate::allows('see', $kind->find((int) $this->route('id')));
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['sheet_file' => ['required', 'file', 'max:'.self::MOST_KILOBYTES, function (
            string $field,
            mixed $file,
            Closure $fail,
        ): void {
            if (! $file instanceof UploadedFile || ! isset(self::TYPES[self::typeOf($file)])) {
                $fail(__('stock.sheet_file.type'));
            }
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sheet_file.max' => (string) __('stock.sheet_file.large'), 'sheet_file.required' => (string) __('stock.sheet_file.none'),
            'sheet_file.file' => (string) __('stock.sheet_file.none'), 'sheet_file.uploaded' => (string) __('stock.sheet_file.large'),
        ];
    }

    public static function typeOf(UploadedFile $file): string
    {
        return (string) (new \finfo(FILEINFO_MIME_TYPE))->file($file->getRealPath());
    }
}
