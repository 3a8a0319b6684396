<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\NearDate;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OakGloss\Climate\ClimateKind;

/** Another air for a part, from when until when. */
final class ClimateRequest extends FormRequest
{
    protected $errorBag = 'climate';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(ClimateKind::class)],
            'from' => ['required', 'string', 'date_format:Y-m-d\TH:i', new NearDate()],
            'until' => ['required', 'string', 'date_format:Y-m-d\TH:i', 'after:from', new NearDate()],
            'c' => ['required', 'numeric', 'between:-5,80'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('sheet.fields');
    }
}
