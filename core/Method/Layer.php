<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** A coat that a step lays. */
final readonly class Layer
{
    /**
     * @param float             $gM2      on the part
     * @param bool              $onCloth  reaches the wrap too, not the zones alone
     * @param bool              $builds   lies over the weave
     * @param list<string>|null $only     zones that it goes on alone; null for all
     * @param float             $drunkGM2 of it that dry plies below drink
     * @param float             $patchM2  of one place of the zone that it goes on alone; 0 for all of it
     * @param Beside|null       $beside   what fills besides the part, and has to be mixed too
     */
    public function __construct(
        public Slot $slot,
        public float $gM2,
        public bool $onCloth,
        public bool $builds,
        public ?array $only = null,
        public float $drunkGM2 = 0.0,
        public float $patchM2 = 0.0,
        public ?Beside $beside = null,
    ) {
    }

    /** On one place of a zone: what it adds there is no film of the zone. */
    public function onPlace(string $zone, float $patchM2): self
    {
        return new self($this->slot, $this->gM2, false, false, $zone === '' ? null : [$zone], 0.0, $patchM2);
    }

    public function beside(Beside $beside): self
    {
        return new self($this->slot, $this->gM2, $this->onCloth, $this->builds, $this->only, $this->drunkGM2, $this->patchM2, $beside);
    }

    /** @param list<string>|null $only */
    public static function of(Role $role, float $gM2, ?array $only = null, float $drunkGM2 = 0.0): self
    {
        $slot = $role->slot() ?? throw new \LogicException("{$role->value} is no coat");

        return new self($slot, $gM2, $role->isOnCloth(), $role->isOverWeave(), $only, $drunkGM2);
    }
}
