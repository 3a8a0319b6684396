<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Method\Slot;

/** So much of something that a step takes from the shelf: grams of a jar, millilitres of a clear, metres of cloth, papers. */
final readonly class Taken
{
    /**
     * @param Slot|null  $slot    null of a paper
     * @param string     $jar     resin, hardener or pigment; clear, hardener or reducer; empty where there is one
     * @param float|null $widthMm of a piece of cloth; its quantity runs along the roll
     */
    private function __construct(
        public ?Slot $slot,
        public string $jar,
        public float $quantity,
        public ?float $widthMm = null,
        public ?SandingMethod $driven = null,
        public ?Grit $grit = null,
    ) {
    }

    /** Grams of a resin's jar, millilitres of a clear's. */
    public static function from(Slot $slot, string $jar, float $quantity): self
    {
        return new self($slot, $jar, $quantity);
    }

    /** Metres along the roll. */
    public static function cloth(Slot $slot, float $metres, float $widthMm): self
    {
        return new self($slot, '', $metres, $widthMm);
    }

    public static function paper(SandingMethod $driven, Grit $grit, int $pieces): self
    {
        return new self(null, '', (float) $pieces, null, $driven, $grit);
    }
}
