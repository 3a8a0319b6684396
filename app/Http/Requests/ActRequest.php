<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kinds;

/** An act of the bench: of which kind, at which step and when, and what its kind holds. */
final class ActRequest extends FormRequest
{
    /** So far back an act may be logged late. */
    public const MOST_DAYS_AGO = 7;

    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $acts = Kinds::where(fn (string $kind): bool => $kind::IS_ACT);
        $kind = $this->input('kind');

        return [
            'kind' => ['required', Rule::in($acts)],
            'step' => ['required', 'string', 'max:40'],
            'at' => ['nullable', 'string', 'date_format:H:i'],
            'days_ago' => ['nullable', 'integer', 'between:0,'.self::MOST_DAYS_AGO],
        ] + (is_string($kind) && in_array($kind, $acts, true) ? EntryRules::of(Kinds::named($kind)) : []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.between' => __('facts.sanded.minutes_range')];
    }

    /** @return class-string<Content> */
    public function kind(): string
    {
        return Kinds::named($this->validated('kind'));
    }

    public function step(): string
    {
        return (string) $this->validated('step');
    }
}
