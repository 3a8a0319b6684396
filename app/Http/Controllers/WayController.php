<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\LockUp;
use App\Bench\Recorder;
use App\Bench\WayOut;
use App\Models\HourException;
use App\Models\Part;
use App\Models\User;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Words\Say;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Takes a way out of a window that falls into the night. */
final class WayController
{
    public function __invoke(Request $request, Part $part, LockUp $lockUp, Planner $planner, Recorder $recorder, Say $say, #[CurrentUser] User $user): RedirectResponse
    {
        $code = $request->validate(['way' => ['required', Rule::in(['coat_now', 'coat_earlier', 'stay', 'warm', 'cool', 'key', 'tomorrow'])]])['way'];
        $part->setRelation('shop', $user->shop);
        $way = $lockUp->way($part, $code) ?? throw ValidationException::withMessages(['act' => 'That way is not open any more; the card shows what is.']);
        $floor = $planner->floor($user->shop);
        DB::transaction(function () use ($way, $floor, $part, $recorder, $user): void {
            if ($way->code === 'stay') {
                $this->stay($floor, $way, $user);
            }
            foreach ($way->facts as $fact) {
                $recorder->record($part, $user, $floor, $fact['kind'], $fact['step'], $fact['data'], (string) Str::uuid());
            }
        });

        return redirect()->route('bench')->with('notice', 'Taken. '.$say->way($way).'.');
    }

    /** Today's hours of whoever is there until closing end later. */
    private function stay(ShopFloor $floor, WayOut $way, User $user): void
    {
        $day = $floor->time->local($floor->nowMin);
        $spans = [];
        foreach ($floor->work->windows as [$open, $close]) {
            if ($floor->time->local($open)->isSameDay($day)) {
                $spans[] = [$floor->time->local($open)->format('H:i'), $floor->time->local($close)->format('H:i')];
            }
        }
        $spans[count($spans) - 1][1] = $floor->time->local((float) $way->untilMin)->format('H:i');
        HourException::query()->create(['shop_id' => $user->shop_id, 'user_id' => $user->at_bench ? $user->id : null, 'day' => $day->toDateString(), 'spans' => $spans, 'because' => 'stays for a window', 'made_by_id' => $user->id]);
    }
}
