<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Cup;
use App\Bench\Recorder;
use App\Bench\ScaleFollow;
use App\Bench\Scales;
use App\Http\Requests\PourRequest;
use App\Models\Part;
use App\Models\User;
use App\Planning\Planner;
use App\Shelf\Lineage;
use App\Stock\ShopStock;
use App\Stock\TakenFrom;
use App\View\Page\WeighPage;
use App\View\Page\WeighStock;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Weighed;

/** The cup on the scale, one component after the other. */
final class WeighController
{
    private const LARGEST_CUP_G = 20000.0;

    public function show(
        Part $part,
        string $step,
        Planner $planner,
        Formatter $format,
        Scales $scales,
        TakenFrom $takenFrom,
        Lineage $lineage,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        $cup = Cup::forStep($planner->plan($part->load(Part::PLAN_NEEDS)), $step);
        if ($cup === null) {
            return redirect()->route('parts.show', $part)->with('notice', __('weigh.nothing_mixed'));
        }

        return view('weigh', [
            'part' => $part,
            'cup' => $cup,
            'page' => new WeighPage($cup, $format),
            'scale' => $scales->follow($user, $part, $cup),
            'stock' => new WeighStock($cup, ShopStock::of($part->shop, $planner, $takenFrom, $lineage), $takenFrom, $format),
        ]);
    }

    public function store(
        PourRequest $request,
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        Scales $scales,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        $cup = Cup::forStep($planner->plan($part->load(Part::PLAN_NEEDS)), $step)
            ?? throw ValidationException::withMessages(['grams' => __('weigh.already_on')]);
        if (! $cup->isReady()) {
            throw ValidationException::withMessages(['grams' => __('weigh.check_first')]);
        }
        $rest = isset($given['by']) ? $this->atRest($scales->of($user, $part, $step), $given['component'], $cup) : null;
        $poured = match (true) {
            $rest !== null => [$given['component'] => $rest['grams']],
            $given['component'] === PourRequest::ALL_AS_SHOWN => $this->asShown($cup),
            default => [$given['component'] => $this->grams($given, $cup)],
        };
        if (isset($poured['hardener']) && $cup->isTooLate()) {
            throw ValidationException::withMessages(['grams' => __('weigh.no_hardener')]);
        }
        if ($cup->pour->totalG() + array_sum($poured) > self::LARGEST_CUP_G) {
            throw ValidationException::withMessages(['grams' => __('weigh.too_much')]);
        }
        foreach ($poured as $component => $grams) {
            $recorder->record(
                $part,
                $user,
                $cup->planned->floor,
                $step,
                new Weighed((string) $component, $grams, $rest === null ? null : 'scale'),
                $rest === null ? null : $cup->planned->floor->nowMin - $rest['ago_s'] / 60.0,
            );
        }
        $scales->poured($user, $part, $step, $rest['grams'] ?? null);

        return redirect()->route('weigh', [$part, $step]);
    }

    /**
     * What the scale under this cup rests on, and for how long.
     *
     * @return array{grams: float, ago_s: float}
     *
     * @throws ValidationException If nothing rests, or it is another jar's.
     */
    private function atRest(?ScaleFollow $follow, string $component, Cup $cup): array
    {
        $now = Scales::nowS();
        $since = $follow?->component === $component && $cup->next() === $component ? $follow->restsSince($now) : null;
        if ($follow === null || $since === null) {
            throw ValidationException::withMessages(['scale' => __('weigh.scale.not_at_rest')]);
        }

        return ['grams' => (float) $follow->pouredG($now), 'ago_s' => $now - $since];
    }

    /**
     * What is still to pour, as the scale would show it.
     *
     * @return array<string, float>
     */
    private function asShown(Cup $cup): array
    {
        $step = $cup->planned->floor->workshop->scaleStepG;

        $shown = array_map(fn (float $grams): float => round(round($grams / $step) * $step, 3), $cup->toAdd());

        return $cup->isDropped() && isset($shown['hardener'])
            ? array_replace($shown, ['hardener' => round($cup->pour->hardenerToAddG(), 3)])
            : $shown;
    }

    /** @param array<string, mixed> $given grams, or drops of a catalyst */
    private function grams(array $given, Cup $cup): float
    {
        return isset($given['drops']) && $cup->resin->catalyst !== null
            ? round((int) $given['drops'] * $cup->resin->catalyst->dropG(), 3)
            : (float) ($given['grams'] ?? throw ValidationException::withMessages(['grams' => __('weigh.grams_only')]));
    }
}
