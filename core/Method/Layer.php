<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** A coat that a step lays. */
final readonly class Layer
{
    /**
     * @param float             $gM2     on the part
     * @param bool              $onCloth reaches the wrap too, not the zones alone
     * @param bool              $builds  lies over the weave
     * @param list<string>|null $only    zones that it goes on alone; null for all
     */
    public function __construct(public Jar $jar, public float $gM2, public bool $onCloth, public bool $builds, public ?array $only = null)
    {
    }
}
