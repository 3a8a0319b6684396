<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Tare;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was poured into a cup: one jar, typed or by the scale, or all as the page shows them. */
final class PourRequest extends FormRequest
{
    public const ALL_AS_SHOWN = 'all';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'component' => ['required', Rule::in(['resin', 'hardener', 'pigment', self::ALL_AS_SHOWN])],
            'grams' => [
                Rule::requiredIf($this->input('component') !== self::ALL_AS_SHOWN && ! $this->hasAny(['drops', 'strokes', 'by', 'ml'])),
                'numeric',
                'between:0.01,20000',
            ],
            // By the marks of a graduated cup.
            'ml' => ['sometimes', 'required', 'numeric', 'between:0.01,20000'],
            // What is in the cup now, where some was poured back: in place of what was recorded of that jar.
            'left' => ['sometimes', 'boolean'],
            'by' => ['sometimes', 'required', Rule::in(['scale'])],
            // How the scale was read that it was typed from.
            'reads' => ['sometimes', Rule::enum(Tare::class)],
            'with' => CupRequest::WITH,
            'strokes' => ['sometimes', 'required', 'integer', 'between:1,500'],
            'drops' => ['sometimes', 'required', 'integer', 'between:1,500'],
        ];
    }
}
