<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PracticeMoves;
use App\Http\Requests\BeginRequest;
use App\Http\Requests\PracticeMoveRequest;
use App\Models\PracticeRun;
use App\Models\User;
use App\View\Drawing\PracticeHeat;
use App\View\Drawing\PracticeSection;
use App\View\Page\PracticeRoom;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Simulation;
use OakGloss\Practice\Verdict;

/** The practice room: a part with a hidden truth, a fast clock, and six things to learn on it. */
final class PracticeController
{
    private const MOST_MOVES = 200;

    public function index(#[CurrentUser] User $user): View
    {
        $runs = PracticeRun::query()->where('user_id', $user->id)->latest('id')->limit(200)->get();

        return view('practice.index', ['lessons' => array_map(function (Lesson $lesson) use ($runs): array {
            $mine = $runs->where('lesson', $lesson->value);

            return [
                'lesson' => $lesson,
                'won' => $mine->firstWhere('won', true),
                'open' => $mine->firstWhere('won', null),
                'last' => $mine->first(),
                'handedIn' => $mine->whereNotNull('won')->count(),
            ];
        }, Lesson::cases())]);
    }

    public function begin(BeginRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validated();
        $run = PracticeRun::query()->create([
            'user_id' => $user->id,
            'lesson' => $given['lesson'],
            'seed' => (int) ($given['seed'] ?? random_int(1, BeginRequest::MOST_SEED)),
            'moves' => [],
        ]);

        return redirect()->route('practice.show', $run);
    }

    public function show(PracticeRun $run, Request $request, Formatter $format): View
    {
        $part = $this->played($run);
        $zone = in_array($request->query('zone'), PracticeRoom::ZONES, true) ? (string) $request->query('zone') : PracticeRoom::ZONES[0];
        $lesson = $run->lesson();

        return view('practice.show', [
            'run' => $run,
            'room' => new PracticeRoom($lesson, $part, $format),
            'play' => $part,
            'zone' => $zone,
            'patch' => $part->patch($zone),
            'section' => PracticeSection::of($part),
            'heat' => PracticeHeat::of($part->laminate, $part->nowMin()),
            'verdict' => $run->won === null ? null : Verdict::of($lesson, $part),
        ]);
    }

    /** One more move; the same press sent twice is one. */
    public function move(PracticeRun $run, PracticeMoveRequest $request): RedirectResponse
    {
        if (! in_array($request->kind(), $run->lesson()->moves(), true)) {
            throw ValidationException::withMessages(['act' => __('practice.not_here')]);
        }
        $fresh = PracticeRun::query()->lockForUpdate()->findOrFail($run->id);
        if ($fresh->won !== null) {
            throw ValidationException::withMessages(['act' => __('practice.over')]);
        }
        if (count($fresh->moves) >= self::MOST_MOVES) {
            throw ValidationException::withMessages(['act' => __('practice.enough')]);
        }
        if (count($fresh->moves) === (int) $request->validated('after')) {
            $fresh->update(['moves' => [...$fresh->moves, $request->move()]]);
        }

        return redirect()->route('practice.show', [$run, 'zone' => $request->query('zone', $request->input('shown', 'top'))]);
    }

    public function finish(PracticeRun $run): RedirectResponse
    {
        if ($run->won === null) {
            $run->update(['won' => Verdict::of($run->lesson(), $this->played($run))->isWon()]);
        }

        return redirect()->route('practice.show', $run);
    }

    private function played(PracticeRun $run): Simulation
    {
        try {
            return Simulation::play($run->seed, $run->lesson()->before(), array_map(PracticeMoves::move(...), $run->moves));
        } catch (\ValueError|\ErrorException) {
            // A row that can't be read is no lesson.
            abort(404);
        }
    }
}
