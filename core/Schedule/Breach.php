<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** Why a part can't stay where the kept plan has it. */
final readonly class Breach
{
    public const UNPLANNED = 'unplanned';
    /** The plan has a step that had none, or has steps in another order. */
    public const STEPS = 'steps';
    /** A pin or another decision of a step. */
    public const DECIDED = 'decided';
    /** Who was to do it is not there then. */
    public const HANDS = 'hands';
    /** The booth or the box is full. */
    public const THING = 'thing';
    public const COLD = 'cold';
    /** What it waits for comes later than the step can be put off. */
    public const OPENS = 'opens';
    /** Its window closes before. */
    public const CLOSES = 'closes';
    /** A step was to begin and did not. */
    public const LATE = 'late';
    /** Hands are still elsewhere. */
    public const BUSY = 'busy';

    /**
     * @param string          $code one of the above
     * @param string|null     $step at which it breaks
     * @param int|string|null $part whose lateness it comes from, where that is another
     * @param string|null     $late the step that is late
     */
    public function __construct(
        public string $code,
        public ?string $step = null,
        public int|string|null $part = null,
        public ?string $late = null,
    ) {
    }

    /** The cause where something pushes a step, told of the part itself where it is its own. */
    public static function pushed(int|string $part, RunStep $step, ?self $by): self
    {
        return match (true) {
            $by === null => new self(self::OPENS, $step->id),
            $by->part === $part => new self($by->code, $step->id, null, $by->late),
            default => new self($by->code, $step->id, $by->part, $by->late),
        };
    }
}
