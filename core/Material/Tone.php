<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** Colour of the part as it shows between the tows of a light cloth. */
enum Tone: string
{
    case Black = 'black';
    case Dark = 'dark';
    case Mid = 'mid';
    case Light = 'light';

    public function showsThrough(): bool
    {
        return $this === self::Mid || $this === self::Light;
    }
}
