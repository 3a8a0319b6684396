<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Quantity\Bounds;

/** What really is in the cup so far, against the batch that was wanted. Grams. */
final readonly class Pour
{
    /** @throws \OakGloss\Quantity\OutOfRange If a weight is negative or over 100 kg. */
    public function __construct(
        public Batch $wanted,
        public float $resinG,
        public float $hardenerG,
        public float $pigmentG = 0.0,
        private float $pigmentFraction = 0.0,
    ) {
        foreach (['resin' => $resinG, 'hardener' => $hardenerG, 'pigment' => $pigmentG] as $what => $grams) {
            Bounds::within($grams, 0.0, 100000.0, "{$what} in the cup", 'g');
        }
    }

    public function totalG(): float
    {
        return $this->resinG + $this->hardenerG + $this->pigmentG;
    }

    /** Error of the ratio so far, + is too much hardener; null while one of both is missing. */
    public function ratioError(): ?float
    {
        return $this->resinG > 0.0 && $this->hardenerG > 0.0
            ? $this->hardenerG / $this->resinG / $this->wanted->ratio->hardenerPerResin - 1.0
            : null;
    }

    /** Resin still to add: up to the batch, or more where hardener was overpoured. */
    public function resinToAddG(): float
    {
        $forHardener = $this->hardenerG / $this->wanted->ratio->hardenerPerResin;

        return max(0.0, max($this->wanted->resinG, $forHardener) - $this->resinG);
    }

    /** Hardener still to add for the resin that is in the cup or was wanted, whichever is more. */
    public function hardenerToAddG(): float
    {
        return max(0.0, max($this->wanted->resinG, $this->resinG) * $this->wanted->ratio->hardenerPerResin - $this->hardenerG);
    }

    /** Pigment still to add for what is in the cup. */
    public function pigmentToAddG(): float
    {
        return max(0.0, max($this->wanted->pigmentG, $this->pigmentFraction * ($this->resinG + $this->hardenerG)) - $this->pigmentG);
    }

    /** More pigment than its sheet allows in what is in the cup, g; 0 while resin or hardener is missing. */
    public function pigmentOverG(): float
    {
        $allowed = $this->pigmentFraction * ($this->resinG + $this->hardenerG);

        return $this->resinG > 0.0 && $this->hardenerG > 0.0 && $this->pigmentG > $allowed * (1.0 + Batch::TOLERANCE)
            ? $this->pigmentG - $allowed : 0.0;
    }

    /**
     * What brings too much pigment under what its sheet allows again.
     *
     * @return array{resin: float, hardener: float} grams to add
     */
    public function forPigment(): array
    {
        $both = $this->pigmentFraction > 0.0 ? $this->pigmentG / $this->pigmentFraction : 0.0;
        $resin = $both / (1.0 + $this->wanted->ratio->hardenerPerResin);

        return [
            'resin' => max(0.0, $resin - $this->resinG),
            'hardener' => max(0.0, $both - $resin - $this->hardenerG),
        ];
    }

    /** The same with what lay in the two jars the other way round. */
    public function swapped(): self
    {
        return new self($this->wanted, $this->hardenerG, $this->resinG, $this->pigmentG, $this->pigmentFraction);
    }

    /** Whether putting a cup right takes more than a fresh one would: then it goes to waste. */
    public function isBetterBinned(): bool
    {
        return $this->resinToAddG() + $this->hardenerToAddG() > $this->wanted->totalG();
    }

    /** Resin is in, and hardener within the tolerance of what it asks for. */
    public function keepsRatio(): bool
    {
        $error = $this->ratioError();

        // A drop is not halved: within half of one it is as near as can be.
        $drop = $this->wanted->drops === null ? 0.0 : 0.51 / $this->wanted->drops;

        return $error !== null && abs($error) <= max(Batch::TOLERANCE, $drop);
    }
}
