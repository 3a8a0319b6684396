<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShelfItem;
use App\Shelf\ShelfKind;
use App\Shelf\ShortForm;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OakGloss\Quantity\OakGlossFault;

/** The sheet of something on the shelf. */
final class ShelfRequest extends FormRequest
{
    /** Of another shop's sheet nothing is said, not even what would be right. */
    public function authorize(): bool
    {
        $id = $this->route('id');

        return $id === null || Gate::allows('see', $this->kind()->find((int) $id));
    }

    /** @var list<string> fields that a short form left to be assumed */
    public array $assumed = [];

    /** Null where all of the sheet is asked. */
    public function short(): ?ShortForm
    {
        $short = ShortForm::tryFrom((string) ($this->isMethod('POST') && is_string($this->input('short')) ? $this->input('short') : ''));

        return $short !== null && $short->kind()::NAME === $this->kind()::NAME ? $short : null;
    }

    /** A section is saved with the rest of the sheet as it stands. */
    protected function prepareForValidation(): void
    {
        $section = $this->section();
        if ($section !== null) {
            $outside = $this->kind()->outside($section, $this->kind()->find((int) $this->route('id')));
            $asSent = fn (mixed $value): mixed => is_bool($value) ? ($value ? '1' : null) : $value;
            $this->replace(array_map($asSent, $outside) + array_diff_key($this->input(), $outside));
        }
        $whole = $this->short()?->whole($this->input());
        if ($whole !== null) {
            $this->replace($whole['input']);
            $this->assumed = $whole['assumed'];
        }
    }

    /** Null where the whole sheet is sent. */
    public function section(): ?string
    {
        $section = $this->input('section');

        return $this->route('id') !== null && is_string($section) && isset($this->kind()->sections()[$section]) ? $section : null;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        // A polyester's catalyst stands on its label, or it is not mixed.
        $catalyst = $this->short() !== ShortForm::Polyester ? [] : [
            'catalyst_rows.0.c' => ['required', 'numeric', 'between:-20,80'],
            'catalyst_rows.0.percent' => ['required', 'numeric', 'between:0.1,10'],
        ];

        return $catalyst + $this->kind()->rules();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return $this->kind()->names();
    }

    /** @throws ValidationException If the sheet as a whole can't be meant. */
    public function item(int $shopId): ShelfItem
    {
        $kind = $this->kind();
        $wrong = $kind->wrong($this->validated());
        if ($wrong !== []) {
            throw ValidationException::withMessages($wrong);
        }
        $assumed = $this->assumed === [] ? [] : ['assumed' => $this->assumed];
        $item = $kind->make($kind->typed($this->validated()) + ['shop_id' => $shopId] + $assumed);
        try {
            $kind->check($item);
        } catch (OakGlossFault $e) {
            throw ValidationException::withMessages(['sheet' => ucfirst($e->getMessage()).'.']);
        }

        return $item;
    }

    private function kind(): ShelfKind
    {
        $kind = $this->route('kind');

        return $kind instanceof ShelfKind ? $kind : abort(404);
    }
}
