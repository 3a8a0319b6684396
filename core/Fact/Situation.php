<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** What the plan knows of the step that something is recorded of, at its moment. */
interface Situation
{
    /** What was weighed into its cup, grams; null if nothing was. */
    public function inTheCupG(): ?float;

    /** @return list<string>|null zones that the coat goes over; null for all */
    public function coatedOnly(): ?array;

    public function isTilted(): bool;

    /** How far the hardener of its cup lies off, where it is no mix; null where it is as it should be, or was not weighed. */
    public function mixOff(): ?float;

    /** Thermal age of the coat by its sheet, minutes; null before it can be told, or where a blend has no sheet. */
    public function coatAgeMin(): ?float;

    /** The row of the coat's resin. */
    public function resinId(): ?int;

    /** What the shop lets a bag lose in ten minutes, mbar. */
    public function leakLimitMbar(): float;

    public function hasZone(string $name): bool;
}
