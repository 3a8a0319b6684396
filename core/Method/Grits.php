<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;

/** The scratch that a sanding step starts with and the one that the next layer needs. */
final readonly class Grits
{
    /** One paper, dry on a block. */
    public static function key(int $paper): self
    {
        return new self($paper, $paper, SandingMethod::DryBlock);
    }

    /**
     * @param bool              $inClear    cuts the lacquer, not the resin over the weave
     * @param float             $peelUm     texture that the first paper finds in it
     * @param bool              $ridgesOnly ridges down and no further: lows stay, and it is done with them
     * @param list<string>|null $only       zones that it goes over alone; null for all
     */
    public function __construct(
        public int $from,
        public int $to,
        public SandingMethod $driven,
        public bool $inClear = false,
        public float $peelUm = 0.0,
        public bool $ridgesOnly = false,
        public ?array $only = null,
    ) {
    }

    public function isOver(string $zone): bool
    {
        return $this->only === null || in_array($zone, $this->only, true);
    }
}
