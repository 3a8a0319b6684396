<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\AirReading;
use App\Models\HourException;
use App\Models\Shop;
use App\Models\User;
use App\Time\ShopTime;
use Illuminate\Support\Collection;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\DewPoint;
use OakGloss\Method\Workshop;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\WorkingTime;

/** The shop at a moment: its air, its hands and its numbers. */
final readonly class ShopFloor
{
    /**
     * @param list<User>                     $people     in the order of the crew
     * @param list<string>                   $leftOut    rows of the shop that can't be read, in words
     * @param Collection<int, HourException> $exceptions to its hours, that stand
     */
    public function __construct(
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
}
