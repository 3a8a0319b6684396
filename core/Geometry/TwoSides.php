<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** Which zones get resin while a piece lies on its one face, and which once it is turned over. A rim is in both. */
final readonly class TwoSides
{
    /**
     * @param list<string> $first
     * @param list<string> $second
     * @param list<Zone>   $turned all zones in their order, as they lie once it is turned over
     */
    public function __construct(public array $first, public array $second, public array $turned)
    {
    }
}
