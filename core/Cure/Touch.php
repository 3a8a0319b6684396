<?php

declare(strict_types=1);

namespace OakGloss\Cure;

/** What a gloved touch on the witness patch said. */
enum Touch: string
{
    case TooWet = 'too_wet';
    case Print = 'print';
    case Dents = 'dents';
    case Hard = 'hard';

    /**
     * The pace factors (this coat's ages against the resin's) under which the touch fits a thermal age.
     * A print and a nail's dent both say that the coat bonds.
     *
     * @return array{float, float} from, until
     */
    public function paceRange(float $age, Kinetics $kinetics): array
    {
        $opens = $age / $kinetics->age(Milestone::TackFrom);
        $closes = $age / $kinetics->age(Milestone::TackUntil);

        return match ($this) {
            self::TooWet => [$opens * self::BEYOND, INF],
            self::Print => [$closes * self::BEYOND, $opens],
            self::Dents => [$closes * self::BEYOND, $opens],
            self::Hard => [0.0, $closes / self::BEYOND],
        };
    }

    /** A touch is never exactly on the event: this much past it, ours. */
    public const BEYOND = 1.03;
}
