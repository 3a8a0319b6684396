<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Models\Part;
use App\Models\User;
use App\Planning\OpenChoices;
use App\Planning\Planner;
use App\Words\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FactKind;

/** Takes one priced choice. The change is kept in the record. */
final class ChoiceController
{
    public function __invoke(Request $request, Part $part, Planner $planner, OpenChoices $choices, Recorder $recorder, Say $say, #[CurrentUser] User $user): RedirectResponse
    {
        $field = $request->validate(['field' => ['required', Rule::in(['wet_out', 'after_wet_out', 'top', 'build_coats', 'finish_coats', 'clear_id', 'filler_id', 'stripes'])]])['field'];
        $value = $request->validate(['value' => match ($field) {
            'wet_out' => ['required', Rule::enum(WetOut::class)],
            'after_wet_out' => ['required', Rule::enum(AfterWetOut::class)],
            'top' => ['required', Rule::enum(Top::class)],
            'build_coats' => ['required', 'integer', 'between:1,10'],
            'finish_coats' => ['required', 'integer', 'between:1,4'],
            'stripes' => ['required', 'integer', 'between:0,4'],
            'clear_id' => ['required', 'integer', Rule::exists('clears', 'id')->where('shop_id', $part->shop_id)->whereNot('kind', 'filler')],
            default => ['nullable', 'integer', Rule::exists('clears', 'id')->where('shop_id', $part->shop_id)->where('kind', 'filler')],
        }])['value'] ?? null;

        $part->load(Part::PLAN_NEEDS);
        if (! in_array($field, $choices->open($planner->plan($part)->plan), true)) {
            throw ValidationException::withMessages(['choice' => 'What was done has settled that choice.']);
        }
        $before = $part->getAttribute($field);
        DB::transaction(function () use ($part, $field, $value, $before, $planner, $recorder, $say, $user): void {
            // A clear that is chosen is also what makes the surface.
            $part->update([$field => $value] + ($field === 'clear_id' ? ['top' => Top::Clear->value] : []));
            $planned = $planner->plan($part->fresh(Part::PLAN_NEEDS) ?? $part);
            foreach ($planned->plan->refusals() as $finding) {
                throw ValidationException::withMessages(['choice' => implode(' ', $say->finding($finding))]);
            }
            $recorder->record($part, $user, $planned->floor, FactKind::Chosen, $field, ['from' => (string) ($before ?? 'fewest'), 'to' => (string) ($value ?? 'none')], (string) Str::uuid());
        });

        return redirect()->back(fallback: route('parts.show', $part))->with('notice', 'Taken. The plan is reckoned anew.');
    }
}
