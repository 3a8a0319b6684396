<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Cup;
use App\Bench\Recorder;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\Planner;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Plan\FactKind;

/** The cup on the scale, one component after the other. */
final class WeighController
{
    private const LARGEST_CUP_G = 20000.0;

    public function show(Part $part, string $step, Planner $planner): View|RedirectResponse
    {
        $cup = Cup::forStep($planner->plan($part->load(Part::PLAN_NEEDS)), $step);
        if ($cup === null) {
            return redirect()->route('parts.show', $part)->with('notice', 'That step is done or mixes nothing.');
        }

        return view('weigh', ['part' => $part, 'cup' => $cup]);
    }

    public function store(Request $request, Part $part, string $step, Planner $planner, Recorder $recorder, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate([
            'component' => ['required', Rule::in(['resin', 'hardener', 'pigment'])],
            'grams' => ['required', 'numeric', 'between:0.01,20000'],
            'token' => ['required', 'string', 'max:60'],
        ]);
        if (PartFact::query()->where('token', $given['token'])->exists()) {
            return redirect()->route('weigh', [$part, $step]);
        }
        $cup = Cup::forStep($planner->plan($part->load(Part::PLAN_NEEDS)), $step)
            ?? throw ValidationException::withMessages(['grams' => 'That coat is already on.']);
        if (! $cup->isReady()) {
            throw ValidationException::withMessages(['grams' => 'The ready check stands before the mix.']);
        }
        if ($cup->pour->totalG() + (float) $given['grams'] > self::LARGEST_CUP_G) {
            throw ValidationException::withMessages(['grams' => 'No cup holds that much. Type the grams of this jar alone.']);
        }
        $recorder->record($part, $user, $cup->planned->floor, FactKind::Weighed, $step, ['component' => (string) $given['component'], 'grams' => (float) $given['grams']], $given['token']);

        return redirect()->route('weigh', [$part, $step]);
    }
}
