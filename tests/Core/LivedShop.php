<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Geometry\BentPanel;
use OakGloss\Material\Substrate;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\PartBrief;
use OakGloss\Method\StepKind;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\StandingPlan;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\WorkingTime;

/**
 * A made-up shop that is lived to its end by what its kept plan says: each step is begun when it says and recorded
 * when it is done, and somebody looks at the plan now and then.
 */
final class LivedShop
{
    private const LOOKS_EVERY_MIN = 120.0;

    /** @var array<string, PartBrief> */
    private array $briefs = [];

    /** @var array<string, FactLog> */
    private array $logs = [];

    /** @var array<string, FinishPlan> */
    private array $plans = [];

    /** @var array<string, KeptPart> */
    public array $kept = [];

    /** @var list<array{part: string, at: float, from: float|null, to: float|null, because: string}> ready times that moved by a move */
    public array $moves = [];

    /** @var array<string, float> */
    public array $finished = [];

    /** @var array<string, float|null> */
    public array $promised = [];

    /** @var list<string> rules that a standing plan broke */
    public array $broken = [];

    public int $acts = 0;

    public float $slowestRepairMs = 0.0;

    private int $lastFact = 0;

    private function __construct(private AirCurve $forecast, private readonly AirCurve $real, private readonly Crew $crew, public float $nowMin, private readonly float $slower)
    {
    }

    /**
     * @param float $slower  every step takes so many times its minutes
     * @param float $airOffC the air is so much warmer than the day curve says
     */
    public static function of(int $seed, float $slower = 1.0, float $airOffC = 0.0): self
    {
        mt_srand($seed);
        $parts = mt_rand(2, 12);
        $curve = [];
        $mean = mt_rand(170, 220) / 10.0;
        for ($day = -2; $day <= 90; $day++) {
            $curve[] = [$day * 1440.0 + 330.0, $mean - mt_rand(10, 30) / 10.0];
            $curve[] = [$day * 1440.0 + 870.0, $mean + mt_rand(0, 30) / 10.0];
        }
        $people = [];
        for ($p = 0; $p < ($parts > 6 ? 2 : mt_rand(1, 2)); $p++) {
            $days = [];
            for ($day = 0; $day < 85; $day++) {
                if ($day % 7 < 5) {
                    $days[] = [$day * 1440.0 + 480.0, $day * 1440.0 + 720.0];
                    $days[] = [$day * 1440.0 + 765.0, $day * 1440.0 + 1080.0 - 60.0 * $p];
                }
            }
            $people[] = WorkingTime::of($days);
        }
        $shop = new self(AirCurve::through($curve), AirCurve::through(array_map(fn (array $p): array => [$p[0], $p[1] + $airOffC], $curve)), new Crew($people, ['booth' => 1, 'warm_box' => 1]), 480.0 + 15.0 * mt_rand(0, 30), $slower);
        for ($n = 0; $n < $parts; $n++) {
            $shape = new BentPanel(mt_rand(250, 700), mt_rand(120, 260), mt_rand(60, 160), mt_rand(40, 80), 8.0, 3.0);
            $id = chr(65 + $n);
            $shop->briefs[$id] = Sample::brief([Substrate::Abs, Substrate::Steel, Substrate::Pla][mt_rand(0, 2)], finish: [Finish::Gloss, Finish::Satin][mt_rand(0, 1)], choices: new Choices(afterWetOut: AfterWetOut::cases()[mt_rand(0, 2)], buildCoats: mt_rand(0, 1) === 0 ? mt_rand(2, 4) : null), zones: $shape->zones());
            $shop->logs[$id] = FactLog::standing([]);
        }
        $shop->kept = CurrentPlan::of($shop->chains(), [], $shop->crew, $shop->nowMin)->kept;
        $shop->promised = $shop->ready();

        return $shop;
    }

    /** Until every part is finished, or the days are over. */
    public function live(float $untilMin = 80 * 1440.0): void
    {
        $this->look();
        while ($this->nowMin < $untilMin && ($next = $this->nextToEnd()) !== null) {
            [$id, $placed] = $next;
            $ends = max($this->nowMin, $placed->startMin + $this->slower * ($placed->endMin - $placed->startMin));
            while ($this->nowMin + self::LOOKS_EVERY_MIN < $ends) {
                $this->nowMin += self::LOOKS_EVERY_MIN;
                $this->readAir();
                $this->look();
                $again = $this->nextToEnd();
                if ($again !== null && ([$again[0], $again[1]->step->id, $again[1]->startMin] !== [$id, $placed->step->id, $placed->startMin])) {
                    continue 2;
                }
            }
            $this->nowMin = $ends;
            $this->readAir();
            $this->record($id, $placed);
            $this->look();
        }
    }

