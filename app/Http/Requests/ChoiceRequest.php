<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Part;
use App\Planning\MethodFields;
use App\Planning\OpenChoices;
use App\Planning\PricedChoice;
use App\Rules\FieldRules;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OakGloss\Method\Choice\Listed;

/** One choice of a part with its value, or two of them as one. */
final class ChoiceRequest extends FormRequest
{
    /** None is also a value. */
    private const MAY_BE_NONE = ['filler_id'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'field' => ['required', Rule::in(['pair', ...array_keys(Listed::all())])],
            'value' => [
                'nullable',
                fn (string $name, mixed $value, Closure $fail) =>
                    is_scalar($value) && strlen((string) $value) <= 120 ?: $fail((string) __('parts.no_choice')),
            ],
        ];
    }

    /**
     * @return array<string, mixed> values by field
     *
     * @throws ValidationException At the value, whatever field it is for.
     */
    public function values(Part $part): array
    {
        $asked = $this->asked();
        $rules = [];
        foreach (array_intersect_key(Listed::all(), $asked) as $field => $choice) {
            $may = MethodFields::clearRules($part->shop_id)[$field] ?? FieldRules::what($choice::field());
            $rules[$field] = [in_array($field, self::MAY_BE_NONE, true) ? 'nullable' : 'required', ...$may];
        }
        $validator = Validator::make($asked, $rules);
        if ($validator->fails()) {
            throw ValidationException::withMessages(['value' => $validator->errors()->all()]);
        }

        return $validator->validated();
    }

    /** @return array<string, mixed> */
    private function asked(): array
    {
        $given = $this->validated();
        if ($given['field'] !== 'pair') {
            return [$given['field'] => $given['value'] ?? null];
        }
        $pair = PricedChoice::pair((string) ($given['value'] ?? ''));
        if ($pair === [] || array_diff(array_keys($pair), OpenChoices::priced()) !== []) {
            throw ValidationException::withMessages(['choice' => __('parts.no_pair')]);
        }

        return $pair;
    }
}
