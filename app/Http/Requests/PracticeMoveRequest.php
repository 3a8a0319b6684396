<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\PracticeMoves;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OakGloss\Practice\MoveKind;

/** One move on a practice part. */
final class PracticeMoveRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kind = $this->kind();

        return [
            'kind' => ['required', Rule::enum(MoveKind::class)],
            'after' => ['required', 'integer'],
        ] + ($kind === null ? [] : PracticeMoves::rules($kind));
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return $this->kind() === null ? [] : ["{$this->kind()->value}_amount" => match ($this->kind()) {
            MoveKind::Mix, MoveKind::Spray, MoveKind::Lift => (string) __("practice.fields.{$this->kind()->value}"),
            default => (string) __('practice.fields.other'),
        }];
    }

    /** Null where none was sent that there is. */
    public function kind(): ?MoveKind
    {
        $kind = $this->input('kind');

        return is_string($kind) ? MoveKind::tryFrom($kind) : null;
    }

    /** @return array<string, mixed> as the run keeps it */
    public function move(): array
    {
        $amount = "{$this->kind()?->value}_amount";
        $rest = array_diff_key($this->validated(), ['kind' => 0, 'after' => 0, $amount => 0]);

        return ['kind' => $this->validated('kind')]
            + array_filter(['amount' => $this->validated($amount)] + $rest, fn (mixed $v): bool => $v !== null);
    }
}
