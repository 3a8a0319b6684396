<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Models\Part;
use App\Models\User;
use App\Planning\OpenChoices;
use App\Planning\Planner;

use App\Words\Sentences;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Kind\Chosen;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FinishPlan;

/** Takes one priced choice. The change is kept in the record. */
final class ChoiceController
{
    public function __invoke(
        Request $request,
        Part $part,
        Planner $planner,
        OpenChoices $choices,
        Recorder $recorder,
        Sentences $sentences,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $fields = $this->asked($request);
        $values = $this->valid($fields, $part);
        $part->load(Part::PLAN_NEEDS);
        if (array_diff(array_keys($fields), $choices->open($planner->plan($part)->plan)) !== []) {
            throw ValidationException::withMessages(['choice' => __('parts.settled')]);
        }
        $before = $part->only(array_keys($values));
        // A clear that is chosen is also what makes the surface.
        $part->update($values + (isset($values['clear_id']) ? ['top' => Top::Clear->value] : []));
        $planned = $planner->plan($part->fresh(Part::PLAN_NEEDS) ?? $part);
        foreach ($planned->plan->refusals() as $finding) {
            throw ValidationException::withMessages(['choice' => implode(' ', $sentences->finding($finding))]);
        }
        foreach ($values as $field => $value) {
            $recorder->record(
                $part,
                $user,
                $planned->floor,
                $field,
                new Chosen((string) ($before[$field] ?? 'fewest'), (string) ($value ?? 'none')),
            );
        }

        return redirect()->back(fallback: route('parts.show', $part))->with('notice', __('parts.taken'));
    }

    /**
     * One field with its value, or two of them as one.
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException If it is no choice.
     */
    private function asked(Request $request): array
    {
        $given = $request->validate([
            'field' => ['required', Rule::in(['pair', ...OpenChoices::FIELDS])],
            'value' => [
                'nullable',
                fn (string $name, mixed $value, Closure $fail) =>
                    is_scalar($value) && strlen((string) $value) <= 120 ?: $fail((string) __('parts.no_choice')),
            ],
        ]);
        if ($given['field'] !== 'pair') {
            return [$given['field'] => $given['value'] ?? null];
        }
        $pair = OpenChoices::pair((string) ($given['value'] ?? ''));
        if ($pair === [] || array_diff(array_keys($pair), OpenChoices::PRICED) !== []) {
            throw ValidationException::withMessages(['choice' => __('parts.no_pair')]);
        }

        return $pair;
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     *
     * @throws ValidationException At the value, whatever field it is for.
     */
    private function valid(array $fields, Part $part): array
    {
        $validator = Validator::make($fields, array_intersect_key(self::rules($part), $fields));
        if ($validator->fails()) {
            throw ValidationException::withMessages(['value' => $validator->errors()->all()]);
        }

        return $validator->validated();
    }

    /** @return array<string, list<mixed>> */
    private static function rules(Part $part): array
    {
        $clear = fn (): Exists => Rule::exists('clears', 'id')->where('shop_id', $part->shop_id);

        return [
            'wet_out' => ['required', Rule::enum(WetOut::class)],
            'after_wet_out' => ['required', Rule::enum(AfterWetOut::class)],
            'top' => ['required', Rule::enum(Top::class)],
            'print_through' => ['required', Rule::enum(PrintThrough::class)],
            'build_coats' => ['required', 'integer', 'between:'.BrushOnSkin::LEAST_BUILD_COATS.','.FinishPlan::MOST_BUILD_COATS],
            'second_passes' => ['required', 'integer', 'between:0,3'],
            'turned' => ['required', 'boolean'],
            'tilted' => ['required', 'boolean'],
            'build_g_m2' => ['required', 'numeric', Rule::anyOf([['in:0'], ['numeric', 'between:30,400']])],
            'finish_coats' => ['required', 'integer', 'between:1,4'],
            'stripes' => ['required', 'integer', 'between:0,4'],
            'clear_id' => ['required', 'integer', $clear()->whereNot('kind', 'filler')],
            'filler_id' => ['nullable', 'integer', $clear()->where('kind', 'filler')],
        ];
    }
}
