<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Acts\ActRunner;
use App\Devices\ProbePoller;
use App\Files\AirCsv;
use App\Files\BadLine;
use App\Http\Doubt;
use App\Http\Requests\AirFileRequest;
use App\Http\Requests\AirRequest;
use App\Http\Requests\ProbeRequest;
use App\Models\AirReading;
use App\Models\Resin;
use App\Models\Shop;
use App\Models\User;
use App\People\Audit;
use App\Planning\PlanKeeper;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Rules\NearDate;
use App\Time\ShopClock;
use App\Time\ShopTime;
use App\View\Drawing\AirChart;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\Response;

/** The shop's air: measured by hand, by a probe, from a file; and what is expected of it. */
final class AirController
{
    /** A probe that was not asked for so long has nobody who asks it, minutes. */
    private const ASKED_WITHIN_MIN = 20.0;

    private const ROWS_AT_ONCE = 500;

    /** A workshop's air does not change by more in so short a time (ours): °C, minutes. */
    private const JUMP_C = 6.0;
    private const JUMP_WITHIN_MIN = 30.0;

    /** Farther from what probe and forecast expect is asked about (ours), °C. */
    private const FAR_FROM_EXPECTED_C = 10.0;

    public function show(Planner $planner, #[CurrentUser] User $user): View
    {
        $floor = $planner->floor($user->shop);
        $readings = $user->shop->airReadings()->where('measured_at', '>=', $floor->time->local($floor->nowMin - 1440.0)->utc())
            ->where('measured_at', '<=', $floor->time->local($floor->nowMin + 5.0)->utc())->orderBy('measured_at')->get();
        $coldest = Resin::query()->where('shop_id', $user->shop_id)->current()->min('min_c');

        $expected = [];
        foreach (range(3, 48, 3) as $hours) {
            $minute = $floor->nowMin + 60.0 * $hours;
            $expected[(int) round($minute)] = $floor->air->at($minute);
        }

        return view('air.show', [
            'floor' => $floor,
            'chart' => AirChart::of($floor, $readings, $coldest === null ? null : (float) $coldest),
            'coldest' => $coldest,
            'leftOut' => $user->shop->airReadings()->whereNotNull('left_out_because')->latest('id')->limit(8)->get(),
            'readings' => $readings,
            'expected' => $expected,
            'probe' => $this->probeState($user->shop, $floor->nowMin),
            'points' => array_map(fn (array $p): float => $floor->time->at($p['at']), $user->shop->typedPoints($floor->nowMin)),
        ]);
    }

    /** @return 'none'|'silent'|'forgotten'|'answers'|'unasked' */
    private function probeState(Shop $shop, float $nowMin): string
    {
        $asked = $shop->probe_asked_at === null ? null : ShopTime::minutes($shop->probe_asked_at);

        return match (true) {
            $shop->probeAddress() === null => 'none',
            $shop->probe_silent_because !== null => 'silent',
            $asked === null => 'unasked',
            $nowMin - $asked > self::ASKED_WITHIN_MIN => 'forgotten',
            default => 'answers',
        };
    }

    /** A reading typed at the bench: it corrects the forecast of the next hours. */
    public function store(
        AirRequest $request,
        ShopClock $clock,
        Planner $planner,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        $this->askWhereItJumps($request, (float) $given['air_c'], $planner->floor($user->shop), $format);
        AirReading::query()->create([
            'shop_id' => $user->shop_id,
            'source' => 'hand',
            'measured_at' => $clock->now(),
            'user_id' => $user->id,
            'air_c' => (float) $given['air_c'],
            'rh_percent' => isset($given['rh_percent']) ? (float) $given['rh_percent'] : null,
        ]);

        return back()->with('notice', __('air.kept'));
    }

    /** A slip of the keys moves every window by days: what no workshop's air does is asked about before it counts. */
    private function askWhereItJumps(Request $request, float $airC, ShopFloor $floor, Formatter $format): void
    {
        $last = $floor->lastReading;
        $age = $floor->readingAgeMin();
        $expected = $floor->airNowC();
        $before = $age !== null && $age <= self::JUMP_WITHIN_MIN ? $last?->air_c : null;
        [$why, $from] = match (true) {
            $before !== null && abs($airC - $before) > self::JUMP_C => ['air.jumps', $before],
            abs($airC - $expected) > self::FAR_FROM_EXPECTED_C => ['air.far_off', $expected],
            default => [null, 0.0],
        };
        if ($why !== null) {
            Doubt::ask($request, 'air_c', (string) $airC, (string) __($why, [
                'c' => $format->celsius($airC), 'from' => $format->celsius($from), 'ago' => $format->span($age ?? 0.0),
            ]), (string) __('air.sure', ['c' => $format->celsius($airC)]), 'air');
        }
    }

    /** A typed reading that was a slip: it stays in the list, and the plan goes back to what stood before it. */
    public function takeBack(AirReading $reading): RedirectResponse
    {
        if ($reading->left_out_because !== null) {
            throw ValidationException::withMessages(['act' => __('air.taken_already')]);
        }
        $reading->update(['left_out_because' => AirReading::TAKEN_BACK]);

        return back()->with('notice', __('air.taken_back'));
    }

    public function probe(ProbeRequest $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validated();
        $user->shop->update(['probe_url' => $given['probe_url'] ?? null, 'probe_silent_because' => null]);

        $audit->note($user->shop_id, 'device_address', $user, ['address' => $given['probe_url'] ?? '–']);

        return redirect()->route('air')->with(
            'notice',
            __(($given['probe_url'] ?? null) === null ? 'air.none_asked' : 'air.kept_probe'),
        );
    }

    /** Asking twice keeps nothing twice, and no lock is held while a device takes its time. */
    public function poll(ProbePoller $poller, PlanKeeper $keeper, #[CurrentUser] User $user): RedirectResponse
    {
        $kept = $poller->poll($user->shop);
        $keeper->keep($user->shop, isAct: false);
        $why = $user->shop->refresh()->probe_silent_because;

        return redirect()->route('air')->with(
            'notice',
            $why === null
                ? ($kept === 0 ? __('air.nothing_new') : trans_choice('air.new_readings', $kept))
                : __('air.probe_silent', ['because' => $why]),
        );
    }

    /** Past lines are readings, later ones a forecast. All or nothing. */
    public function import(AirFileRequest $request, ShopClock $clock, ActRunner $acts, #[CurrentUser] User $user): Response
    {
        $given = $request->validated();
        $shop = $user->shop;
        try {
            $points = AirCsv::read($request->file('file')->getRealPath(), $given['zone']);
        } catch (BadLine $e) {
            throw ValidationException::withMessages(['file' => __('air.bad_line', ['line' => $e->getMessage()])]);
        }
        $now = $clock->now();
        foreach ([$points[0], end($points)] as $point) {
            if (! NearDate::isNear((new ShopTime($shop->zone))->local($point['min']), $now)) {
                $day = (new ShopTime($shop->zone))->local($point['min'])->format('Y-m-d');
                throw ValidationException::withMessages(['file' => __('air.too_far', ['day' => $day])]);
            }
        }

        // The file is read before the lock is taken.
        return $acts->run($request, $user, fn (): RedirectResponse => $this->take($points, $shop, $user, $clock));
    }

    /** @param non-empty-list<array{min: float, c: float, rh: float|null}> $points rising */
    private function take(array $points, Shop $shop, User $user, ShopClock $clock): RedirectResponse
    {
        $time = new ShopTime($shop->zone);
        $past = array_values(array_filter($points, fn (array $p): bool => $p['min'] <= $clock->nowMin()));
        $ahead = array_slice($points, count($past));
        $new = DB::transaction(function () use ($shop, $user, $time, $past, $ahead, $clock): int {
            $new = 0;
            foreach (array_chunk($past, self::ROWS_AT_ONCE) as $rows) {
                $new += AirReading::query()->insertOrIgnore(array_map(
                    fn (array $p): array => [
                        'shop_id' => $shop->id,
                        'source' => 'csv',
                        'measured_at' => gmdate('Y-m-d H:i:s', (int) round(60.0 * $p['min'])),
                        'user_id' => $user->id,
                        'air_c' => $p['c'],
                        'rh_percent' => $p['rh'],
                        'created_at' => now(),
                        'updated_at' => now(),
                    ],
                    $rows,
                ));
            }
            if ($ahead !== []) {
                $from = $time->local($ahead[0]['min'])->format('Y-m-d H:i');
                $until = $time->local($ahead[count($ahead) - 1]['min'])->format('Y-m-d H:i');
                $shop->update(['typed_air' => [
                    ...array_values(array_filter(
                        $shop->typedPoints($clock->nowMin()),
                        fn (array $p): bool => $p['at'] < $from || $p['at'] > $until,
                    )),
                    ...array_map(fn (array $p): array => ['at' => $time->local($p['min'])->format('Y-m-d H:i'), 'c' => $p['c']], $ahead),
                ]]);
            }

            return $new;
        });
        $same = count($past) - $new;

        return redirect()->route('air')->with(
            'notice',
            __('air.taken', ['new' => $new, 'ahead' => count($ahead)]).($same > 0 ? ' '.__('air.same', ['n' => $same]) : ''),
        );
    }

    public function forgetForecast(#[CurrentUser] User $user): RedirectResponse
    {
        $user->shop->update(['typed_air' => []]);

        return redirect()->route('air')->with('notice', __('air.forgot'));
    }
}
