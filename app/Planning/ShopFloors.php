<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\AirReading;
use App\Models\HourException;
use App\Models\Shop;
use App\Models\User;
use App\Time\ShopClock;
use App\Time\ShopTime;
use Illuminate\Support\Collection;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\Forecast;
use OakGloss\Method\Workshop;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\WorkingTime;

/** The shop as it is now, made of what is known of its air, its hands and its numbers: one moment for a page, and for an act. */
final class ShopFloors
{
    private const DAYS_BACK = 30;
    private const DAYS_AHEAD = 65;

    /** The next days' working hours whose mean air the plan reckons with. */
    private const WORKING_AIR_DAYS = 5;

    /** Coats ahead are reckoned with another air once its mean is off by so much, °C (ours). */
    private const AIR_MOVED_C = 1.0;

    /** What a forecast is corrected by reaches so far back before the first thing that was done of an open part, minutes. */
    private const BEFORE_OPEN_MIN = 2 * 1440.0;

    public function __construct(
        private readonly Present $present,
        private readonly ShopClock $clock,
        private readonly OpenParts $open,
        private readonly KeptPlans $kept,
    ) {
    }

    public function of(Shop $shop): ShopFloor
    {
        return $this->present->read("floor-{$shop->id}", fn (): ShopFloor => $this->since($shop, $this->open->since($shop)));
    }

    /** @param float|null $minute from which on the air is needed: the first thing that was done of an open part, or of a finished one */
    public function since(Shop $shop, ?float $minute): ShopFloor
    {
        return $this->at($shop, $this->present->read('moment', $this->clock->nowMin(...)), $minute);
    }

    /** As it would be at another moment. */
    public function at(Shop $shop, float $nowMin, ?float $since = null): ShopFloor
    {
        $time = new ShopTime($shop->zone);
        $from = $nowMin - self::DAYS_BACK * 1440.0;
        $until = $nowMin + self::DAYS_AHEAD * 1440.0;
        [$hours, $curves, $typed, $things] = array_map(
            fn (mixed $row): array => is_array($row) ? $row : [],
            [$shop->working_hours, $shop->day_curves, $shop->typed_air, $shop->things],
        );
        $dayCurve = $time->forecast($curves, $typed, $from, $until);
        // Air of a time at which nothing lay on an open part is of no use to anybody.
        $needed = max($from, min($nowMin, $since ?? $nowMin) - self::BEFORE_OPEN_MIN);
        $air = Forecast::corrected($dayCurve, $this->present->read(
            "air-{$shop->id}-{$needed}-{$nowMin}",
            fn (): array => AirMeans::of($shop->id, $needed, $nowMin),
        ));
        $exceptions = $this->exceptions($shop);
        $people = $this->people($shop);
        $work = array_map(
            fn (User $u): WorkingTime => $time->workingTime($u->hours ?? $hours, $from, $until, self::spans($exceptions, $u)),
            $people,
        );
        $crew = new Crew(
            $work === [] ? [$time->workingTime($hours, $from, $until, self::spans($exceptions, null))] : $work,
            array_filter($things, fn (mixed $places): bool => is_int($places) && $places > 0),
        );
        $together = $crew->together();
        $workshop = new Workshop(
            $this->toldAir($shop, self::workingAir($air, $together, $nowMin)),
            $shop->cup_loss_g,
            $shop->scale_step_g,
            $shop->target_burn_through,
            partScaleStepG: $shop->part_scale_step_g,
            earlier: $this->present->read("numbers-before-{$shop->id}", fn (): array => ShopNumbersBook::earlier($shop)),
            hottestC: ($shop->things[ClimateKind::Oven->value] ?? 0) > 0 ? ClimateKind::Oven->warmestC() : ClimateKind::WarmBox->warmestC(),
            leakMbar: $shop->leak_mbar,
            losses: LossBook::of($shop),
            wipeHoldsMin: $shop->wipe_holds_min,
            tools: $shop->has(),
            people: max(1, count($people)),
            sessionMin: max([60.0, ...array_map(fn (array $w): float => $w[1] - $w[0], $together->windows)]),
        );

        return new ShopFloor(
            $shop,
            $time,
            $nowMin,
            $air,
            $dayCurve,
            $together,
            $crew,
            $people,
            $workshop,
            $this->present->read("last-reading-{$shop->id}-{$nowMin}", fn (): ?AirReading => $shop->airReadings()->trusted()
                ->whereBetween('measured_at', [$time->local($from)->utc(), $time->local($nowMin)->utc()])
                ->orderByDesc('measured_at')->orderByDesc('id')->first()),
            [
                ...array_map(fn (string $column): string => "{$column} of the shop", $shop->unreadable()),
                ...UnreadableRows::of($hours, $curves, $typed, $people, $exceptions),
            ],
            $exceptions,
        );
    }

    /** @return Collection<int, HourException> */
    private function exceptions(Shop $shop): Collection
    {
        return $this->present->read("exceptions-{$shop->id}", fn (): Collection => $shop->hourExceptions()->standing()->get());
    }

    /** @return list<User> */
    private function people(Shop $shop): array
    {
        return $this->present->read(
            "people-{$shop->id}",
            fn (): array => array_values($shop->staff()->where('at_bench', true)->get()->all()),
        );
    }

    /**
     * Days with other hours; a person's own stand above everybody's, the newest above the older.
     *
     * @param Collection<int, HourException> $exceptions
     *
     * @return array<string, mixed> by local date
     */
    private static function spans(Collection $exceptions, ?User $person): array
    {
        $days = [];
        foreach ([null, $person?->id] as $whose) {
            foreach ($exceptions as $exception) {
                if ($exception->user_id === $whose) {
                    $days[$exception->day] = $exception->spans;
                }
            }
        }

        return $days;
    }

    /** The plan's steps do not follow every breath of the forecast: the air that they were told with stands until it is off by more. */
    private function toldAir(Shop $shop, float $airC): float
    {
        $told = $this->kept->newest($shop)?->working_air_c;

        return $told === null || abs($told - $airC) >= self::AIR_MOVED_C ? $airC : $told;
    }

    private static function workingAir(AirCurve $air, WorkingTime $work, float $nowMin): float
    {
        $samples = [];
        foreach ($work->windows as [$from, $until]) {
            for ($minute = max($from, $nowMin); $minute < min($until, $nowMin + self::WORKING_AIR_DAYS * 1440.0); $minute += 60.0) {
                $samples[] = $air->at($minute);
            }
        }

        return $samples === [] ? $air->at($nowMin) : array_sum($samples) / count($samples);
    }
}
