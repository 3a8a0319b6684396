<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use App\Planning\SharedPlaces;
use App\Planning\ShopFloor;
use App\Planning\Trials;
use OakGloss\Climate\ClimateChange;
use OakGloss\Climate\ClimateKind;
use OakGloss\Cure\Milestone;
use OakGloss\Fact\Draft;
use OakGloss\Fact\Kind\AirChanged;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Plan\ClimateLimit;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\MinuteAges;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\Way;

/** What can be done about a window that falls into closed hours: each way out of it, tried on the kept plan and priced. */
final class WindowOptions
{
    /** Nobody stays longer than this, minutes past closing. */
    private const LONGEST_STAY_MIN = 300.0;

    /** Temperatures that are tried, °C. */
    private const WARM_C = [24.0, 27.0, 30.0, 33.0, 36.0, 40.0, 44.0];

    /** @var array<int, array<int, PlannedPart>> by part: it first, nothing else changed */
    private array $asNow = [];

    public function __construct(private readonly Trials $trials, private readonly SharedPlaces $things)
    {
    }

    /**
     * @param array{PlannedStep, StepTime}|null $below the coat that it would bond to, where that is still ahead
     *
     * @return list<WindowOption>
     */
    public function of(PlannedPart $planned, ShopFloor $floor, float $closes, PlannedStep $step, ?array $below, float $opens): array
    {
        $key = $step->step->key;
        $onMin = $below === null ? ($planned->next->coatOnMin ?? $floor->nowMin) : $below[1]->endMin;
        $isOpen = $opens <= $floor->nowMin;
        $ways = array_filter($isOpen ? [
            $this->bonding('coat_now', $planned, $key, [new Draft($key, new Decided(at: 5.0 * floor($floor->nowMin / 5.0)))], $closes),
            $this->cool($planned, $floor, $key, $floor->nowMin, $closes),
            $this->keyed($planned, $key),
        ] : [
            $below === null || $below[1]->startMin <= $floor->nowMin + 10.0
                ? null
                : $this->bonding(
                    'coat_earlier',
                    $planned,
                    $key,
                    [new Draft($below[0]->step->key, new Decided(at: 5.0 * ceil($floor->nowMin / 5.0)))],
                    $closes,
                ),
            $this->warm($planned, $floor, $key, max($onMin, $floor->nowMin), $closes),
            $this->stay($planned, $floor, $key, $opens + $step->handsMin, $closes),
            $this->cool($planned, $floor, $key, max($onMin, $floor->nowMin), $closes),
            $this->keyed($planned, $key),
            $below === null ? null : $this->tomorrow($planned, $floor, $key, $below[0]->step->key, $closes),
        ]);
        usort(
            $ways,
            fn (WindowOption $a, WindowOption $b): int => [
                ($a->readyMin ?? INF) + $a->othersLaterMin,
                $a->overMin,
                $a->handsMin,
            ] <=> [($b->readyMin ?? INF) + $b->othersLaterMin, $b->overMin, $b->handsMin],
        );

        return $ways;
    }

    /**
     * The plan mended for the part under these facts.
     *
     * @param list<Draft> $facts
     *
     * @return array{PlannedPart, float} and how much later the others are ready
     */
    private function trial(PlannedPart $planned, array $facts, ?ShopFloor $floor = null): array
    {
        $trial = $this->trials->repaired($planned, $planned->plan->log->drafted($facts, $planned->floor->nowMin), $floor);
        // Against the same repair without the change: what that would win is no merit of the way.
        $as = $this->asNow[$planned->part->id] ??= $this->trials->repaired($planned, $planned->plan->log);
        $later = 0.0;
        foreach ($trial as $id => $other) {
            $later += $id === $planned->part->id ? 0.0 : ($other->schedule->readyMin() ?? 0.0) - ($as[$id]->schedule->readyMin() ?? 0.0);
        }

        return [$trial[$planned->part->id], $later];
    }

    /**
     * Facts under which a step bonds, before a time if one is given.
     *
     * @param list<Draft> $facts
     */
    private function bonding(
        string $code,
        PlannedPart $planned,
        string $key,
        array $facts,
        ?float $before = null,
        ?float $untilMin = null,
        ?float $celsius = null,
        string $climate = '',
    ): ?WindowOption {
        $facts[] = new Draft($key, new Decided(key: false, bond: true));
        [$trial, $later] = $this->trial($planned, $facts);
        $time = $trial->schedule->slot($key);

        return $time === null
            || $time->way !== Way::Bonded
            || $trial->schedule->leniency !== Leniency::None
            || ($before !== null && $time->endMin > $before) ? null
            : new WindowOption(
                $code,
                $trial->schedule->readyMin(),
                $time->startMin,
                $trial->plan->handsAheadMin(),
                0.0,
                $untilMin,
                $celsius,
                $climate,
                $facts,
                othersLaterMin: $later,
            );
    }

