<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NearDate;
use App\Time\ShopTime;
use Illuminate\Foundation\Http\FormRequest;

/** To when a step is moved: a minute, or a date and a time. */
final class MomentRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'at' => ['required_without:at_local', 'numeric', 'between:0,100000000'],
            'at_local' => ['required_without:at', 'string', 'date_format:Y-m-d\TH:i', new NearDate()],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('sheet.fields');
    }

    /** In minutes, before it is laid on the grid. */
    public function minute(ShopTime $time): float
    {
        $at = $this->validated('at');

        return $at === null ? $time->at(str_replace('T', ' ', (string) $this->validated('at_local'))) : (float) $at;
    }
}
