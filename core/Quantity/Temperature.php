<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/** A temperature that a workshop, a part or a hot cup can have: −40 to 200 °C. */
final readonly class Temperature
{
    public const ZERO_CELSIUS_IN_KELVIN = 273.15;

    private function __construct(private float $celsius)
    {
    }

    /** @throws OutOfRange If below −40 or above 200 °C. */
    public static function fromCelsius(float $celsius): self
    {
        return new self(Bounds::within($celsius, -40.0, 200.0, 'temperature', '°C'));
    }

    public function inCelsius(): float
    {
        return $this->celsius;
    }

    public function inKelvin(): float
    {
        return $this->celsius + self::ZERO_CELSIUS_IN_KELVIN;
    }
}
