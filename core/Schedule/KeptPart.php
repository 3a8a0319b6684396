<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** A part's places as they were kept. */
final readonly class KeptPart
{
    /** As near as this a step is where it was pinned, minutes. */
    private const NEAR_MIN = 0.5;

    /** @param array<string, KeptStep> $steps by step, in order */
    private function __construct(public array $steps, public Leniency $leniency)
    {
    }

    /** @param list<KeptStep> $steps in order */
    public static function of(array $steps, Leniency $leniency = Leniency::None): self
    {
        return new self(array_combine(array_map(fn (KeptStep $s): string => $s->id, $steps), $steps), $leniency);
    }

    /** @param list<PlacedStep> $placed in order */
    public static function from(array $placed, Leniency $leniency): self
    {
        return self::of(
            array_map(
                fn (PlacedStep $p): KeptStep => new KeptStep($p->step->id, $p->startMin, $p->endMin, $p->way, $p->people, $p->step->uses),
                $placed,
            ),
            $leniency,
        );
    }

    /** When its last step ends; null where none is left. */
    public function endMin(): ?float
    {
        return $this->steps === [] ? null : $this->steps[array_key_last($this->steps)]->endMin;
    }

    /** @return array<string, float> starts by step */
    public function starts(): array
    {
        return array_map(fn (KeptStep $s): float => $s->startMin, $this->steps);
    }

    /**
     * Why the steps that are ahead are not those that were kept; null where they are.
     *
     * @param list<RunStep> $steps
     */
    public static function unlike(array $steps, ?self $kept): ?Breach
    {
        if ($kept === null) {
            return $steps === [] ? null : new Breach(Breach::UNPLANNED);
        }
        $before = -INF;
        foreach ($steps as $step) {
            $was = $kept->steps[$step->id] ?? null;
            if ($was === null || $was->startMin < $before) {
                return new Breach(Breach::STEPS, $step->id);
            }
            $before = $was->startMin;
            if (($step->pinnedAt !== null && abs($was->startMin - $step->pinnedAt) >= self::NEAR_MIN)
                || $was->startMin < $step->notBefore - self::NEAR_MIN) {
                return new Breach(Breach::DECIDED, $step->id);
            }
            if (($step->mustKey && $was->way !== Way::Keyed) || ($step->mustBond && $was->way === Way::Keyed)) {
                return new Breach(Breach::DECIDED, $step->id);
            }
        }

        return null;
    }
}