    private function warm(PlannedPart $planned, ShopFloor $floor, string $key, float $from, float $closes): ?WindowOption
    {
        foreach ([ClimateKind::WarmBox, ClimateKind::HeatLamp] as $kind) {
            if (! $this->things->haveRoom($floor->shop, $kind, $from, $closes)) {
                continue;
            }
            // The coat itself begins in that air.
            $coat = $planned->plan->step($key)?->step;
            $bears = $coat?->layer === null ? null : $planned->plan->materials->resinFor($coat)->maxC;
            $warmest = min(ClimateLimit::warmestC($kind, $planned->plan->brief->substrate), $bears ?? INF);
            $tried = array_values(array_filter(
                self::WARM_C,
                fn (float $c): bool => $c <= $warmest && $c > $floor->airNowC() + 2.0 && $closes - $from >= 20.0 && $this->opensBy(
                    $planned,
                    $key,
                    new ClimateChange($kind, $from, $closes, $c),
                    $closes,
                ),
            ));
            $way = $this->leastWarm(
                $tried,
                fn (float $c): ?WindowOption => $this->bonding(
                    'warm',
                    $planned,
                    $key,
                    [new Draft($key, new AirChanged($kind, round($from), round($closes), $c))],
                    $closes,
                    $closes,
                    $c,
                    $kind->value,
                ),
            );
            if ($way !== null) {
                return $way;
            }
        }

        return null;
    }

    /** Whether the coat below would be tacky in another air while there is time for this one. */
    private function opensBy(PlannedPart $planned, string $key, ClimateChange $change, float $closes): bool
    {
        $step = $planned->plan->step($key);
        $coat = $planned->plan->step((string) $step?->step->follow->coat);
        if ($step === null || $coat === null) {
            return false;
        }
        $chain = $planned->schedule->chain;
        $onMin = $coat->doneAtMin ?? $planned->schedule->slot($coat->step->key)->endMin ?? $change->fromMin;
        $clock = $chain->clocks->clock($coat);
        $ages = new MinuteAges($change->appliedTo($chain->air), $clock, min($onMin, $change->fromMin), $chain->lagMin());
        $opens = $ages->when($ages->at($onMin) + $clock->age(Milestone::TackFrom), $closes);

        return $opens !== null && $opens + $step->handsMin <= $closes;
    }

    /**
     * The least warm of some temperatures that does. Mostly warmer opens a window sooner, and the middle says which half
     * to look in; where a window is over before hands are free, cooler ones are tried one by one.
     *
     * @param list<float>                    $celsius rising
     * @param \Closure(float): ?WindowOption $way
     */
    private function leastWarm(array $celsius, \Closure $way): ?WindowOption
    {
        [$low, $high, $found] = [0, count($celsius), null];
        while ($low < $high) {
            $n = intdiv($low + $high, 2);
            $is = $way($celsius[$n]);
            [$low, $high, $found] = $is === null ? [$n + 1, $high, $found] : [$low, $n, $is];
        }
        for ($n = intdiv(count($celsius), 2) - 1; $found === null && $n >= 0; $n--) {
            $found = $way($celsius[$n]);
        }

        return $found;
    }

    private function stay(PlannedPart $planned, ShopFloor $floor, string $key, float $until, float $closes): ?WindowOption
    {
        // The sheet's grid is coarser than the window, and knows no lag.
        foreach ([5.0, 15.0, 30.0] as $more) {
            $stays = 5.0 * ceil(($until + $more) / 5.0);
            if ($stays <= $closes || $stays - $closes > self::LONGEST_STAY_MIN) {
                continue;
            }
            $facts = [new Draft($key, new Decided(key: false, bond: true))];
            [$trial, $later] = $this->trial($planned, $facts, $floor->stayingUntil($stays));
            $time = $trial->schedule->slot($key);
            if ($time !== null && $time->way === Way::Bonded && $time->endMin <= $stays) {
                return new WindowOption(
                    'stay',
                    $trial->schedule->readyMin(),
                    $time->startMin,
                    $trial->plan->handsAheadMin(),
                    $stays - $closes,
                    $stays,
                    facts: $facts,
                    othersLaterMin: $later,
                );
            }
        }

        return null;
    }

    private function cool(PlannedPart $planned, ShopFloor $floor, string $key, float $from, float $closes): ?WindowOption
    {
        $opens = $floor->work->opensAfter($closes);
        if ($opens === null || ! $this->things->haveRoom($floor->shop, ClimateKind::CoolPlace, $from, $opens)) {
            return null;
        }
        $coat = $planned->plan->step((string) $planned->plan->step($key)?->step->follow->coat);
        if ($coat === null
            || ! ClimateLimit::suits(
                $floor->shop->cool_place_c,
                ClimateKind::CoolPlace,
                $planned->plan->materials->resinFor($coat->step),
                $planned->plan->brief->substrate,
                $floor->dewPointC(),
            )) {
            return null;
        }
        $cool = new AirChanged(ClimateKind::CoolPlace, round($from), round($opens), $floor->shop->cool_place_c);

        return $this->bonding(
            'cool',
            $planned,
            $key,
            [new Draft($key, $cool), new Draft($key, new Decided(notBefore: $opens))],
            null,
            $opens,
            $floor->shop->cool_place_c,
            ClimateKind::CoolPlace->value,
        );
    }

    private function keyed(PlannedPart $planned, string $key): ?WindowOption
    {
        $time = $planned->schedule->slot($key);

        return $time === null || $time->way !== Way::Keyed ? null
            : new WindowOption(
                'key',
                $planned->schedule->readyMin(),
                $time->startMin,
                $planned->plan->handsAheadMin() + ($time->endMin - $time->startMin - ($planned->plan->step($key)->handsMin ?? 0.0)),
                facts: [new Draft($key, new Decided(key: true, bond: false))],
                isPlanned: true,
            );
    }

    private function tomorrow(PlannedPart $planned, ShopFloor $floor, string $key, string $below, float $closes): ?WindowOption
    {
        $opens = $floor->work->opensAfter($closes);

        return $opens === null ? null : $this->bonding('tomorrow', $planned, $key, [new Draft($below, new Decided(notBefore: $opens))]);
    }
}
