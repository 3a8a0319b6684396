<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShopMoney;
use App\Models\User;
use App\Rules\Amount;
use App\Rules\NearDate;
use App\Shelf\Kind\Cloths;
use App\Shelf\ShelfKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** A delivery as it is typed. */
final class LotRequest extends FormRequest
{
    public function authorize(): bool
    {
        return Gate::allows('see', $this->kind()->find((int) $this->route('id')));
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = $this->kind();

        return [
            'jar' => ['present', 'nullable', Rule::in($kind->jars($kind->find((int) $this->route('id'))))],
            'mark' => ['required', 'string', 'max:40'],
            'quantity' => ['required', 'numeric', 'between:0.01,1000000'],
            'price' => ['nullable', new Amount($this->money())],
            'supplier' => ['nullable', 'string', 'max:60'],
            'use_by' => ['nullable', 'date_format:Y-m-d', new NearDate()],
            'lead_days' => ['nullable', 'integer', 'between:0,365'],
            'storage_c' => ['nullable', 'numeric', 'between:-30,60'],
            'width_mm' => [Rule::requiredIf($kind::NAME === Cloths::NAME), 'nullable', 'numeric', 'between:20,5000'],
        ];
    }

    /** @return array<string, mixed> columns of the lot */
    public function columns(): array
    {
        $given = $this->validated();

        return [
            'jar' => (string) ($given['jar'] ?? ''),
            'mark' => $given['mark'],
            'quantity' => (float) $given['quantity'],
            'price_minor' => isset($given['price']) ? $this->money()->minor((string) $given['price']) : null,
            'supplier' => (string) ($given['supplier'] ?? ''),
            'use_by' => $given['use_by'] ?? null,
            'lead_days' => isset($given['lead_days']) ? (int) $given['lead_days'] : null,
            'storage_c' => isset($given['storage_c']) ? (float) $given['storage_c'] : null,
            'width_mm' => isset($given['width_mm']) ? (float) $given['width_mm'] : null,
        ];
    }

    private function money(): ShopMoney
    {
        $user = $this->user();

        return $user instanceof User ? $user->shop->money() : new ShopMoney();
    }

    private function kind(): ShelfKind
    {
        $kind = $this->route('kind');

        return $kind instanceof ShelfKind ? $kind : abort(404);
    }
}
