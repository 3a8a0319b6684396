<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\ScaleFollow;
use OakGloss\Mixing\ScaleState;

/** What the scale shows now, in words and in the measures of its drawing. */
final readonly class ScalePage
{
    /** The drawing ends so far over the mark. */
    public const PAST_MARK = 1.15;

    /** @param float $inCupG that the scale shows besides, where it is read through all jars */
    public function __construct(private ScaleFollow $follow, private float $nowS, private float $inCupG = 0.0)
    {
    }

    /** Percent of the drawing's width. */
    public static function at(ScaleFollow $follow, float $grams): float
    {
        return round(min(100.0, max(0.0, 100.0 * $grams / (self::PAST_MARK * max(0.001, $follow->mark->grams)))), 2);
    }

    /** @return array<string, string|float|bool> */
    public function shown(): array
    {
        $poured = $this->follow->pouredG($this->nowS);
        $says = $this->says($poured);

        return [
            'state' => $says,
            'says' => (string) __("weigh.scale.says.{$says}", [
                'more' => $this->grams(abs($this->follow->mark->grams - (float) $poured)),
                'grams' => $this->grams($this->inCupG + (float) $poured),
            ]),
            'grams' => $poured === null ? '–' : $this->grams($this->inCupG + $poured),
            'at' => $poured === null ? 0.0 : self::at($this->follow, $poured),
            'isSlow' => $says === 'slow',
            'isWrong' => in_array($says, ['lost', 'overloaded', 'negative', 'jumped', 'doubted', 'over'], true),
            'isRight' => $this->follow->isRight($this->nowS),
            'take' => $this->follow->restsSince($this->nowS) === null
                ? ''
                : (string) __('weigh.scale.take', ['grams' => $this->grams($this->inCupG + (float) $poured)]),
        ];
    }

    private function says(?float $poured): string
    {
        $state = $this->follow->watch($this->nowS)->state;
        $mark = $this->follow->mark;

        return match (true) {
            $state === ScaleState::Lost => 'lost',
            $state === ScaleState::Over => 'overloaded',
            $state === ScaleState::Jumped => 'jumped',
            ! $this->follow->isBegun => 'begin',
            $poured === null => 'settling',
            $poured < -3.0 * $mark->stepG => 'negative',
            $this->follow->isDoubted => 'doubted',
            $mark->isOver($poured) => 'over',
            $mark->isRight($poured) => $state === ScaleState::AtRest ? 'right' : 'stop',
            $poured >= $mark->slowFromG() => 'slow',
            default => 'pour',
        };
    }

    private function grams(float $grams): string
    {
        return number_format($grams, $this->follow->mark->stepG < 0.1 ? 2 : ($this->follow->mark->stepG < 1.0 ? 1 : 0));
    }
}
