<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Http\Requests\FilmRequest;
use App\Models\Part;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\View\Drawing\FilmScale;
use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Measured;
use OakGloss\Fact\Kind\PartWeighed;
use OakGloss\Film\BrushMarks;
use OakGloss\Film\Coat;
use OakGloss\Film\Drainage;
use OakGloss\Film\FilmEstimate;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Choice\FinishCoats;
use OakGloss\Plan\Approaches;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Quantity\Temperature;

/** The film of every zone as it is known: what was read of it, what runs, what another way of coating would come to. */
final class FilmController
{
    public function show(Part $part, Planner $planner, Sentences $sentences): View
    {
        $planned = $planner->plan($part);
        $plan = $planned->plan;
        $answer = FilmAnswer::of($plan);

        return view('parts.film', [
            'planned' => $planned,
            'answer' => $answer,
            'said' => $sentences->answer($answer),
            'more' => match ($answer->choice) {
                'build_coats' => $plan->buildCoats + 1,
                'finish_coats' => $plan->brief->choices->of(FinishCoats::class) + 1,
                default => null,
            },
            'zones' => array_map(fn (Zone $z): string => $z->name, $plan->brief->coatedZones()),
            'scale' => FilmScale::of($plan),
            'resolvesUm' => FilmEstimate::weighingDoubtG($plan->shop->partScaleStepG) / max(1e-9, $this->gramsPerUm($planned)),
            'runs' => $this->runs($planned),
            'print' => $planned->print(),
            'approaches' => Approaches::of($plan),
            'lastWeighed' => $this->lastWeighed($planned),
        ]);
    }

    /** The part lay on the scale, or a thickness was measured: each is a fact, and the estimate follows it. */
    public function store(
        FilmRequest $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        Sentences $sentences,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        // A skin that lay there before is read before anything is done to it.
        $on = ($planned->plan->lastDone() ?? $planned->plan->next())?->step->key
            ?? throw ValidationException::withMessages(['act' => __('film.bare')]);
        if (($planned->plan->step($on)->zones ?? []) === []) {
            throw ValidationException::withMessages(['act' => __('film.no_film')]);
        }
        $recorder->record($part, $user, $planned->floor, $on, $request->content(1000.0 * $user->shop->calliper_step_mm));
        $answer = FilmAnswer::of($planner->plan($part)->plan);

        return redirect()->route('parts.film', $part)->with('notice', __('film.kept', ['do' => $sentences->answer($answer)['do']]));
    }

    private function gramsPerUm(PlannedPart $planned): float
    {
        $density = $planned->plan->materials->skinResin->rheology;

        return $planned->plan->brief->coatedAreaM2() * $density->densityGCm3 / (1.0 - $density->shrinkage);
    }

    private function lastWeighed(PlannedPart $planned): ?float
    {
        $weighed = $planned->plan->log->all(PartWeighed::class);

        return $weighed === [] ? null : $weighed[count($weighed) - 1]->content->grams;
    }

    /**
     * What the next coat would do on each face in the air as it is now.
     *
     * @return array{
     *     gM2: float, airC: float,
     *     zones: list<array{zone: Zone, keptGM2: float, asItIs: RunRisk, turned: RunRisk|null, marks: BrushMarks}>,
     * }
     */
    private function runs(PlannedPart $planned): array
    {
        $air = Temperature::fromCelsius($planned->floor->airNowC());
        [$resin, $gM2] = [$planned->plan->materials->skinResin->rheology, $planned->plan->buildGM2()];
        foreach ($planned->plan->ahead() as $step) {
            if ($step->laidGM2 !== null && $step->step->layer?->builds && ! $step->step->layer->onCloth) {
                [$resin, $gM2] = [$planned->plan->materials->resinFor($step->step)->rheology, $step->laidGM2];
                break;
            }
        }
        $coat = new Coat($gM2, $air);
        $zones = [];
        foreach ($planned->plan->brief->coatedZones() as $zone) {
            $kept = Drainage::retainedUm($coat, $zone->face, $resin) * $zone->face->edgeShare();
            $isFoot = $zone->face->below === [];
            $zones[] = [
                'zone' => $zone,
                'keptGM2' => $kept * $resin->densityGCm3,
                'asItIs' => RunRisk::of($zone->face, $resin, $coat),
                'turned' => $isFoot ? RunRisk::of($zone->face, $resin, new Coat($gM2, $air, turns: [0.5])) : null,
                'marks' => BrushMarks::in($kept, $resin, $air),
            ];
        }

        return ['gM2' => $gM2, 'airC' => $planned->floor->airNowC(), 'zones' => $zones];
    }
}
