<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Hours;
use App\Bench\Recorder;
use App\Http\Requests\TurnRequest;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\WindowFitting;
use App\Words\Formatter;
use App\Words\FreeHands;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Formatter when hands are free; choose what makes the windows land there. */
final class TurnController
{
    public function show(Request $request, Planner $planner, WindowFitting $turning, #[CurrentUser] User $user): View
    {
        $floor = $planner->floor($user->shop);
        $able = $turning->able($user->shop);
        $chosen = $able[(int) $request->query('part')] ?? reset($able);
        $words = (string) $request->query('free', '');
        $free = null;
        if ($words !== '' && $chosen !== false) {
            try {
                $free = FreeHands::read($words, $floor->time, $floor->nowMin);
            } catch (\DomainException $e) {
                view()->share('errors', (new ViewErrorBag())->put('default', new MessageBag(['free' => $e->getMessage()])));
            }
        }
        $parts = $chosen === false ? [] : ($request->boolean('pool') ? $turning->pool($chosen) : [$chosen->part->id => $chosen]);
        $ways = $free === null ? [] : $turning->ways($parts, $free);

        return view('run-sheet.turn', [
            'floor' => $floor,
            'able' => $able,
            'chosen' => $chosen === false ? null : $chosen,
            'parts' => $parts,
            'pool' => $chosen === false ? [] : $turning->pool($chosen),
            'words' => $words,
            'free' => $free,
            'ways' => $ways,
            'warms' => array_filter($ways, fn (array $found): bool => $found['way']->climate !== null) !== [],
        ]);
    }

    public function take(
        TurnRequest $request,
        Planner $planner,
        WindowFitting $turning,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        $floor = $planner->floor($user->shop);
        $chosen = $turning->able($user->shop)[(int) $given['part']]
            ?? throw ValidationException::withMessages(['act' => __('turn.no_such_coat')]);
        $parts = $request->boolean('pool') ? $turning->pool($chosen) : [$chosen->part->id => $chosen];
        try {
            $way = $turning->ways($parts, FreeHands::read($given['free'], $floor->time, $floor->nowMin))[(int) $given['way']] ?? null;
        } catch (\DomainException $e) {
            throw ValidationException::withMessages(['act' => $e->getMessage()]);
        }
        if ($way === null) {
            throw ValidationException::withMessages(['act' => __('turn.not_open')]);
        }
        foreach ($way['outside'] as [$from, $until]) {
            Hours::alsoOpen($floor, $user, $from, $until, 'comes for a window');
        }
        foreach ($way['facts'] as $id => $facts) {
            foreach ($facts as $fact) {
                $recorder->record($parts[$id]->part, $user, $floor, $fact->step, $fact->content);
            }
        }

        return redirect()->route('run-sheet', ['span' => '1d'])->with(
            'notice',
            __('turn.taken', [
                'letters' => implode(', ', array_map(fn (PlannedPart $p): string => $p->part->letter, $parts)),
                'at' => $format->when($way['way']->starts[0]),
            ]),
        );
    }
}
