<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Material\Supply;
use OakGloss\Method\Slot;

/** So much of something that a step takes from the shelf: grams of a jar, millilitres of a clear, metres of cloth, papers, and all else. */
final readonly class Taken
{
    /**
     * @param Slot|null  $slot    null of a paper or a supply
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
        public ?Supply $supply = null,
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

    /** In the unit of the supply. */
    public static function supply(Supply $supply, float $quantity): self
    {
        return new self(null, '', $quantity, supply: $supply);
    }

    public static function paper(SandingMethod $driven, Grit $grit, int $pieces): self
    {
        return new self(null, '', (float) $pieces, null, $driven, $grit);
    }
}
