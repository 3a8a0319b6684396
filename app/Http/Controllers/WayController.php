<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ClosingTime;
use App\Bench\Hours;
use App\Bench\Recorder;
use App\Models\Part;
use App\Models\User;
use App\Planning\Planner;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Takes a way out of a window that falls into the night. */
final class WayController
{
    public function __invoke(
        Request $request,
        Part $part,
        ClosingTime $lockUp,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $ways = ['coat_now', 'coat_earlier', 'stay', 'warm', 'cool', 'key', 'tomorrow'];
        $code = (string) $request->validate(['way' => ['required', Rule::in($ways)]])['way'];
        $part->setRelation('shop', $user->shop);
        $way = $lockUp->way($part, $code)
            ?? throw ValidationException::withMessages(['act' => __('bench.not_open')]);
        $floor = $planner->floor($user->shop);
        if ($way->code === 'stay') {
            Hours::alsoOpen($floor, $user, $floor->nowMin, (float) $way->untilMin, 'stays for a window');
        }
        foreach ($way->facts as $fact) {
            $recorder->record($part, $user, $floor, $fact->step, $fact->content);
        }

        return redirect()->route('bench')->with('notice', __('bench.taken', ['way' => $way->words($format)]));
    }
}
