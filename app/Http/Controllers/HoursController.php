<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Hours;
use App\Http\Requests\HoursRequest;
use App\Models\HourException;
use App\Models\User;
use App\Planning\Planner;
use App\Time\ShopClock;
use App\Words\Spans;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Days on which somebody is there at other times than the week says. */
final class HoursController
{
    public function store(HoursRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validated();
        try {
            $spans = Spans::read((string) ($given['spans'] ?? ''));
        } catch (\DomainException $e) {
            throw ValidationException::withMessages(['spans' => $e->getMessage()]);
        }
        HourException::query()->create([
            'shop_id' => $user->shop_id,
            'user_id' => $given['who'] ?? null,
            'day' => $given['day'],
            'spans' => $spans,
            'because' => (string) ($given['because'] ?? ''),
            'made_by_id' => $user->id,
        ]);

        return redirect()->route('shop.edit', ['section' => 'exceptions'])->with(
            'notice',
            __('shop.kept'),
        );
    }

    public function withdraw(HourException $exception, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $exception->update(['withdrawn_at' => $clock->now()]);

        return redirect()->route('shop.edit', ['section' => 'exceptions'])->with('notice', __('shop.withdrawn'));
    }

    public function home(User $person, Planner $planner, #[CurrentUser] User $user): RedirectResponse
    {
        Hours::goesHome($planner->floor($user->shop), $user, $person);

        return redirect()->route('bench')->with(
            'notice',
            __('shop.gone_home', ['name' => $person->name]),
        );
    }
}
