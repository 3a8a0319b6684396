<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;

/**
 * The section through the skin, one column a zone: height to scale in µm over the weave's crowns, width schematic
 * (three repeats of the weave). Every surface is the mean and texture that the core gives; a flatting cuts all of
 * them to its plane.
 */
final readonly class SectionDrawing
{
    public const WIDTH = 620.0;
    public const HEIGHT = 500.0;
    private const LEFT = 52.0;
    private const GAP = 14.0;
    private const TOP = 26.0;
    private const BOTTOM = 34.0;
    private const REPEATS = 3;
    private const POINTS = 36;
    private const MOST_ZONES = 5;

    /**
     * @param list<array{
     *     state: ZoneState, x: float, width: float, weave: string,
     *     base: array{y: float, height: float},
     *     layers: list<array{path: string, key: string, isDone: bool, index: int}>, bareY: float|null,
     *     planeY: float|null, leftUm: float|null, pillY: float|null, riskClass: string, coverUm: float,
     * }> $columns
     * @param list<array{y: float, label: string}> $ticks
     */
    private function __construct(
        public ?PlannedStep $after,
        public ?PlannedStep $flat,
        public array $columns,
        public array $ticks,
        public float $crownsY,
    ) {
    }

    /**
     */
    public function isMeasured(): bool
    {
        return ($this->columns[0]['state'] ?? null)?->isMeasured() === true;
    }

    public static function of(FinishPlan $plan, string $after = ''): self
    {
        $shown = self::shownStep($plan, $after);
        $flat = $shown === null ? null : self::flattingFrom($plan, $shown);
        $weave = $plan->materials->cloth->weave;
        $history = $shown === null ? [] : self::history($plan, $shown);
        $zones = array_slice($history, 0, self::MOST_ZONES);

        $highest = 60.0;
        foreach ($zones as $zone) {
            foreach ($zone['layers'] as $layer) {
                $highest = max($highest, $layer['z'] + 0.5 * $layer['a']);
            }
        }
        $lowest = -$weave->thicknessUm() - 40.0;
        $scale = (self::HEIGHT - self::TOP - self::BOTTOM) / ($highest + 20.0 - $lowest);
        $y = fn (float $um): float => round(self::TOP + ($highest + 20.0 - $um) * $scale, 2);

        $width = (self::WIDTH - self::LEFT - self::GAP * max(1, count($zones))) / max(1, count($zones));
        $columns = [];
        foreach ($zones as $i => $zone) {
            $columns[] = self::column(
                $zone,
                self::LEFT + $i * ($width + self::GAP),
                $width,
                $weave,
                $y,
                $flat->zones[$zone['index']] ?? null,
                $plan->shop->targetBurnThrough,
            );
        }
        $ticks = [];
        for ($um = -200.0; $um <= $highest; $um += $highest > 400.0 ? 200.0 : 100.0) {
            $ticks[] = ['y' => $y($um), 'label' => ($um > 0.0 ? '+' : '').round($um)];
        }

        return new self($shown, $flat, $columns, $ticks, $y(0.0));
    }

    private static function shownStep(FinishPlan $plan, string $after): ?PlannedStep
    {
        $wanted = $after === '' ? null : $plan->step($after);
        if ($wanted !== null && $wanted->zones !== []) {
            return $wanted;
        }
        $shown = null;
        foreach ($plan->steps as $step) {
            if ($step->zones !== [] && $step->step->kind === StepKind::Flat && ! $step->step->grits?->inClear && ! $step->isDone()) {
                break;
            }
            $shown = $step->zones !== [] && ($step->step->kind === StepKind::Coat || $step->step->role->isResinFlat())
                ? $step
                : $shown;
        }

        // A skin that lies there already is shown before anything is done to it.
        return $shown ?? ($plan->brief->film === null ? null : $plan->steps[0]);
    }

    /** The flatting that ends what is shown, or the one that comes next. */
    private static function flattingFrom(FinishPlan $plan, PlannedStep $shown): ?PlannedStep
    {
        $isPast = false;
        foreach ($plan->steps as $step) {
            $isPast = $isPast || $step === $shown;
            if ($isPast && $step !== $shown && $step->step->kind === StepKind::Flat && ! $step->step->grits?->inClear) {
                return $step;
            }
        }

        return null;
    }

    /**
     * Per zone the surfaces from the weave up, each already cut by the flattings that came after it.
     *
     * @return list<array{index: int, state: ZoneState, layers: list<array{z: float, a: float, plane: float, key: string, isDone: bool}>}>
     */
    private static function history(FinishPlan $plan, PlannedStep $shown): array
    {
        $zones = [];
        foreach ($plan->steps as $step) {
            foreach ($step->zones as $index => $state) {
                $zones[$index] ??= ['index' => $index, 'state' => $state, 'layers' => self::found($plan, $state)];
                $zones[$index]['state'] = $state;
                if ($state->flatting !== null) {
                    $plane = self::plane($state->after);
                    foreach ($zones[$index]['layers'] as $k => $layer) {
                        $zones[$index]['layers'][$k]['plane'] = min($layer['plane'], $plane);
                    }
                } elseif ($step->step->kind === StepKind::Coat && ! $step->skipped && $step->step->layer?->builds) {
                    $zones[$index]['layers'][] = [
                        'z' => $state->after->meanUm,
                        'a' => $state->after->textureUm,
                        'plane' => INF,
                        'key' => $step->step->key,
                        'isDone' => $step->isDone(),
                    ];
                }
            }
            if ($step === $shown) {
                break;
            }
        }

        return array_values($zones);
    }

    /** @return list<array{z: float, a: float, plane: float, key: string, isDone: bool}> the film that lay there before */
    private static function found(FinishPlan $plan, ZoneState $first): array
    {
        return $plan->brief->film === null ? [] : [
            ['z' => $first->before->meanUm, 'a' => $first->before->textureUm, 'plane' => INF, 'key' => 'film', 'isDone' => true],
        ];
    }

    private static function plane(SkinSection $flatted): float
    {
        return $flatted->meanUm + 0.5 * $flatted->textureUm;
    }

    /**
     * @param array{index: int, state: ZoneState, layers: list<array{z: float, a: float, plane: float, key: string, isDone: bool}>} $zone
     * @param \Closure(float): float                                                                                                $y
     *
     * @return array{
     *     state: ZoneState, x: float, width: float, weave: string,
     *     base: array{y: float, height: float},
     *     layers: list<array{path: string, key: string, isDone: bool, index: int}>, bareY: float|null,
     *     planeY: float|null, leftUm: float|null, pillY: float|null, riskClass: string, coverUm: float,
     * }
     */
    private static function column(array $zone, float $x, float $width, Weave $weave, \Closure $y, ?ZoneState $flat, float $target): array
    {
        $off = ($flat ?? $zone['state'])->offUm();
        // Sanded below its crowns, the weave itself is cut.
        $plane = min([INF, ...array_map(fn (array $l): float => $l['plane'] + $off, $zone['layers'])]);
        $crowns = fn (float $phase): float => min($plane, -0.5 * $weave->textureUm() * (1.0 - cos($phase)));
        $below = array_map($crowns, self::phases());
        $layers = [];
        // What readings put the film above or below the model lies in all coats, as each adds to it.
        $lowest = $zone['layers'][0]['z'] ?? 0.0;
        $highest = max(array_column($zone['layers'], 'z') ?: [1.0]);
        foreach ($zone['layers'] as $i => $layer) {
            $shift = $off * ($layer['z'] - $lowest) / max(1.0, $highest - $lowest);
            $surface = array_map(
                fn (float $phase): float => min($layer['plane'] + $off, $layer['z'] + $shift + 0.5 * $layer['a'] * cos($phase)),
                self::phases(),
            );
            // Resin fills the cloth before it shows: a surface never lies under the one before it.
            $surface = array_map(fn (float $own, float $under): float => max($own, $under), $surface, $below);
            $layers[] = [
                'path' => self::band($x, $width, $surface, $below, $y),
                'key' => $layer['key'],
                'isDone' => $layer['isDone'],
                'index' => $i,
            ];
            $below = $surface;
        }
        $left = $flat?->left()->inMicrometres();
        $risk = $flat?->risk() ?? 0.0;
        $last = $zone['state']->after;

        return [
            'state' => $flat ?? $zone['state'],
            'x' => round($x, 1),
            'width' => round($width, 1),
            'weave' => self::band(
                $x,
                $width,
                array_map($crowns, self::phases()),
                array_fill(0, self::POINTS + 1, -$weave->thicknessUm()),
                $y,
            ),
            'base' => [
                'y' => $y(-$weave->thicknessUm()),
                'height' => round($y(-$weave->thicknessUm() - 40.0) - $y(-$weave->thicknessUm()), 1),
            ],
            'layers' => $layers,
            'planeY' => $left === null ? null : $y($left),
            'leftUm' => $left,
            // The number stands between plane and crowns, clear of what lies below them.
            'pillY' => $left === null ? null : min(($y($left) + $y(0.0)) / 2.0, $y(0.0) - 14.0),
            'riskClass' => RiskClass::of($risk, $target),
            'bareY' => $plane < 0.0 ? $y(max($plane, -$weave->thicknessUm())) : null,
            'coverUm' => $last->crownCover()->inMicrometres() + $off,
        ];
    }

    /** @return list<float> */
    private static function phases(): array
    {
        return array_map(fn (int $i): float => 2.0 * M_PI * self::REPEATS * $i / self::POINTS, range(0, self::POINTS));
    }

    /**
     * @param list<float>            $upper µm
     * @param list<float>            $lower µm
     * @param \Closure(float): float $y
     */
    private static function band(float $x, float $width, array $upper, array $lower, \Closure $y): string
    {
        $point = fn (int $i, float $um): string => round($x + $width * $i / self::POINTS, 1).','.$y($um);
        $forth = array_map($point, array_keys($upper), $upper);
        $back = array_reverse(array_map($point, array_keys($lower), $lower));

        return 'M'.implode(' L', [...$forth, ...$back]).'Z';
    }
}
