<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Geometry\Zone;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;

/** The film over the crowns of every zone as it stands now: the model's, and where readings put it, to one scale. */
final readonly class FilmScale
{
    public const WIDTH = 620.0;
    private const ROW = 46.0;
    private const TOP = 24.0;
    public const LEFT = 128.0;

    /**
     * @param list<array{
     *     state: ZoneState, zone: Zone, coverUm: float, modelUm: float, doubtUm: float, fromX: float, toX: float,
     *     modelX: float, lowX: float, highX: float, textureUm: float, flat: ZoneState|null, leftX: float|null,
     *     riskClass: string,
     * }> $rows
     * @param list<array{x: float, label: string}> $ticks
     */
    private function __construct(
        public array $rows,
        public array $ticks,
        public float $zeroX,
        public bool $isMeasured,
    ) {
    }

    public function height(): float
    {
        return self::TOP + self::ROW * count($this->rows) + 6.0;
    }

    public function yOf(int $row): float
    {
        return self::TOP + self::ROW * $row;
    }

    public static function of(FinishPlan $plan): self
    {
        $now = $plan->zonesNow;
        $flat = self::flatAhead($plan)->zones ?? [];
        [$most, $least] = [60.0, 0.0];
        foreach ($now as $index => $state) {
            $cover = $state->crownCover($state->after)->inMicrometres();
            $most = max($most, $cover + 2.0 * $state->meanDoubtUm());
            $least = min($least, $cover - 2.0 * $state->meanDoubtUm(), ($flat[$index] ?? null)?->left()->inMicrometres() ?? 0.0);
        }
        $least = max(-0.3 * $most, $least);
        $x = fn (float $um): float => round(
            self::LEFT + (min($most, max($least, $um)) - $least) / ($most - $least) * (self::WIDTH - self::LEFT - 10.0),
            1,
        );
        $rows = [];
        foreach ($now as $index => $state) {
            $skin = $state->after;
            $cover = $state->crownCover($skin)->inMicrometres();
            $doubt = $state->meanDoubtUm();
            $next = $flat[$index] ?? null;
            $rows[] = [
                'state' => $state,
                'zone' => $state->zone,
                'coverUm' => $cover,
                'modelUm' => $skin->crownCover()->inMicrometres(),
                'doubtUm' => $doubt,
                'fromX' => min($x(0.0), $x($cover)),
                'toX' => max($x(0.0), $x($cover)),
                'modelX' => $x($skin->crownCover()->inMicrometres()),
                'lowX' => $x($cover - 2.0 * $doubt),
                'highX' => $x($cover + 2.0 * $doubt),
                'textureUm' => $skin->textureUm,
                'flat' => $next,
                'leftX' => $next === null ? null : $x($next->left()->inMicrometres()),
                'riskClass' => RiskClass::of($next?->risk() ?? 0.0, $plan->shop->targetBurnThrough),
            ];
        }
        $ticks = [];
        $every = $most > 400.0 ? 100.0 : 50.0;
        for ($um = 0.0; $um <= $most; $um += $every) {
            $ticks[] = ['x' => $x($um), 'label' => round($um).($um === 0.0 ? ' crowns' : '')];
        }

        return new self($rows, $ticks, $x(0.0), $now !== [] && $now[0]->isMeasured());
    }

    /** The flatting of the resin that comes next. */
    public static function flatAhead(FinishPlan $plan): ?PlannedStep
    {
        foreach ($plan->ahead() as $step) {
            if ($step->step->kind === StepKind::Flat && $step->step->grits?->inClear === false) {
                return $step;
            }
        }

        return null;
    }
}
