<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** How a burn-through share looks against what the shop allows. */
final class RiskClass
{
    public static function of(float $share, float $target): string
    {
        return match (true) {
            $share > $target => 'stop',
            $share > 0.5 * $target => 'near',
            default => 'safe',
        };
    }
}
