<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Http\Requests\ChoiceRequest;
use App\Models\Part;
use App\Models\User;
use App\Planning\OpenChoices;
use App\Planning\Planner;

use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Kind\Chosen;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Top;

/** Takes one priced choice. The change is kept in the record. */
final class ChoiceController
{
    public function __invoke(
        ChoiceRequest $request,
        Part $part,
        Planner $planner,
        OpenChoices $choices,
        Recorder $recorder,
        Sentences $sentences,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $values = $request->values($part);
        $was = $planner->plan($part)->plan;
        if (array_diff(array_keys($values), $choices->open($was)) !== []) {
            throw ValidationException::withMessages(['choice' => __('parts.settled')]);
        }
        $before = array_map(
            fn (string $field): mixed => (Listed::all()[$field])::field()->keep($part->getAttribute($field)),
            array_combine(array_keys($values), array_keys($values)),
        );
        // A clear that is chosen is also what makes the surface.
        $part->update($values + (isset($values['clear_id']) ? ['top' => Top::Clear->value] : []));
        $planned = $planner->plan($part);
        foreach ($planned->plan->refusedSince($was) as $finding) {
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
}
