<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Decided;

/** What was decided for a step that is ahead: when it starts, whether it waits for a key, what goes on. */
final readonly class Decision
{
    /**
     * @param float|null         $pinnedAt  the minute at which it starts
     * @param float              $notBefore earliest start, minute
     * @param bool               $mustKey   the window goes by, it is keyed
     * @param bool               $mustBond  it goes into the window
     * @param float|null         $gM2       another weight for a coat
     * @param SandingMethod|null $driven    another way to drive the papers of a flatting
     * @param int|null           $fromGrit  another paper to begin a flatting with
     */
    private function __construct(
        public ?float $pinnedAt,
        public float $notBefore,
        public bool $mustKey,
        public bool $mustBond,
        public ?float $gM2,
        public ?SandingMethod $driven,
        public ?int $fromGrit,
    ) {
    }

    /** The newest decision of each kind stands; a pin that has gone by with the step undone binds nobody. */
    public static function of(FactLog $log, string $step, float $nowMin = -INF): self
    {
        $last = new Decided();
        foreach ($log->of($step, Decided::class) as $fact) {
            $last = $fact->content->after($last);
        }

        return new self(
            $last->at !== null && $last->at >= $nowMin - self::LATE_MIN ? $last->at : null,
            $last->notBefore ?? -INF,
            $last->key === true,
            $last->key !== true && $last->bond === true,
            $last->gM2,
            $last->driven,
            isset(Grit::MEAN_GRAIN_UM[(int) $last->fromGrit]) ? $last->fromGrit : null,
        );
    }

    /** A step that should have begun this long ago did not, minutes. */
    public const LATE_MIN = 5.0;
}
