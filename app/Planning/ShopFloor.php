<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\AirReading;
use App\Models\HourException;
use App\Models\PartFact;
use App\Models\Shop;
use App\Models\User;
use App\Time\ShopTime;
use Illuminate\Support\Collection;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\ClimateKind;
use OakGloss\Climate\DewPoint;
use OakGloss\Climate\Forecast;
use OakGloss\Plan\Workshop;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\WorkingTime;

/** The shop at a moment: its air, its hands and its numbers. */
final readonly class ShopFloor
{
    private const DAYS_BACK = 30;
    private const DAYS_AHEAD = 65;

    /** The next days' working hours whose mean air the plan reckons with. */
    private const WORKING_AIR_DAYS = 5;

    /** Coats ahead are reckoned with another air once its mean is off by so much, °C (ours). */
    private const AIR_MOVED_C = 1.0;

    /** What a forecast is corrected by reaches so far back before the first thing that was done of an open part, minutes. */
    private const BEFORE_OPEN_MIN = 2 * 1440.0;

    /**
     * @param list<User>                     $people     in the order of the crew
     * @param list<string>                   $leftOut    rows of the shop that can't be read, in words
     * @param Collection<int, HourException> $exceptions to its hours, that stand
     */
    private function __construct(
        public Shop $shop,
        public ShopTime $time,
        public float $nowMin,
        public AirCurve $air,
        public AirCurve $dayCurve,
        public WorkingTime $work,
        public Crew $crew,
        public array $people,
        public Workshop $workshop,
        public ?AirReading $lastReading,
        public array $leftOut,
        public Collection $exceptions,
    ) {
    }

    /** @param float|null $since a minute from which on the air is needed; null for what the open parts need */
    public static function of(Shop $shop, float $nowMin, ?float $since = null): self
    {
        $time = new ShopTime($shop->zone);
        $from = $nowMin - self::DAYS_BACK * 1440.0;
        $until = $nowMin + self::DAYS_AHEAD * 1440.0;
        $trusted = $shop->airReadings()->trusted()->whereBetween(
            'measured_at',
            [$time->local($from)->utc(), $time->local($nowMin)->utc()],
        );
        [$hours, $curves, $typed, $things] = array_map(
            fn (mixed $row): array => is_array($row) ? $row : [],
            [$shop->working_hours, $shop->day_curves, $shop->typed_air, $shop->things],
        );
        $dayCurve = $time->forecast($curves, $typed, $from, $until);
        $air = Forecast::corrected($dayCurve, AirMeans::of($shop->id, max($from, $since ?? self::neededFrom($shop, $nowMin)), $nowMin));
        $exceptions = $shop->hourExceptions()->standing()->get();
        $people = array_values($shop->staff()->where('at_bench', true)->get()->all());
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
            self::toldAir($shop, self::workingAir($air, $together, $nowMin)),
            $shop->cup_loss_g,
            $shop->scale_step_g,
            $shop->target_burn_through,
            partScaleStepG: $shop->part_scale_step_g,
            earlier: ShopNumbersBook::earlier($shop),
            hottestC: ($shop->things[ClimateKind::Oven->value] ?? 0) > 0 ? ClimateKind::Oven->warmestC() : ClimateKind::WarmBox->warmestC(),
            leakMbar: $shop->leak_mbar,
            losses: LossBook::of($shop),
        );

        return new self(
            $shop,
            $time,
            $nowMin,
            $air,
            $dayCurve,
            $together,
            $crew,
            $people,
            $workshop,
            $trusted->orderByDesc('measured_at')->orderByDesc('id')->first(),
            [
                ...array_map(fn (string $column): string => "{$column} of the shop", $shop->unreadable()),
                ...UnreadableRows::of($hours, $curves, $typed, $people, $exceptions),
            ],
            $exceptions,
        );
    }

    /** The same air and hours at another moment of their span. */
    public function asOf(float $minute): self
    {
        return new self(
            $this->shop,
            $this->time,
            $minute,
            $this->air,
            $this->dayCurve,
            $this->work,
            $this->crew,
            $this->people,
            $this->workshop,
            $this->lastReading,
            $this->leftOut,
            $this->exceptions,
        );
    }

    /** The same with everybody there until later today; for reckoning what staying would bring. */
    public function stayingUntil(float $minute): self
    {
        $close = $this->work->closesAfter($this->nowMin) ?? $this->nowMin;

        return $this->manned(array_map(
            fn (WorkingTime $w): WorkingTime => ($w->closesAfter($this->nowMin) ?? -1.0) === $close ? WorkingTime::of([
                ...$w->windows,
                [$close, $minute],
            ]) : $w,
            $this->crew->people,
        ));
    }

    /**
     * The same with the first pair of hands there at other times too.
     *
     * @param list<array{float, float}> $spans
     */
    public function alsoOpen(array $spans): self
    {
        $people = $this->crew->people;
        $people[0] = WorkingTime::of([...$people[0]->windows, ...$spans]);

        return $this->manned($people);
    }

    /** @param list<WorkingTime> $people */
    private function manned(array $people): self
    {
        $crew = new Crew($people, $this->crew->things);

        return new self(
            $this->shop,
            $this->time,
            $this->nowMin,
            $this->air,
            $this->dayCurve,
            $crew->together(),
            $crew,
            $this->people,
            $this->workshop,
            $this->lastReading,
            $this->leftOut,
            $this->exceptions,
        );
    }

    public function airNowC(): float
    {
        return $this->air->at($this->nowMin);
    }

    /**
     * Whose hands a step takes.
     *
     * @param list<int> $people by their places in the crew
     */
    public function initials(array $people): string
    {
        return implode(', ', array_map(fn (int $i): string => $this->people[$i]->initials ?? '–', $people));
    }

    /** Who is at the bench at a moment, by name. */
    public function handsAt(float $minute): string
    {
        return implode(
            ', ',
            array_map(
                fn (User $u): string => $u->name,
                array_filter(
                    $this->people,
                    fn (User $u, int $i): bool => ($this->crew->people[$i] ?? null)?->isOpenAt($minute) === true,
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
        );
    }

    /** From the last reading's humidity while it is under 12 hours old. */
    public function dewPointC(): ?float
    {
        $rh = $this->humidity();

        return $rh === null || $this->lastReading?->air_c === null
            ? null
            : DewPoint::of(Temperature::fromCelsius($this->lastReading->air_c), $rh)->inCelsius();
    }

    public function humidity(): ?float
    {
        return $this->lastReading !== null && $this->nowMin - ShopTime::minutes($this->lastReading->measured_at) < 720.0
            ? $this->lastReading->rh_percent
            : null;
    }

    /** Minutes since the newest trusted reading; null without one. */
    public function readingAgeMin(): ?float
    {
        return $this->lastReading === null ? null : $this->nowMin - ShopTime::minutes($this->lastReading->measured_at);
    }

    /** Air of a time at which nothing lay on an open part is of no use to anybody. */
    private static function neededFrom(Shop $shop, float $nowMin): float
    {
        $open = $shop->parts()->open()->select('id');
        $first = PartFact::query()->whereIn('part_id', $open)->min('happened_at');

        return min($nowMin, $first === null ? $nowMin : ShopTime::minutesOfColumn((string) $first)) - self::BEFORE_OPEN_MIN;
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
    private static function toldAir(Shop $shop, float $airC): float
    {
        $told = $shop->keptPlans()->orderByDesc('id')->value('working_air_c');

        return $told === null || abs((float) $told - $airC) >= self::AIR_MOVED_C ? $airC : (float) $told;
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
