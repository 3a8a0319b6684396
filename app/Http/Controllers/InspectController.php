<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\ActRunner;
use App\Bench\Recorder;
use App\Files\PhotoFile;
use App\Http\Requests\FoundRequest;
use App\Http\Requests\WrongRequest;
use App\Inspection\FactOf;
use App\Models\Part;
use App\Models\User;
use App\Planning\Planner;
use App\View\Page\InspectPage;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Looked;
use OakGloss\Fact\Kind\Passed;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Geometry\Unfolding;
use OakGloss\Geometry\Zone;
use OakGloss\Inspection\Look;
use OakGloss\Plan\LookDue;
use Symfony\Component\HttpFoundation\Response;

/** A part is looked over: what was found goes where it is, and each face is held against what was ordered. */
final class InspectController
{
    public function show(Part $part, Planner $planner, Formatter $format): View
    {
        $planned = $planner->plan($part);

        return view('inspect.show', ['planned' => $planned, 'page' => new InspectPage($planned, $format)]);
    }

    /** A defect is put on the part, with its photo if there is one. */
    public function found(
        FoundRequest $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        ActRunner $acts,
        #[CurrentUser] User $user,
    ): Response {
        // A large photo takes seconds: it is opened before the write lock is taken.
        $picture = $request->file('photo') === null ? null : PhotoFile::kept($request->file('photo'), 'photo');

        return $acts->run(
            $request,
            $user,
            fn (): RedirectResponse => $this->put($request, $part, $picture, $planner, $recorder, $format, $user),
        );
    }

    /** @param array{bytes: string, width: int, height: int}|null $picture */
    private function put(
        FoundRequest $request,
        Part $part,
        ?array $picture,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        $content = $request->content(null);
        self::checkPlace(InspectPage::flat($planned), $planned->plan->brief->zones, $content->zone, $content->alongMm, $content->acrossMm);
        $fact = $recorder->record(
            $part,
            $user,
            $planned->floor,
            FactOf::stepNow($planned),
            $request->content($picture === null ? null : FactOf::keepPhoto($part, $user, $picture, $planned->floor)->id),
        );

        return redirect()->route('defects.show', [$part, $fact])->with('notice', __('inspect.kept', [
            'defect' => $format->word('defect', $content->defect), 'zone' => $content->zone,
        ]));
    }

    /** Nothing was found, in one way of looking or in all that the moment asks for. */
    public function looked(
        Request $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['look' => ['nullable', Rule::enum(Look::class)]]);
        $asked = Look::tryFrom((string) ($given['look'] ?? ''));
        $planned = $planner->plan($part);
        $due = LookDue::of($planned->plan, $planned->floor->nowMin);
        if ($due === null || $due->looks === []) {
            throw ValidationException::withMessages(['act' => __('inspect.look_none')]);
        }
        $open = array_filter($due->looks, fn (Look $l): bool => ! in_array($l, $due->made, true));
        // A nail tries a coat hours later: that is never said along with the others.
        $isAlone = count($open) === 1;
        $looks = array_filter($open, fn (Look $l): bool => $asked === null ? $l !== Look::Nail || $isAlone : $l === $asked);
        foreach ($looks as $look) {
            $recorder->record($part, $user, $planned->floor, $due->step->step->key, new Looked($look));
        }
        $names = implode(', ', array_map(fn (Look $l): string => $format->word('look', $l), $looks));

        return redirect()->back(fallback: route('parts.inspect', $part))->with('notice', __('inspect.kept_look', ['look' => $names]));
    }

    /** A face passes, or does not: what was reckoned stands beside it, and whoever looks decides. */
    public function passed(
        Request $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['zone' => ['required', 'string', 'max:40'], 'passes' => ['required', 'boolean']]);
        [$zone, $passes] = [(string) $given['zone'], (bool) $given['passes']];
        $planned = $planner->plan($part);
        self::checkPlace(InspectPage::flat($planned), $planned->plan->brief->zones, $zone, null, null);
        $recorder->record($part, $user, $planned->floor, FactOf::stepNow($planned), new Passed($zone, $passes));

        return redirect()->route('parts.inspect', $part)->with('notice', __('inspect.pass_kept', [
            'zone' => $zone, 'verdict' => __('inspect.verdict.'.($passes ? 'passes' : 'fails')),
        ]));
    }

    /** Something went wrong just now: it is kept, with what of the cup it cost. */
    public function wrong(
        WrongRequest $request,
        Part $part,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        $step = FactOf::cupStep($planned, $request->mishap());
        $lostG = FactOf::lostG($planned, $step, $request->mishap());
        $content = new WentWrong($request->mishap(), (string) $request->validated('zone'), $lostG, (string) $request->validated('because'));
        if ($content->zone !== '') {
            self::checkPlace(InspectPage::flat($planned), $planned->plan->brief->zones, $content->zone, null, null);
        }
        $fact = $recorder->record($part, $user, $planned->floor, $step, $content);

        return redirect()->route('defects.show', [$part, $fact])->with('notice', __('inspect.wrong_kept'));
    }

    /**
     * @param list<Zone> $zones
     *
     * @throws ValidationException If there is no such zone, or the place lies off it.
     */
    private static function checkPlace(Unfolding $flat, array $zones, string $zone, ?float $along, ?float $across): void
    {
        if (! in_array($zone, array_map(fn (Zone $z): string => $z->name, $zones), true)) {
            throw ValidationException::withMessages(['zone' => __('inspect.no_zone', ['zone' => $zone])]);
        }
        $pieces = $flat->pieces($zone);
        $run = max([0.0, ...array_map(fn ($p): float => $p->fromMm + $p->widthMm, $pieces)]);
        $deep = max([0.0, ...array_map(fn ($p): float => $p->heightMm, $pieces)]);
        foreach (['along' => [$along, $run], 'across' => [$across, $deep]] as $field => [$mm, $most]) {
            if ($mm !== null && $mm > $most + 0.5) {
                throw ValidationException::withMessages([$field => __('inspect.off_zone', ['mm' => (string) round($most)])]);
            }
        }
    }
}
