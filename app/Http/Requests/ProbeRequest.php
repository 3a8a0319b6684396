<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Devices\DeviceClient;
use Illuminate\Foundation\Http\FormRequest;

/** Where the probe answers. */
final class ProbeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(DeviceClient $client): array
    {
        return [
            'probe_url' => ['nullable', 'string', 'max:200', $client->rule($this->user()?->shop->deviceRanges() ?? [])],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('air.fields');
    }
}
