<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Rules\FieldRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
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
        $kind = $this->asked();

        return [
            'kind' => ['required', Rule::in(self::acts())],
            'step' => ['required', 'string', 'max:40'],
            'at' => ['nullable', 'string', 'date_format:H:i'],
            'days_ago' => ['nullable', 'integer', 'between:0,'.self::MOST_DAYS_AGO],
        ] + ($kind === null ? [] : FieldRules::all($kind::fields()));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.between' => __('facts.sanded.minutes_range')];
    }

    /** @return array<string, string> each field by the words over its field, without their unit */
    public function attributes(): array
    {
        $named = [];
        foreach ($this->asked() === null ? [] : $this->asked()::fields() as $field) {
            if (Lang::has($label = "facts.{$this->input('kind')}.{$field->name}")) {
                $named[$field->name] = lcfirst(Str::before((string) __($label), ','));
            }
        }

        return $named;
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

    /** @return class-string<Content>|null the kind that was sent, if it is an act */
    private function asked(): ?string
    {
        $kind = $this->input('kind');

        return is_string($kind) && in_array($kind, self::acts(), true) ? Kinds::named($kind) : null;
    }

    /** @return list<string> */
    private static function acts(): array
    {
        return Kinds::where(fn (string $kind): bool => $kind::IS_ACT);
    }
}
