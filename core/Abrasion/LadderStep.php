<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/** One paper of a ladder: what it cuts, µm, and how long, minutes without the change before it. */
final readonly class LadderStep
{
    public function __construct(public Grit $grit, public float $cutUm, public float $minutes)
    {
    }
}
