<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;

/** A flatting driven one way from one paper: how long, what stays, what it risks, and what paper it wears. */
final readonly class SandingWay
{
    /**
     * @param float|null  $leftUm over the crowns of the thinnest show face; null where no resin is cut
     * @param float|null  $risk   of the show face that burns through first
     * @param list<Taken> $papers
     */
    public function __construct(
        public SandingMethod $driven,
        public int $from,
        public Ladder $ladder,
        public ?float $leftUm,
        public ?float $risk,
        public array $papers,
        public bool $isCurrent,
    ) {
    }
}
