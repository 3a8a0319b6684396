<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** The time in which the next coat bonds: opens and closes as expected, and is sure in between. Minutes. */
final readonly class TackWindow
{
    public function __construct(public CureEvent $opens, public CureEvent $closes)
    {
    }

    /**
     * From the late opening to the early close; null if doubt leaves nothing sure.
     *
     * @return array{from: float, until: float}|null
     */
    public function sure(): ?array
    {
        $from = $this->opens->lateMin;
        $until = $this->closes->earlyMin;

        return $from !== null && $until !== null && $from < $until ? ['from' => $from, 'until' => $until] : null;
    }
}
