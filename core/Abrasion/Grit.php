<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

/** A paper of the FEPA P series by its mean grain, ISO 6344; P3000 and P5000 are makers' values. */
final readonly class Grit
{
    /** P number → d50 in µm. */
    public const MEAN_GRAIN_UM = [
        40 => 425.0, 60 => 269.0, 80 => 201.0, 100 => 162.0, 120 => 125.0, 150 => 100.0, 180 => 82.0, 220 => 68.0,
        240 => 58.5, 280 => 52.2, 320 => 46.2, 360 => 40.5, 400 => 35.0, 500 => 30.2, 600 => 25.8, 800 => 21.8,
        1000 => 18.3, 1200 => 15.3, 1500 => 12.6, 2000 => 10.3, 2500 => 8.4, 3000 => 7.0, 5000 => 5.0,
    ];

    private function __construct(public int $number, public float $meanGrainUm)
    {
    }

    /** @throws UnknownGrit If it is no paper of the series. */
    public static function p(int $number): self
    {
        return new self($number, self::MEAN_GRAIN_UM[$number] ?? throw UnknownGrit::number($number));
    }

    public function isFinerThan(self $other): bool
    {
        return $this->number > $other->number;
    }
}
