<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** Something that was typed as a quantity and is none. */
final class NotUnderstood extends \DomainException
{
    /**
     * @param string $why  no_number, no_unit, other_measure or two_ways
     * @param string $what that could not be understood
     */
    public function __construct(public readonly string $why, public readonly string $what, public readonly Measure $measure)
    {
        parent::__construct("{$why}: {$what}");
    }

    /** @return list<string> units that would be understood */
    public function units(): array
    {
        return array_map(fn (Unit $u): string => $u->value, Unit::of($this->measure));
    }
}
