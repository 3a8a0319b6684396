<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** Something that was typed as a quantity and is none. */
final class NotUnderstood extends \DomainException
{
    /**
     * @param string       $why     no_number, no_unit, other_measure, only_number or two_ways
     * @param string       $what    that could not be understood
     * @param Measure|null $measure null of a field without a unit
     */
    public function __construct(public readonly string $why, public readonly string $what, public readonly ?Measure $measure)
    {
        parent::__construct("{$why}: {$what}");
    }

    /** @return list<string> units that would be understood */
    public function units(): array
    {
        return $this->measure === null ? [] : array_map(fn (Unit $u): string => $u->value, Unit::of($this->measure));
    }
}
