<?php

declare(strict_types=1);

namespace App\Bench;

use App\Devices\ScaleLines;
use App\Devices\ScaleText;
use OakGloss\Mixing\ScaleMark;
use OakGloss\Mixing\ScaleReading;
use OakGloss\Mixing\ScaleState;
use OakGloss\Mixing\ScaleWatch;

/** One cup on the scale, as one screen follows it: what was heard lately, from where it counts, and whether all of it is sure. */
final class ScaleFollow
{
    /** Readings older are of no use, seconds. */
    private const KEPT_S = 6.0;

    /** What the scale is asked for next; null before it was heard. */
    public ?int $next = null;

    /** What it showed where this jar begins: the cup and all that is in it. Null until it has rested. */
    public ?float $fromG = null;

    /** Somebody said that the cup is on it: an empty pan and a tared cup show the same. */
    public bool $isBegun = false;

    /** It leapt or was lost since it counts: what it shows is taken by a press, never by itself. */
    public bool $isDoubted = false;

    /** @var list<ScaleReading> */
    private array $readings = [];

    private ?string $half = null;

    /** @param string|null $component that goes in next, in grams; null where nothing is weighed */
    public function __construct(public ?string $component, public ScaleMark $mark)
    {
    }

    /** @param float $nowS seconds on this machine's clock */
    public function hear(ScaleText $text, float $nowS): void
    {
        // A piece is lost, or the scale began anew: half a line of before belongs to nothing.
        $lines = new ScaleLines($text->from === $this->next ? $this->half : ($text->from === 0 ? '' : null));
        $this->isDoubted = $this->isDoubted || ($this->next !== null && $text->from !== $this->next);
        $this->readings = [
            ...array_filter($this->readings, fn (ScaleReading $r): bool => $nowS - $r->atS <= self::KEPT_S),
            ...$lines->read($text->bytes, $nowS),
        ];
        [$this->half, $this->next] = [$lines->half, $text->next];
        $this->settle($nowS);
    }

    /** It did not answer. */
    public function miss(float $nowS): void
    {
        $this->settle($nowS);
    }

    public function watch(float $nowS): ScaleWatch
    {
        return ScaleWatch::of($this->readings, $nowS, $this->mark->stepG);
    }

    /** What was poured of this jar; null where that can't be told. */
    public function pouredG(float $nowS): ?float
    {
        $shown = $this->watch($nowS)->grams;

        return $shown === null || $this->fromG === null ? null : round($shown - $this->fromG, 3);
    }

    /** Since when a weight rests that can be kept, seconds; null where none can. */
    public function restsSince(float $nowS): ?float
    {
        return $this->pouredG($nowS) > $this->mark->stepG ? $this->watch($nowS)->restSinceS : null;
    }

    /** What rests on the mark, and was never in doubt. */
    public function isRight(float $nowS): bool
    {
        return ! $this->isDoubted && $this->restsSince($nowS) !== null && $this->mark->isRight((float) $this->pouredG($nowS));
    }

    /** @param float|null $g where the next jar begins; null for what it shows at its next rest */
    public function countFrom(?float $g): void
    {
        [$this->fromG, $this->isDoubted] = [$g, false];
        $this->readings = $g === null ? [] : $this->readings;
    }

    /** What goes in next. */
    public function turnTo(?string $component, ScaleMark $mark): void
    {
        [$this->component, $this->mark] = [$component, $mark];
    }

    private function settle(float $nowS): void
    {
        $watch = $this->watch($nowS);
        if ($this->fromG === null) {
            $this->fromG = $this->isBegun && $watch->state === ScaleState::AtRest ? $watch->grams : null;

            return;
        }
        // At rest where it began, whatever leapt is gone again.
        $isBack = $watch->state === ScaleState::AtRest && abs((float) $watch->grams - $this->fromG) <= $this->mark->stepG + 1e-9;
        $this->isDoubted = ! $isBack
            && ($this->isDoubted || in_array($watch->state, [ScaleState::Jumped, ScaleState::Lost, ScaleState::Over], true));
    }
}
