<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PracticeRun;
use App\Models\User;
use App\Practice\Acts;
use App\View\Drawing\PracticeSection;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Practice\ActKind;
use OakGloss\Practice\Kit;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Simulation;
use OakGloss\Practice\Verdict;

/** The practice room: a part with a hidden truth, a fast clock, and six things to learn on it. */
final class PracticeController
{
    private const MOST_ACTS = 200;
    private const MOST_SEED = 999999;

    public function index(#[CurrentUser] User $user): View
    {
        return view('practice.index', [
            'runs' => PracticeRun::query()->where('user_id', $user->id)->latest('id')->limit(200)->get()->groupBy('lesson'),
        ]);
    }

    public function begin(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['lesson' => ['required', Rule::enum(Lesson::class)], 'seed' => ['nullable', 'integer', 'between:1,'.self::MOST_SEED]],
            ['seed.between' => 'A part number is from 1 to 999999.'],
            ['seed' => 'part number'],
        );
        $run = PracticeRun::query()->create([
            'user_id' => $user->id,
            'lesson' => $given['lesson'],
            'seed' => (int) ($given['seed'] ?? random_int(1, self::MOST_SEED)),
            'acts' => [],
        ]);

        return redirect()->route('practice.show', $run);
    }

    public function show(PracticeRun $run, Request $request): View
    {
        $part = $this->played($run);
        $zone = in_array($request->query('zone'), ['top', 'flank', 'rim'], true) ? (string) $request->query('zone') : 'top';

        return view('practice.show', [
            'run' => $run,
            'lesson' => Lesson::from($run->lesson),
            'play' => $part,
            'zone' => $zone,
            'patch' => $part->patch($zone),
            'section' => PracticeSection::of($part),
            'verdict' => $run->won === null ? null : Verdict::of(Lesson::from($run->lesson), $part),
            'areaM2' => Kit::areaM2(),
        ]);
    }

    /** One more act; the same press sent twice is one. */
    public function act(PracticeRun $run, Request $request): RedirectResponse
    {
        $kind = ActKind::from((string) $request->validate(['kind' => ['required', Rule::enum(ActKind::class)]])['kind']);
        $given = $request->validate([
            'after' => ['required', 'integer'],
            ...Acts::rules($kind),
        ], [], ["{$kind->value}_amount" => match ($kind) {
            ActKind::Mix => 'grams',
            ActKind::Spray => 'coats',
            default => 'minutes',
        }]);
        if (! in_array($kind, Lesson::from($run->lesson)->acts(), true)) {
            throw ValidationException::withMessages(['act' => 'That act does not belong to this lesson.']);
        }
        DB::transaction(function () use ($run, $kind, $given): void {
            $fresh = PracticeRun::query()->lockForUpdate()->findOrFail($run->id);
            if ($fresh->won !== null) {
                throw ValidationException::withMessages(['act' => 'This part is handed in. Play it again, or take another.']);
            }
            if (count($fresh->acts) >= self::MOST_ACTS) {
                throw ValidationException::withMessages(['act' => 'Two hundred acts are enough for one part. Hand it in.']);
            }
            if (count($fresh->acts) === (int) $given['after']) {
                $fresh->update(['acts' => [
                    ...$fresh->acts,
                    ['kind' => $kind->value] + array_filter(
                        ['amount' => $given["{$kind->value}_amount"] ?? null] + array_diff_key(
                            $given,
                            ['after' => 0, "{$kind->value}_amount" => 0],
                        ),
                        fn (mixed $v): bool => $v !== null,
                    ),
                ]]);
            }
        });

        return redirect()->route('practice.show', [$run, 'zone' => $request->query('zone', $request->input('shown', 'top'))]);
    }

    public function finish(PracticeRun $run): RedirectResponse
    {
        if ($run->won === null) {
            $run->update(['won' => Verdict::of(Lesson::from($run->lesson), $this->played($run))->isWon()]);
        }

        return redirect()->route('practice.show', $run);
    }

    private function played(PracticeRun $run): Simulation
    {
        return Simulation::play($run->seed, Lesson::from($run->lesson)->before(), array_map(Acts::act(...), $run->acts));
    }
}
