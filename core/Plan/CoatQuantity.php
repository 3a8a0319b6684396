<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\CupLeft;
use OakGloss\Film\Coat;
use OakGloss\Material\Resin;
use OakGloss\Method\Layer;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Slot;
use OakGloss\Method\Step;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\Batch;
use OakGloss\Quantity\Area;
use OakGloss\Quantity\ArealWeight;
use OakGloss\Quantity\Mass;
use OakGloss\Quantity\Temperature;

/** What a coat is mixed of, what stays in cup and brush included, and what of it comes to lie on the part. */
final readonly class CoatQuantity
{
    /** @param float $onPartGM2 as weighed where it was, as planned elsewhere */
    private function __construct(public Batch $batch, public float $onPartGM2)
    {
    }

    /** @param Fact<\OakGloss\Fact\Content>|null $fact with which the step was done */
    public static function of(Step $step, Layer $layer, ?Fact $fact, PartBrief $brief, Resin $resin, Workshop $shop, FactLog $log): self
    {
        $on = $fact?->content instanceof CoatOn ? $fact->content : null;
        $area = Area::fromSquareMetres(match (true) {
            $layer->patchM2 > 0.0 => $layer->patchM2,
            $layer->onCloth => $brief->clothAreaM2(),
            default => $brief->areaOf($on->only ?? $layer->only),
        });
        $planned = ArealWeight::fromGramsPerSquareMetre(Decision::of($log, $step->key)->gM2 ?? $layer->gM2);
        $left = $on === null ? null : $log->last($step->key, CupLeft::class)?->content->grams;
        $loss = fn (float $cupG): float => $layer->beside?->totalG($cupG)
            ?? $shop->cupLoss($fact?->atMin, $cupG, $step->role->spreader())->grams;
        $wantedG = $planned->over($area)->inGrams();
        $total = $wantedG + $loss($wantedG);
        $scaleStep = $shop->scaleStepAt($fact?->atMin);
        $pigment = $layer->slot === Slot::Base ? $brief->backing->pigmentShare() * $resin->pigmentFraction : 0.0;
        $air = Temperature::fromCelsius($fact->airC ?? $shop->workingAirC);

        $batch = $resin->catalyst === null
            ? Batch::weighable($total, $resin->ratio, $scaleStep, $pigment)
            : Batch::catalysed($total, $resin->catalyst, $air, $scaleStep, $pigment);
        if ($on?->grams === null) {
            return new self($batch, $planned->inGramsPerSquareMetre());
        }
        // What a cup holds over its coat so that a scale can weigh it stays in it: a cup as planned lays what was planned.
        $rounding = $batch->totalG() - $total;
        $stays = $left ?? $rounding + $loss(max(0.0, $on->grams - $rounding - $loss($wantedG)));
        // A slip of the pen in the record must not stop the plan: more than a spill does not stay on a part.
        $most = max(Coat::HEAVIEST_GM2, 2.0 * $layer->gM2) * $area->inSquareMetres();
        $onPart = Mass::fromGrams(max(0.0, min($on->grams - $stays, $most)))->spreadOver($area);

        return new self($batch, $onPart->inGramsPerSquareMetre());
    }
}
