<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShopRequest;
use App\Models\Paper;
use App\Models\Shop;
use App\Models\User;
use App\People\Audit;
use App\Planning\Planner;
use App\Shelf\UsualSet;
use App\Stock\Ledger;
use App\Time\DaySpans;
use App\Time\ShopClock;
use App\Time\ShopTime;
use App\Words\Spans;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

/** Hours, air and the shop's own numbers. */
final class ShopController
{
    private const SPANS_A_DAY = 2;

    /** @return list<string> those of the form, and what is kept line by line */
    private static function sections(): array
    {
        return [...array_keys(ShopRequest::SECTIONS), 'exceptions', 'filters'];
    }

    public function edit(Request $request, Planner $planner, #[CurrentUser] User $user): View
    {
        $floor = $planner->floor($user->shop);
        $section = $request->string('section')->toString();

        return view('shop.edit', [
            'section' => in_array($section, self::sections(), true) ? $section : 'week',
            'sections' => self::sections(),
            'shop' => $user->shop,
            'floor' => $floor,
            'points' => array_values(array_filter(
                $user->shop->typedPoints($floor->nowMin),
                fn (array $p): bool => $floor->time->at($p['at']) > $floor->nowMin - 1440.0,
            )),
            'people' => $user->shop->staff,
            'papers' => $papers = Paper::query()->where('shop_id', $user->shop_id)->current()->orderBy('grit')->get(),
            'has' => $papers->filter(fn (Paper $p): bool => $p->sheets !== 0)->modelKeys(),
            'week' => array_map(fn (mixed $day): array => DaySpans::read($day)[0], $user->shop->working_hours),
            'exceptions' => $user->shop->hourExceptions()->standing()->with('user')->where(
                'day',
                '>=',
                $floor->time->local($floor->nowMin)->toDateString(),
            )->get(),
        ]);
    }

    public function update(
        ShopRequest $request,
        ShopClock $clock,
        Audit $audit,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $shop = $user->shop;
        $given = $request->validated();
        $typed = array_values(array_filter($given['typed'] ?? [], fn (array $p): bool => isset($p['at'], $p['c'])));
        $people = $this->people($shop, $given['people'] ?? []);
        foreach ($people as $id => $columns) {
            $shop->people()->whereKey($id)->firstOrFail()->update($columns);
        }
        if (isset($given['at_bench'])) {
            foreach ($shop->staff as $person) {
                $person->update(['at_bench' => in_array($person->id, array_map(intval(...), $given['at_bench']), true)]);
            }
        }
        array_key_exists('papers', $given) && $this->tickPapers($shop, array_map(intval(...), $given['papers'] ?? []));
        $has = fn (string $field): bool => array_key_exists($field, $given);
        $number = fn (string $field): array => $has($field) ? [$field => (float) $given[$field]] : [];
        $shop->update([
            ...($has('hours') ? ['working_hours' => $this->hours($given['hours'])] : []),
            ...($has('air') ? ['day_curves' => array_map(
                fn (array $d): array => ['coldest_c' => (float) $d['coldest_c'], 'warmest_c' => (float) $d['warmest_c']] + $d,
                $given['air'],
            )] : []),
            'typed_air' => $this->points($shop, $has('typed') ? $typed : null, $clock),
            ...$number('cup_loss_g'), ...$number('scale_step_g'), ...$number('part_scale_step_g'), ...$number('calliper_step_mm'),
            ...$number('unrest_min'), ...$number('wipe_holds_min'), ...$number('leak_mbar'), ...$number('cool_place_c'),
            ...($has('meter_url') || $request->section() === null ? ['meter_url' => $given['meter_url'] ?? null] : []),
            ...($has('scale_url') ? ['scale_url' => $given['scale_url']] : []),
            ...($has('device_ranges') ? ['device_ranges' => array_values(array_unique($given['device_ranges'] ?? []))] : []),
            ...($has('target_percent') ? ['target_burn_through' => (float) $given['target_percent'] / 100.0] : []),
            ...($has('print_through') ? ['print_through' => $given['print_through']] : []),
            ...($has('lead_days') ? ['lead_days' => (int) $given['lead_days']] : []),
            'assumed' => array_values(array_filter($shop->assumed, fn (string $what): bool => ! $has($what))),
            ...($has('tools') ? ['tools' => array_values(array_unique($given['tools'] ?? []))] : []),
            'things' => array_map(intval(...), array_intersect_key($given['things'] ?? [], (array) __('shop.thing'))) + $shop->things,
            'filter_hours' => array_map(floatval(...), $given['filter_hours'] ?? []) + $shop->filter_hours,
        ]);
        $fields = array_values(array_diff(array_keys($shop->getChanges()), ['updated_at']));
        $fields === [] ?: $audit->note($shop->id, 'settings_changed', $user, ['fields' => $fields]);

        return redirect()->route('shop.edit', array_filter(['section' => $request->section()]))->with('notice', __('shop.kept'));
    }

    /** What a shop of its kind usually has, ticked in one press. */
    public function usual(Request $request, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['set' => ['required', Rule::enum(UsualSet::class)]]);
        UsualSet::from($given['set'])->tick($user->shop);
        $audit->note($user->shop_id, 'settings_changed', $user, ['fields' => ['tools', 'things', 'papers']]);

        return redirect()->route('shop.edit', ['section' => 'places'])->with('notice', __('shop.usual_ticked'));
    }