    /** Somebody looks: the plan that stands, mended where it broke, and what of it is told. */
    private function look(): void
    {
        $chains = $this->chains();
        if ($chains === []) {
            $this->placed = [];

            return;
        }
        $began = hrtime(true);
        $plan = CurrentPlan::of($chains, $this->kept, $this->crew, $this->nowMin);
        $this->placed = $plan->placed;
        if ($plan->anew !== []) {
            $this->slowestRepairMs = max($this->slowestRepairMs, (hrtime(true) - $began) / 1e6);
            $broken = $plan->broke;
            $this->kept = $plan->kept;
            foreach (StandingPlan::of($chains, $this->kept, $this->crew, $this->nowMin)->broken() as $id => $breach) {
                $this->broken[] = "{$id} is not mended: {$breach->code} at {$breach->step}";
            }
            foreach ($this->ready() as $id => $ready) {
                $was = $this->promised[$id] ?? null;
                if (! isset($this->finished[$id]) && (($ready === null) !== ($was === null) || abs(($ready ?? 0.0) - ($was ?? 0.0)) >= 20.0)) {
                    $because = $broken[$id] ?? null;
                    $this->moves[] = ['part' => $id, 'at' => $this->nowMin, 'from' => $was, 'to' => $ready, 'because' => $because === null ? 'gives way' : "{$because->code} {$because->step} {$because->part} {$because->late}"];
                }
                $this->promised[$id] = $ready;
            }
        }
        $this->broken = [...$this->broken, ...StandingRules::broken($plan->placed, $chains, $this->crew, $this->nowMin)];
    }

    /** @var array<string, list<PlacedStep>|null> */
    private array $placed = [];

    /** @return array{string, PlacedStep}|null */
    private function nextToEnd(): ?array
    {
        $next = null;
        foreach ($this->placed as $id => $steps) {
            $first = $steps[0] ?? null;
            if ($first !== null && ($next === null || $first->startMin + $this->slower * ($first->endMin - $first->startMin) < $next[1]->startMin + $this->slower * ($next[1]->endMin - $next[1]->startMin))) {
                $next = [(string) $id, $first];
            }
        }

        return $next;
    }

    private function record(string $id, PlacedStep $placed): void
    {
        $step = $this->plans[$id]->next() ?? throw new \LogicException('nothing is ahead');
        foreach ($this->factsOf($step) as [$kind, $data]) {
            $this->logs[$id] = $this->logs[$id]->with(Fact::read(++$this->lastFact, $kind, $step->step->key, $this->nowMin, round($this->real->at($this->nowMin), 1), $data));
        }
        unset($this->plans[$id]);
        $this->acts++;
        if ($this->plan($id)->next() === null) {
            $this->finished[$id] = $this->nowMin;
        }
    }

    /** @return list<array{string, array<string, string|int|float>}> */
    private function factsOf(PlannedStep $step): array
    {
        if ($step->batch !== null) {
            return [[CoatOn::KIND, ['grams' => round($step->batch->totalG(), 1)]]];
        }
        if ($step->step->kind->isSanding()) {
            $grits = $step->ladder === null ? [$step->step->grits->to ?? 180] : array_map(fn ($s): int => $s->grit->number, $step->ladder->steps);

            return array_map(fn (int $g): array => [Sanded::KIND, ['grit' => $g]], $grits);
        }

        return [[$step->step->kind === StepKind::Wipe ? Wiped::KIND : Done::KIND, []]];
    }

    /** @return array<string, float|null> */
    private function ready(): array
    {
        return array_map(function (KeptPart $p): ?float {
            $last = $p->steps === [] ? null : $p->steps[array_key_last($p->steps)];

            return $last?->endMin;
        }, $this->kept);
    }

    /** @return array<string, StepsAhead> */
    private function chains(): array
    {
        $chains = [];
        foreach (array_keys($this->briefs) as $id) {
            $plan = $this->plan($id);
            if ($plan->next() !== null) {
                $chains[$id] = new StepsAhead($plan, $this->forecast, $this->nowMin);
            }
        }

        return $chains;
    }

    private function plan(string $id): FinishPlan
    {
        return $this->plans[$id] ??= FinishPlan::of($this->briefs[$id], Sample::materials(), new BrushOnSkin(), new Workshop(20.0), $this->logs[$id]);
    }

    /** The forecast takes up what the air really is, as a probe would have it. */
    private function readAir(): void
    {
        $this->forecast = \OakGloss\Climate\Forecast::corrected($this->forecast, [[$this->nowMin, $this->real->at($this->nowMin)]]);
    }
}
