<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Cup;
use App\Bench\CupDesk;
use App\Bench\ScaleFollow;
use App\Bench\Scales;
use App\Bench\WaitsForSupplier;
use App\Http\CupGate;
use App\Http\Requests\CupRequest;
use App\Http\Requests\PourRequest;
use App\Http\Tare;
use App\Models\Part;
use App\Models\User;
use App\Stock\Stocks;
use App\Stock\TakenFrom;
use App\View\Page\WeighPage;
use App\View\Page\WeighStock;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** The cup on the scale, one component after the other. */
final class WeighController
{
    private const LARGEST_CUP_G = 20000.0;

    public function show(
        CupRequest $request,
        Part $part,
        string $step,
        CupDesk $desk,
        Formatter $format,
        TakenFrom $takenFrom,
        Stocks $stocks,
        WaitsForSupplier $waits,
        #[CurrentUser] User $user,
    ): View|RedirectResponse {
        $alone = $desk->cup($part, $step);
        if ($alone === null) {
            return redirect()->route('parts.show', $part)->with('notice', __('weigh.nothing_mixed'));
        }
        $cup = $desk->shared->together($alone, $request->with());
        if ($cup === null) {
            return redirect()->route('weigh', [$part, $step])->with('notice', __('weigh.shared_no_more'));
        }

        return view('weigh', [
            'part' => $part,
            'cup' => $cup,
            'with' => $request->with(),
            'partners' => $cup->with === [] ? $desk->shared->partners($cup) : [],
            'page' => new WeighPage($cup, $format, Tare::of($request) === Tare::Through),
            // A scale is followed for one part's marks.
            'scale' => $cup->with === [] && ! $cup->batch->ratio->isInCup() ? $desk->scales->follow($user, $part, $cup) : null,
            'stock' => new WeighStock($cup, $stocks->of($part->shop), $takenFrom, $format),
            'lacks' => $waits->warns($cup->planned),
        ]);
    }

    public function store(
        PourRequest $request,
        Part $part,
        string $step,
        CupDesk $desk,
        CupGate $gate,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        $alone = $desk->cup($part, $step) ?? throw ValidationException::withMessages(['grams' => __('weigh.already_on')]);
        $cup = $desk->shared->together($alone, (string) ($given['with'] ?? ''))
            ?? throw ValidationException::withMessages(['grams' => __('weigh.shared_no_more')]);
        if (! $cup->check()->isMade()) {
            throw ValidationException::withMessages(['grams' => __('weigh.check_first')]);
        }
        if ($request->boolean('left') && $given['component'] !== PourRequest::ALL_AS_SHOWN) {
            return $this->pouredBack($request, $cup, $desk, $gate, (string) $given['component'], $this->grams($given, $cup), $user);
        }
        $rest = isset($given['by']) ? $this->atRest($desk->scales->of($user, $part, $step), $given['component'], $cup) : null;
        $poured = match (true) {
            $rest !== null => [$given['component'] => $rest['grams']],
            $given['component'] === PourRequest::ALL_AS_SHOWN => $this->asShown($cup),
            default => [$given['component'] => $this->grams($given, $cup)],
        };
        if (isset($poured['hardener']) && $cup->isTooLate()) {
            throw ValidationException::withMessages(['grams' => __('weigh.no_hardener')]);
        }
        foreach ($rest !== null || $given['component'] === PourRequest::ALL_AS_SHOWN ? [] : $poured as $component => $grams) {
            $gate->pour($request, $cup, (string) $component, $grams);
        }
        if ($cup->pour->totalG() + array_sum($poured) > self::LARGEST_CUP_G) {
            throw ValidationException::withMessages(['grams' => __('weigh.too_much')]);
        }
        foreach ($poured as $component => $grams) {
            $desk->keep($cup, $user, (string) $component, $grams, $rest === null ? null : $rest['ago_s'] / 60.0);
        }
        $desk->scales->poured($user, $part, $step, $rest['grams'] ?? null);

        return redirect()->route('weigh', array_filter([$part, $step, 'with' => $given['with'] ?? null]));
    }

    /** Some of a jar went back: what was recorded of it is struck out, and what is left is recorded. */
    private function pouredBack(
        PourRequest $request,
        Cup $cup,
        CupDesk $desk,
        CupGate $gate,
        string $component,
        float $grams,
        User $user,
    ): RedirectResponse {
        if ($cup->with !== [] || $cup->pour->hardenerG > 0.0 && $cup->pour->resinG > 0.0) {
            throw ValidationException::withMessages(['grams' => __('weigh.no_hardener')]);
        }
        if ($grams > ($component === 'resin' ? $cup->pour->resinG : $cup->pour->hardenerG)) {
            throw ValidationException::withMessages(['grams' => __('weigh.not_more')]);
        }
        $desk->takeBack($cup, $user, $component, (string) __('weigh.back_reason'));
        $fresh = $desk->cup($cup->planned->part, $cup->step->step->key)
            ?? throw new \LogicException('a cup that was poured back is still one');
        $gate->pour($request, $fresh, $component, $grams);
        $desk->keep($fresh, $user, $component, $grams, null);

        return redirect()->route('weigh', [$cup->planned->part, $cup->step->step->key]);
    }

    /** The two jars stood the other way round: what was recorded of them is struck out, and kept as it is. */
    public function swap(Part $part, string $step, CupDesk $desk, #[CurrentUser] User $user): RedirectResponse
    {
        $desk->swap($desk->cup($part, $step) ?? throw ValidationException::withMessages(['grams' => __('weigh.already_on')]), $user);

        return redirect()->route('weigh', [$part, $step])->with('notice', __('weigh.swapped'));
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

    /** @param array<string, mixed> $given grams, strokes of a pump, or drops of a catalyst */
    private function grams(array $given, Cup $cup): float
    {
        $stroke = isset($given['strokes']) ? $cup->pump()?->strokeG((string) $given['component']) : null;
        if ($stroke !== null) {
            return round((int) $given['strokes'] * $stroke, 3);
        }

        if (isset($given['ml']) && $cup->batch->ratio->isInCup()) {
            return round($cup->batch->ratio->gramsOf((string) $given['component'], (float) $given['ml']), 3);
        }

        return isset($given['drops']) && $cup->resin->catalyst !== null
            ? round((int) $given['drops'] * $cup->resin->catalyst->dropG(), 3)
            : $this->added($given, $cup);
    }

    /** @param array<string, mixed> $given as the scale was read that it was typed from: through all jars, or of this one */
    private function added(array $given, Cup $cup): float
    {
        $shown = (float) ($given['grams'] ?? throw ValidationException::withMessages(['grams' => __('weigh.grams_only')]));
        if (($given['reads'] ?? null) !== Tare::Through->value) {
            return $shown;
        }
        $in = $cup->pour->totalG();

        return $shown > $in ? round($shown - $in, 3) : throw ValidationException::withMessages(['grams' => __('weigh.less_than_in', [
            'grams' => app(Formatter::class)->grams($in),
        ])]);
    }
}
