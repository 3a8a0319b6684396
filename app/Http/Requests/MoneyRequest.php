<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShopMoney;
use App\Rules\Amount;
use Illuminate\Foundation\Http\FormRequest;

/** What the shop's hours and money are reckoned by. */
final class MoneyRequest extends FormRequest
{
    public const AMOUNTS = [
        'hand' => 'handMinor', 'booth' => 'boothMinor', 'box' => 'boxMinor', 'wet' => 'wetMinor', 'hire' => 'hireMinor',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $amount = ['required', new Amount($this->typedCurrency())];

        return array_fill_keys(array_keys(self::AMOUNTS), $amount) + [
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'digits' => ['required', 'integer', 'between:0,4'],
            'waste' => ['required', 'numeric', 'between:0,100'],
            'margin' => ['required', 'numeric', 'between:-50,500'],
            'tax' => ['required', 'numeric', 'between:0,100'],
            'validDays' => ['required', 'integer', 'between:1,365'],
            'terms' => ['nullable', 'string', 'max:1500'],
            'excluded' => ['nullable', 'string', 'max:1500'],
            'footer' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['currency.regex' => (string) __('money.no_currency')];
    }

    /** @return array<string, mixed> as it is kept */
    public function kept(): array
    {
        $given = $this->validated();
        foreach (self::AMOUNTS as $field => $name) {
            $given[$name] = $this->typedCurrency()->minor((string) $given[$field]);
            unset($given[$field]);
        }

        return array_map(fn (mixed $v): mixed => $v ?? '', $given);
    }

    private function typedCurrency(): ShopMoney
    {
        $digits = $this->input('digits');

        return new ShopMoney('', is_numeric($digits) ? max(0, min(4, (int) $digits)) : 2);
    }
}
