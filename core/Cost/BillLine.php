<?php

declare(strict_types=1);

namespace OakGloss\Cost;

/** One line: so much of something that comes in packs, or so many minutes at a rate. */
final readonly class BillLine
{
    /**
     * @param string $key      by which a quote's line and the same line later are held against each other
     * @param float  $quantity in the unit of the pack; minutes of hands and places
     * @param float  $pack     quantity that the price is of; 60 of an hour's rate
     * @param bool   $isRescue of a way out, not of the job as it was ordered
     *
     * @throws \OakGloss\Quantity\OutOfRange If quantity, pack or price is out of range.
     */
    public function __construct(
        public CostKind $kind,
        public string $key,
        public string $name,
        public float $quantity,
        public string $unit,
        public float $pack,
        public int $priceMinor,
        public bool $isRescue = false,
    ) {
        $this->at($quantity, $pack, $priceMinor);
    }

    public function minor(): int
    {
        return $this->at($this->quantity, $this->pack, $this->priceMinor);
    }

    /** What another quantity would come to at this price. */
    public function minorOf(float $quantity): int
    {
        return $this->at($quantity, $this->pack, $this->priceMinor);
    }

    /** With so much more of it. */
    public function with(float $quantity): self
    {
        return new self(
            $this->kind,
            $this->key,
            $this->name,
            $this->quantity + $quantity,
            $this->unit,
            $this->pack,
            $this->priceMinor,
            $this->isRescue,
        );
    }

    public function material(): Material
    {
        return new Material($this->quantity, $this->pack, $this->priceMinor);
    }

    private function at(float $quantity, float $pack, int $priceMinor): int
    {
        return (new Material($quantity, $pack, $priceMinor))->minor();
    }
}
