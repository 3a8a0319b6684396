<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Devices\DeviceClient;
use App\Models\Shop;
use App\Rules\NearDate;
use App\Words\Spans;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OakGloss\Method\PrintThrough;

/** Hours, air and the shop's own numbers. */
final class ShopRequest extends FormRequest
{
    /** Sections of the form, each saved on its own: the fields of each; the bench has all the others. */
    public const SECTIONS = [
        'week' => ['hours', 'air'], 'hands' => ['people'],
        'places' => ['tools', 'things', 'cool_place_c', 'papers', 'at_bench'],
        'points' => ['typed'], 'bench' => [],
    ];

    private const TIME = 'regex:/^([01]\d|2[0-3]):[0-5]\d$/D';
    private const TIME_OR_MIDNIGHT = 'regex:/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/D';

    /** Times are read as people write them; what is none is left for the rule to name. */
    protected function prepareForValidation(): void
    {
        $clock = fn (mixed $typed): mixed => is_string($typed) ? Spans::clock($typed) ?? $typed : $typed;
        [$hours, $air] = [$this->input('hours'), $this->input('air')];
        if (is_array($hours)) {
            array_walk_recursive($hours, function (mixed &$typed) use ($clock): void {
                $typed = $clock($typed);
            });
        }
        if (is_array($air)) {
            array_walk_recursive($air, function (mixed &$typed, int|string $field) use ($clock): void {
                $typed = str_ends_with((string) $field, '_at') ? $clock($typed) : $typed;
            });
        }
        $this->merge(array_filter(['hours' => $hours, 'air' => $air], is_array(...)));
    }

    /** Null where the whole form is sent. */
    public function section(): ?string
    {
        $section = $this->input('section');

        return is_string($section) && isset(self::SECTIONS[$section]) ? $section : null;
    }

    /** @return array<string, mixed> of the fields of the section that is sent */
    public function rules(DeviceClient $client): array
    {
        $section = $this->section();
        $others = array_merge(...array_values(self::SECTIONS));

        return array_filter($this->everyRule($client), fn (string $field): bool => match ($section) {
            null => true,
            'bench' => ! in_array(Str::before($field, '.'), $others, true),
            default => in_array(Str::before($field, '.'), self::SECTIONS[$section], true),
        }, ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, mixed> */
    private function everyRule(DeviceClient $client): array
    {
        $address = [
            'nullable',
            'string',
            'max:200',
            $client->rule(array_values(array_filter(
                (array) ($this->exists('device_ranges') ? $this->input('device_ranges') : $this->user()?->shop->device_ranges),
                is_string(...),
            ))),
        ];

        return [
            'hours' => ['required', 'array'],
            'hours.*' => ['array'],
            'hours.*.*' => ['array'],
            'hours.*.*.*' => ['nullable', 'string', self::TIME_OR_MIDNIGHT],
            'air' => ['required', 'array', 'size:7'],
            'air.*.coldest_c' => ['required', 'numeric', 'between:-30,50'],
            'air.*.warmest_c' => ['required', 'numeric', 'between:-30,60', 'gte:air.*.coldest_c'],
            'air.*.coldest_at' => ['required', self::TIME],
            'air.*.warmest_at' => ['required', self::TIME],
            'typed' => ['array', 'max:60'],
            'typed.*.at' => ['nullable', 'required_with:typed.*.c', 'string', 'date_format:Y-m-d\TH:i', new NearDate()],
            'typed.*.c' => ['nullable', 'required_with:typed.*.at', 'numeric', 'between:-30,60'],
            'people' => ['array'],
            'people.*.id' => ['integer'],
            'people.*.at_bench' => ['boolean'],
            'people.*.own' => ['boolean'],
            'people.*.days.*' => ['nullable', 'string', 'max:60'],
            'things' => ['array'],
            'things.*' => ['integer', 'between:0,50'],
            'cool_place_c' => ['sometimes', 'numeric', 'between:-5,20'],
            'cup_loss_g' => ['required', 'numeric', 'between:0,200'],
            'filter_hours' => ['sometimes', 'array:vapour,dust'],
            'filter_hours.*' => ['required', 'numeric', 'between:1,1000'],
            'lead_days' => ['sometimes', 'required', 'integer', 'between:0,365'],
            'wipe_holds_min' => ['sometimes', 'required', 'numeric', 'between:5,240'],
            'scale_step_g' => ['required', 'numeric', 'between:0.01,10'],
            'part_scale_step_g' => ['sometimes', 'numeric', 'between:0.01,100'],
            'calliper_step_mm' => ['sometimes', 'numeric', 'between:0.001,1'],
            'device_ranges' => ['sometimes', 'nullable', 'array'],
            'device_ranges.*' => [Rule::in(array_keys(DeviceClient::RANGES))],
            'meter_url' => $address,
            'scale_url' => ['sometimes', ...$address],
            'target_percent' => ['required', 'numeric', 'between:0.01,20'],
            'unrest_min' => ['sometimes', 'numeric', 'between:0,10000'],
            'leak_mbar' => ['sometimes', 'numeric', 'between:0.1,100'],
            'tools' => ['sometimes', 'nullable', 'array'],
            'tools.*' => [Rule::in(Shop::TOOLS)],
            'papers' => ['sometimes', 'nullable', 'array'],
            'papers.*' => ['integer'],
            'at_bench' => ['sometimes', 'required', 'array'],
            'at_bench.*' => ['integer'],
            'print_through' => ['sometimes', Rule::enum(PrintThrough::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'at_bench.required' => (string) __('shop.somebody'),
            'hours.*.*.*.regex' => (string) __('shop.time_like'),
            'air.*.*.regex' => (string) __('shop.air_time_like'),
            'air.*.warmest_c.gte' => (string) __('shop.warmest_colder'),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('shop.fields');
    }
}
