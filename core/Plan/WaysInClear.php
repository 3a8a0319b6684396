<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\StepKind;

/** Ways out in the clear: what of it they take, and whether enough stays. */
final readonly class WaysInClear
{
    public function __construct(private DefectPlace $at)
    {
    }

    public function inClear(Remedy $remedy, int $from, float $again): RemedyOffer
    {
        $clear = $this->at->plan->clear;
        $isOn = $this->at->isDone(StepKind::Spray);
        $to = $remedy === Remedy::Reclear ? 800 : 2500;
        $takes = $clear === null ? 0.0
            : $clear->clear->sprayed->peelUm() + SandingMethod::WetBlock->scratchUm(Grit::p($from))
                + ($clear->polish?->totalCutUm() ?? 0.0);
        $left = ($clear?->remainsUm() ?? 0.0) - ($remedy === Remedy::Reclear ? 0.0 : $takes);

        return new RemedyOffer(
            $remedy,
            $this->at->content(
                $remedy,
                from: $from,
                to: $to,
                lies: Lies::InClear,
                coats: $remedy === Remedy::Reclear ? $clear->coats ?? 0 : 0,
            ),
            match (true) {
                $clear === null => 'no_clear',
                ! $isOn => 'not_cleared',
                $remedy !== Remedy::Reclear && $left < 0.5 * $clear->clear->finalUm => 'clear_thin',
                default => null,
            },
            ['left' => $left, 'keep' => 0.5 * ($clear->clear->finalUm ?? 0.0)],
            $clear === null || ! $isOn ? null : $left,
            again: $again,
            papers: $this->at->papers($from, $to),
        );
    }
}
