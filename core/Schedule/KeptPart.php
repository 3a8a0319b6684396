<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** A part's places as they were kept. */
final readonly class KeptPart
{
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
}