    /**
     * How many there are stays as it is; of one that is ticked anew it is not known.
     *
     * @param array<int> $there
     */
    private function tickPapers(Shop $shop, array $there): void
    {
        foreach (Paper::query()->where('shop_id', $shop->id)->current()->get() as $paper) {
            $isThere = in_array($paper->id, $there, true);
            if ($isThere !== ($paper->sheets !== 0)) {
                $paper->update(['sheets' => $isThere ? null : 0]);
            }
        }
        app(Ledger::class)->mirrorAll($shop->id);
    }

    /**
     * Who is at the bench, and when it is not the shop's week.
     *
     * @param array<int, array{at_bench?: string, own?: string, days?: array<int, string|null>}> $typed by person
     *
     * @return array<int, array{at_bench: bool, hours: array<int, list<array{int, int}>>|null}>
     *
     * @throws ValidationException If a day's spans can't be read, or nobody is left.
     */
    private function people(Shop $shop, array $typed): array
    {
        $people = [];
        foreach ($shop->staff as $person) {
            if (! isset($typed[$person->id])) {
                continue;
            }
            $row = $typed[$person->id];
            $hours = null;
            for ($day = 1; isset($row['own']) && $day <= 7; $day++) {
                try {
                    $hours[$day] = Spans::read((string) ($row['days'][$day] ?? ''));
                } catch (\DomainException $e) {
                    throw ValidationException::withMessages(["people.{$person->id}.days.{$day}" => $e->getMessage()]);
                }
            }
            $people[$person->id] = ['at_bench' => isset($row['at_bench']), 'hours' => $hours];
        }
        if ($people !== [] && array_filter($people, fn (array $p): bool => $p['at_bench']) === []) {
            throw ValidationException::withMessages(['people' => __('shop.somebody')]);
        }

        return $people;
    }

    /**
     * @param array<int, array<int, array{0: string|null, 1: string|null}>> $typed
     *
     * @return array<int, list<array{int, int}>> by ISO weekday, minutes of the day
     *
     * @throws ValidationException If a span lacks an end, is longer than a night or overlaps.
     */
    private function hours(array $typed): array
    {
        $hours = [];
        for ($day = 1; $day <= 7; $day++) {
            $hours[$day] = [];
            $last = 0;
            for ($i = 0; $i < self::SPANS_A_DAY; $i++) {
                [$from, $until] = [$typed[$day][$i][0] ?? null, $typed[$day][$i][1] ?? null];
                if ($from === null && $until === null) {
                    continue;
                }
                $minutes = array_map(self::minute(...), [$from, $until]);
                if ($minutes[0] === null || $minutes[1] === null || $minutes[0] < $last) {
                    throw ValidationException::withMessages(["hours.{$day}.{$i}.0" => __('shop.span_times')]);
                }
                try {
                    $hours[$day][] = Spans::span($minutes[0], $minutes[1], "{$from} to {$until}");
                } catch (\DomainException $e) {
                    throw ValidationException::withMessages(["hours.{$day}.{$i}.0" => $e->getMessage()]);
                }
                $last = $hours[$day][$i][1] ?? DaySpans::DAY_MIN;
            }
        }
        if (array_filter($hours) === []) {
            throw ValidationException::withMessages(['hours.1.0.0' => __('shop.one_day')]);
        }

        return $hours;
    }

    /**
     * Points of the last day and ahead are those of the form; older ones stay for as long as they matter.
     *
     * @param list<array{at: string, c: numeric-string|float}>|null $typed null where the form shows none
     *
     * @return list<array{at: string, c: float}>
     */
    private function points(Shop $shop, ?array $typed, ShopClock $clock): array
    {
        $points = $shop->typedPoints($clock->nowMin());
        if ($typed === null) {
            return $points;
        }
        $time = new ShopTime($shop->zone);

        return [
            ...array_values(array_filter($points, fn (array $p): bool => $time->at($p['at']) <= $clock->nowMin() - 1440.0)),
            ...array_map(fn (array $p): array => ['at' => str_replace('T', ' ', $p['at']), 'c' => (float) $p['c']], $typed),
        ];
    }

    private static function minute(?string $clock): ?int
    {
        return $clock === null ? null : 60 * (int) substr($clock, 0, 2) + (int) substr($clock, 3, 2);
    }
}
