<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use OakGloss\Cure\BatchHeat;
use OakGloss\Cure\CupHeat;
use OakGloss\Cure\TackWindow;
use OakGloss\Fact\Fact;
use OakGloss\Material\Chemistry;
use OakGloss\Material\Resin;
use OakGloss\Method\Slot;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\Cups;
use OakGloss\Mixing\CupVerdict;
use OakGloss\Mixing\Pour;
use OakGloss\Mixing\Pump;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\PlannedStep;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\MixAhead;

/** What a coat's cup should hold, what it holds, and what goes in next. */
final readonly class Cup
{
    /** A cup with more than this times what the coat asks for is far over (ours). */
    private const FAR_OVER = 1.5;

    /** A cup that may come to this is not mixed, °C (usual limit). */
    private const HOTTEST_C = 120.0;

    /** Across a shallow tray, mm (planning value). */
    public const TRAY_MM = 200.0;

    private function __construct(
        public PlannedPart $planned,
        public PlannedStep $step,
        public Batch $batch,
        public Resin $resin,
        public Pour $pour,
        public float $pigmentFraction,
        /** @var list<self> cups of other parts that are weighed with it, each by itself */
        public array $with = [],
    ) {
    }

    /** Null if the step is done or mixes nothing. */
    public static function forStep(PlannedPart $planned, string $key): ?self
    {
        $step = $planned->plan->step($key);
        if ($step === null
            || $step->isDone()
            || $step->step->kind !== StepKind::Coat
            || $step->batch === null
            || $step->step->layer === null) {
            return null;
        }
        $log = $planned->plan->log;
        $pigment = $step->batch->pigmentG / ($step->batch->resinG + $step->batch->hardenerG);
        $resin = $planned->plan->materials->resinFor($step->step);
        // Catalyst goes by the air as it is when it is counted, not as it was planned.
        $batch = $resin->catalyst === null ? $step->batch : Batch::catalysed(
            $step->batch->totalG(),
            $resin->catalyst,
            Temperature::fromCelsius($planned->floor->airNowC()),
            $planned->floor->workshop->scaleStepG,
            $pigment,
        );

        return new self(
            $planned,
            $step,
            $batch,
            $resin,
            new Pour(
                $batch,
                $log->weighedG($key, 'resin'),
                $log->weighedG($key, 'hardener'),
                $log->weighedG($key, 'pigment'),
                $pigment,
            ),
            $pigment,
        );
    }

    /** As one cup for several parts: what each needs, less what cup and tool keep back once only. */
    public function sharedWith(self ...$others): self
    {
        $cups = [$this, ...array_values($others)];
        $workshop = $this->planned->floor->workshop;
        $all = array_map(fn (self $c): float => $c->batch->totalG(), $cups);
        $sum = fn (string $jar): float => array_sum(array_map(fn (self $c): float => $c->pour->{$jar}, $cups));
        $batch = Batch::weighable(
            array_sum($all) - $workshop->sharedSavesG($all),
            $this->batch->ratio,
            $workshop->scaleStepG,
            $this->pigmentFraction,
        );
        $pour = new Pour($batch, $sum('resinG'), $sum('hardenerG'), $sum('pigmentG'), $this->pigmentFraction);

        return new self($this->planned, $this->step, $batch, $this->resin, $pour, $this->pigmentFraction, array_values($others));
    }

    /**
     * Grams of one jar as each part's share, which add up to them.
     *
     * @return list<float> this part's first, then in the order of the others
     */
    public function shares(float $grams): array
    {
        $whole = array_sum(array_map(fn (self $c): float => $c->batch->totalG(), [$this->alone(), ...$this->with]));
        $rest = array_map(fn (self $c): float => round($grams * $c->batch->totalG() / $whole, 3), $this->with);

        return [round($grams - array_sum($rest), 3), ...$rest];
    }

    private function alone(): self
    {
        return self::forStep($this->planned, $this->step->step->key) ?? $this;
    }

    /** Pumps on the jars, where the shop measured what a stroke gives. */
    public function pump(): ?Pump
    {
        $row = $this->planned->part->resin($this->step->step->layer->slot ?? Slot::Skin);
        $isBlend = isset($this->planned->plan->materials->mixed[$this->step->step->key]);

        return $isBlend || $row->pump_resin_g === null || $row->pump_hardener_g === null
            ? null : new Pump($row->pump_resin_g, $row->pump_hardener_g);
    }

    /** Whether grams were poured by the parts by volume that the sheet states. */
    public function isVolumesWeighed(): bool
    {
        return $this->batch->ratio->isVolumesWeighed($this->pour->resinG, $this->pour->hardenerG);
    }

    /** Whether catalyst is counted in drops: more are weighed. */
    public function isDropped(): bool
    {
        return $this->batch->drops !== null && $this->batch->drops <= Catalyst::MOST_DROPS;
    }

    /** Drops still to count into the cup; 0 where none are. */
    public function dropsToAdd(): int
    {
        $catalyst = $this->resin->catalyst;

        return $catalyst === null ? 0 : (int) round($this->pour->hardenerToAddG() / $catalyst->dropG());
    }

    public function check(): ReadyCheck
    {
        return new ReadyCheck($this->planned, $this->step);
    }

    /** Hardener must not go in: the window that this coat was to go into has closed, nothing is keyed, and none is in yet. */
    public function isTooLate(): bool
    {
        $isMissed = in_array($this->planned->next?->state, [ActState::MissedWait, ActState::KeyFirst], true);

        return $isMissed && $this->pour->hardenerG <= 0.0 && $this->isNext();
    }

    /** The window that this coat has to go into; null where it has none, or is keyed. */
    public function serves(): ?TackWindow
    {
        return $this->isNext() ? $this->planned->next?->window : null;
    }

    /** What a mix begun now commits hands to; null where nothing has to go into its window. */
    public function ahead(): ?MixAhead
    {
        return $this->isNext() ? $this->planned->mixAhead() : null;
    }

    private function isNext(): bool
    {
        return $this->planned->next?->step->step->key === $this->step->step->key;
    }

    /**
     * Grams still to add of each component, in the order of the work.
     *
     * @return array<string, float>
     */
    public function toAdd(): array
    {
        return array_filter([
            'resin' => $this->pour->resinToAddG(),
            'pigment' => $this->pour->pigmentToAddG(),
            'hardener' => $this->pour->hardenerToAddG(),
        ], fn (float $grams): bool => $grams > 0.5 * $this->planned->floor->workshop->scaleStepG);
    }

    /**
     * What goes in next; null when the cup is right. Within the tolerance of the ratio nothing is added any more.
     */
    public function next(): ?string
    {
        $next = array_key_first($this->toAdd());
        $full = $this->pour->totalG() >= $this->batch->totalG() * (1.0 - Batch::TOLERANCE);
        if ($this->pour->keepsRatio() && $full && ($this->batch->pigmentG <= 0.0 || $this->pour->pigmentG > 0.0)) {
            return null;
        }

        return $next;
    }

    /** Hardener or resin went past what the batch asked for by more than the ratio bears. */
    public function isOverpoured(): bool
    {
        $error = $this->pour->ratioError();

        return $error !== null && $error > Batch::TOLERANCE && $this->pour->hardenerG > $this->batch->hardenerG;
    }

    /** How this cup may be used, by its ratio. */
    public function verdict(): CupVerdict
    {
        return CupVerdict::of($this->pour, $this->resin->catalyst);
    }

    /** How far its hardener lies off, where it is no mix; null where it is one, or empty. */
    public function offBy(): ?float
    {
        return CupVerdict::offBy($this->pour, $this->resin->catalyst);
    }

    /** What comes of a cup that is no mix: key of weigh.comes. */
    public function comesOf(float $off): string
    {
        return match (true) {
            $off <= -1.0 => 'never',
            $off < 0.0 => 'soft',
            $this->resin->chemistry === Chemistry::Polyester => 'hot',
            default => 'brittle',
        };
    }

    /** Far more is in it than the coat asks for: not to be followed with as much of the other part. */
    public function isFarOver(): bool
    {
        return $this->pour->totalG() > self::FAR_OVER * $this->batch->totalG();
    }

    /** Whether what brings it right leaves a cup that stays under 120 °C and can be spread before it gels. */
    public function mayBePutRight(): bool
    {
        $whole = $this->pour->totalG() + array_sum($this->toAdd());
        if ($whole <= self::FAR_OVER * $this->batch->totalG()) {
            return true;
        }
        $heat = $this->resin->cupHeat()->batch(max(0.1, $whole), Temperature::fromCelsius($this->planned->floor->airNowC()));
        // Spread at the pace that the coat is planned with: so many grams in so many minutes.
        $spreadMin = $this->step->handsMin * $whole / max(0.1, $this->batch->totalG());

        return $heat->peakC < self::HOTTEST_C && $spreadMin < ($heat->potLifeMin ?? CupHeat::HORIZON_MIN);
    }

    /** Whether anything is in it. */
    public function isBegun(): bool
    {
        return $this->planned->plan->log->weighedG($this->step->step->key, 'resin') > 0.0;
    }

    /** When hardener first met resin, minutes; null before. */
    public function mixedAtMin(): ?float
    {
        $hardener = array_values(array_filter(
            $this->planned->plan->log->inCup($this->step->step->key),
            fn (Fact $f): bool => $f->content->component === 'hardener',
        ));

        return $hardener === [] ? null : $hardener[0]->atMin;
    }

    /** How long one of these cups stays usable at the air as it is now: it is what gels it, minutes. */
    public function potLifeMin(): float
    {
        return $this->heat()->potLifeMin ?? CupHeat::HORIZON_MIN;
    }

    /** How one of these cups heats itself at the air as it is now, in a cup of 80 mm on the bench. */
    public function heat(): BatchHeat
    {
        return $this->resin->cupHeat()->batch(max(0.1, $this->gramsEach()), Temperature::fromCelsius($this->planned->floor->airNowC()));
    }

    /** The same in a shallow tray on the bench. */
    public function trayHeat(): BatchHeat
    {
        return $this->resin->cupHeat()->batch(
            max(0.1, $this->gramsEach()),
            Temperature::fromCelsius($this->planned->floor->airNowC()),
            self::TRAY_MM,
        );
    }

    /** The cups by so many pairs of hands, or in trays; null where no number of them is spread in time. */
    public function spreadBy(int $hands, bool $inTrays): ?Cups
    {
        return CupNotices::cups(
            $this->planned->plan,
            $this->step,
            $this->planned->floor->airNowC(),
            $hands,
            $inTrays ? self::TRAY_MM : CupHeat::SHEET_CUP_MM,
        );
    }

    /** What one of these cups holds in the end. */
    public function gramsEach(): float
    {
        return max($this->batch->totalG(), $this->pour->totalG()) * $this->sharedTimes() / $this->cups();
    }

    /** How many times this part's own the cup is that it was weighed in. */
    private function sharedTimes(): float
    {
        foreach ($this->with === [] ? $this->planned->plan->log->inCup($this->step->step->key) : [] as $fact) {
            if ($fact->content->cupG !== null && $fact->content->grams > 0.0) {
                return max(1.0, $fact->content->cupG / $fact->content->grams);
            }
        }

        return 1.0;
    }

    public function useByMin(): float
    {
        return ($this->mixedAtMin() ?? $this->planned->floor->nowMin) + $this->potLifeMin();
    }

    /** The fewest that can each be spread before they gel; by the sheet's mass where none can. */
    public function cups(): int
    {
        return $this->spread()->cups ?? $this->resin->cupsFor(max($this->batch->totalG(), $this->pour->totalG()));
    }

    /** Cups that can be mixed and spread in time at the air as it is now; null where none can. */
    public function spread(): ?Cups
    {
        return CupNotices::cups($this->planned->plan, $this->step, $this->planned->floor->airNowC());
    }
}
