<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Cure\CupHeat;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\SlabHeat;
use OakGloss\Quantity\Temperature;

/**
 * Hands that lay a mould up in lifts. All lifts share one temperature and each has its own cure: the balance of SlabHeat
 * with a share that has reacted for every lift, stepped by the midpoint.
 */
final class LaminateHands
{
    private const STEP_S = 10.0;
    /** Warmer than this nobody's hand stays on it, and cooler it is only felt, °C. */
    private const HOT_C = 45.0;
    private const WARM_C = 33.0;
    /** One point of the curve for so many steps. */
    private const KEPT = 30;

    /** @var list<array{plies: int, atMin: float, cured: float}> */
    public array $lifts = [];

    /** @var list<array{float, float}> minute and °C */
    public array $curve = [];

    public float $peakC = -INF;

    private float $celsius = 0.0;
    private float $reachedMin = 0.0;
    private bool $isCooked = false;
    private readonly CupHeat $cup;

    public function __construct(private readonly PracticeState $bench)
    {
        $this->cup = Kit::mouldResin($bench->truth->pace)->cupHeat();
    }

    public function plies(): int
    {
        return array_sum(array_column($this->lifts, 'plies'));
    }

    public function nowC(): float
    {
        return $this->lifts === [] ? $this->bench->airC() : $this->celsius;
    }

    /** @return array{string, array<string, float|string>} */
    public function lay(int $plies): array
    {
        $age = $this->bench->ageOfLastCoat();
        $until = $this->bench->kinetics->age(Milestone::TackUntil);
        if ($this->lifts !== [] && $age > $until) {
            $this->bench->wrong(Mistake::UNKEYED, ['age' => $age, 'until' => $until]);
        }
        $laid = $this->plies();
        // What goes on is as warm as the air.
        $this->celsius = ($laid * $this->nowC() + $plies * $this->bench->airC()) / ($laid + $plies);
        $this->lifts[] = ['plies' => $plies, 'atMin' => $this->bench->now, 'cured' => 0.0];
        $this->bench->lastCoatAt = $this->reachedMin = $this->bench->now;

        return ['lift_on', ['plies' => (float) $this->plies(), 'c' => $this->celsius]];
    }

    /** @return array{string, array<string, float|string>} */
    public function feel(): array
    {
        $c = $this->nowC();

        return [match (true) {
            $c > self::HOT_C => 'felt_hot',
            $c > self::WARM_C => 'felt_warm',
            default => 'felt_cool',
        }, ['c' => $c]];
    }

    /** What went on by itself until now. */
    public function live(): void
    {
        $steps = $this->lifts === [] ? 0 : (int) round(60.0 * ($this->bench->now - $this->reachedMin) / self::STEP_S);
        for ($i = 0; $i < $steps; $i++) {
            $this->reachedMin += self::STEP_S / 60.0;
            $this->step($this->bench->truth->air->at($this->reachedMin));
            $this->peakC = max($this->peakC, $this->celsius);
            if ($i % self::KEPT === 0 || $i === $steps - 1) {
                $this->curve[] = [$this->reachedMin, $this->celsius];
            }
        }
        if (! $this->isCooked && $this->peakC > Kit::PATTERN_BEARS_C) {
            $this->isCooked = true;
            $this->bench->wrong(Mistake::COOKED, [
                'peak' => $this->peakC,
                'limit' => Kit::PATTERN_BEARS_C,
                'most' => (float) $this->mostAtOnce(),
            ]);
        }
    }

    /** What its sheet would have allowed at once. */
    private function mostAtOnce(): int
    {
        $air = Temperature::fromCelsius($this->bench->airC());

        return (new SlabHeat(Kit::mouldResin()->cupHeat(), Kit::MOULD_PLY_GM2, 1.0))->liftPlies($air, Kit::PATTERN_BEARS_C);
    }

    private function step(float $airC): void
    {
        [$slope, $rates] = $this->slopes($this->celsius, array_column($this->lifts, 'cured'), $airC);
        $half = array_map(fn (array $l, float $r): float => $l['cured'] + 0.5 * self::STEP_S * $r, $this->lifts, $rates);
        [$slope, $rates] = $this->slopes($this->celsius + 0.5 * self::STEP_S * $slope, $half, $airC);
        $this->celsius += self::STEP_S * $slope;
        foreach ($rates as $i => $rate) {
            $this->lifts[$i]['cured'] = min(1.0, $this->lifts[$i]['cured'] + self::STEP_S * $rate);
        }
    }

    /**
     * @param list<float> $cured
     *
     * @return array{float, list<float>} °C/s, and 1/s by lift
     */
    private function slopes(float $celsius, array $cured, float $airC): array
    {
        $arrhenius = exp($this->cup->logRate - $this->cup->energyK / (Temperature::ZERO_CELSIUS_IN_KELVIN + $celsius));
        $rates = array_map(fn (float $a): float => $arrhenius * (CupHeat::SEED + $a) * (1.0 - $a) ** 2, $cured);
        $heat = $takes = 0.0;
        foreach ($this->lifts as $i => $lift) {
            $grams = $lift['plies'] * Kit::MOULD_PLY_GM2;
            $heat += $grams * CupHeat::HEAT_J_G * $rates[$i];
            $takes += $grams * (CupHeat::CAPACITY_J_GK + SlabHeat::FIBRE_CAPACITY_J_GK);
        }

        return [($heat - (SlabHeat::AIR_LOSS_W_M2K + SlabHeat::MOULD_LOSS_W_M2K) * ($celsius - $airC)) / $takes, $rates];
    }
}
