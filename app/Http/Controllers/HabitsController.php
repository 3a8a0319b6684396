<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Inspection\Habits;
use App\Models\User;
use App\Planning\Planner;
use App\View\Drawing\HabitChart;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Str;
use Illuminate\View\View;

/** What this shop gets wrong most, what it cost, and the one habit that would save most. */
final class HabitsController
{
    public function __invoke(Habits $habits, Planner $planner, Formatter $format, #[CurrentUser] User $user): View
    {
        $floor = $planner->floor($user->shop);
        $cases = $habits->cases($user->shop);

        return view('inspect.habits', [
            'rows' => Habits::byHabit($cases),
            'most' => fn (array $row): string => (string) __('inspect.habits_most', [
                'cause' => $format->word(...explode('.', (string) $row['most'])), 'n' => $row['mostN'],
            ]),
            'prevent' => fn (array $row): string => str_starts_with((string) $row['most'], 'cause.')
                ? $format->prevents(Str::after((string) $row['most'], '.')) : '',
            'chart' => HabitChart::of($cases, $floor->time, $floor->nowMin, Habits::WEEKS),
        ]);
    }
}
