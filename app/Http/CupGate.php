<?php

declare(strict_types=1);

namespace App\Http;

use App\Bench\Cup;
use App\Planning\PlannedPart;
use App\Stock\Ledger;
use App\Stock\TakenFrom;
use App\Words\Formatter;
use Illuminate\Http\Request;
use OakGloss\Plan\Taken;

/** What is asked before a pour or a coat that nobody should make is kept. */
final class CupGate
{
    /** A single pour past its mark by more is asked about, times the mark (ours). */
    private const MOST_OVER_MARK = 1.5;

    /** No brush lays more than this, times the planned cup (ours). */
    private const MOST_LAID = 3.0;

    public function __construct(private readonly Formatter $format, private readonly TakenFrom $takenFrom, private readonly Ledger $ledger)
    {
    }

    /** One jar, typed or pumped: a slip of a comma makes ten or a hundred times too much. */
    public function pour(Request $request, Cup $cup, string $component, float $grams): void
    {
        $leftG = $this->leftG($cup, $component);
        $step = $cup->planned->floor->workshop->scaleStepG;
        $mark = $cup->toAdd()[$component] ?? 0.5 * match ($component) {
            'hardener' => $cup->batch->hardenerG,
            'pigment' => $cup->batch->pigmentG,
            default => $cup->batch->resinG,
        };
        $jar = $this->format->word('component', $component);
        $say = fn (float $g): string => $this->format->mixed($g, $cup->batch->ratio, $component);
        $yes = (string) __('weigh.sure_pour', ['grams' => $say($grams), 'jar' => $jar]);
        if ($grams > self::MOST_OVER_MARK * $mark + $step) {
            Doubt::ask($request, 'grams', "{$component}-{$grams}", (string) __('weigh.far_over', [
                'grams' => $say($grams), 'mark' => $say($mark), 'jar' => $jar,
                'times' => (string) round($grams / max($mark, $step), $grams < 10.0 * $mark ? 1 : 0),
            ]), $yes);
        } elseif ($leftG !== null && $grams > $leftG + $step) {
            Doubt::ask($request, 'grams', "{$component}-{$grams}", (string) __('weigh.more_than_jar', [
                'grams' => $say($grams), 'left' => $say($leftG), 'jar' => $jar,
            ]), $yes);
        }
    }

    /** What all deliveries of a jar hold; null where none was typed in, or a blend takes from two. */
    private function leftG(Cup $cup, string $component): ?float
    {
        $planned = $cup->planned;
        $slot = $cup->step->step->layer?->slot;
        $used = $slot === null ? [] : $this->takenFrom->jars(
            $planned->part,
            $planned->plan->log,
            $cup->step->step->key,
            [Taken::from($slot, $component, 1.0)],
        );

        return count($used) !== 1 || ! $this->ledger->isKept($used[0]->jar, $planned->part->shop_id) ? null
            : (float) $this->ledger->lots($planned->part->shop_id, $used[0]->jar)->sum('left');
    }

    /** A coat from what is in its cup: one that is no mix, or that no brush lays, goes on by a second press that says what comes of it. */
    public function coat(Request $request, PlannedPart $planned, string $step): void
    {
        $cup = Cup::forStep($planned, $step);
        $off = $cup?->offBy();
        if ($cup === null || $cup->pour->totalG() <= 0.0) {
            return;
        }
        if ($off !== null) {
            Doubt::ask($request, 'act', "mix-{$step}-".round($off, 3), (string) __('weigh.no_mix', [
                'off' => $this->format->off($off), 'comes' => __('weigh.comes.'.$cup->comesOf($off)),
            ]), (string) __('weigh.use_anyway'));
        }
        if ($cup->pour->totalG() > self::MOST_LAID * $cup->batch->totalG()) {
            Doubt::ask($request, 'act', "laid-{$step}-".round($cup->pour->totalG(), 1), (string) __('weigh.no_brush', [
                'grams' => $in = $this->format->mixed($cup->pour->totalG(), $cup->batch->ratio),
                'planned' => $this->format->mixed($cup->batch->totalG(), $cup->batch->ratio),
            ]), (string) __('weigh.laid_anyway', ['grams' => $in]));
        }
    }
}
