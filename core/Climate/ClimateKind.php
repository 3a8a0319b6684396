<?php

declare(strict_types=1);

namespace OakGloss\Climate;

/** What a part can be put into, or what is done to its air. */
enum ClimateKind: string
{
    case WarmBox = 'warm_box';
    case HeatLamp = 'heat_lamp';
    case HeatedRoom = 'heated_room';
    case CoolPlace = 'cool_place';
    case Oven = 'oven';

    /** How fast it warms or cools what is in it, °C/h. Planning values. */
    public function rampPerHour(): float
    {
        return match ($this) {
            self::WarmBox, self::Oven => 20.0,
            self::HeatLamp => 40.0,
            self::HeatedRoom => 4.0,
            self::CoolPlace => 20.0,
        };
    }

    /** What holds a part so warm: the box where that is warm enough. */
    public static function holding(float $celsius): self
    {
        return $celsius <= self::WarmBox->warmestC() ? self::WarmBox : self::Oven;
    }

    /** The warmest that it makes, °C. Planning values. */
    public function warmestC(): float
    {
        return match ($this) {
            self::WarmBox => 45.0,
            self::HeatLamp => 50.0,
            self::HeatedRoom => 26.0,
            self::CoolPlace => 20.0,
            self::Oven => 110.0,
        };
    }
}
