<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** How strongly temperature hastens a resin: activation energy E in J/mol. */
final readonly class Activation
{
    /** Gas constant, J/(mol K). */
    public const GAS_CONSTANT = 8.314462618;

    /** Planning value, about halves every 10 °C, J/mol. */
    public const ASSUMED_J_MOL = 51200.0;

    private function __construct(public float $joulePerMol, public Basis $basis)
    {
    }

    /** @throws \OakGloss\Quantity\OutOfRange If outside 1 000 to 300 000 J/mol. */
    public static function given(float $joulePerMol): self
    {
        return new self(Bounds::within($joulePerMol, 1000.0, 300000.0, 'activation energy', 'J/mol'), Basis::Given);
    }

    public static function assumed(): self
    {
        return new self(self::ASSUMED_J_MOL, Basis::Assumed);
    }

    /**
     * Least squares of ln t on 1/T, whose slope is E/R.
     *
     * @param list<array{float, float}> $rows [°C, minutes until the same event]
     *
     * @throws \OakGloss\Quantity\OutOfRange If warmer rows do not come out faster (E outside 1 000 to 300 000 J/mol).
     */
    public static function throughSheet(array $rows): self
    {
        $temperatures = array_unique(array_map(fn (array $row): float => $row[0], $rows), SORT_REGULAR);
        if (count($temperatures) < 2) {
            return self::assumed();
        }
        $x = $y = [];
        foreach ($rows as [$celsius, $minutes]) {
            $x[] = 1.0 / Temperature::fromCelsius($celsius)->inKelvin();
            $y[] = log(Bounds::within($minutes, 0.001, 1e6, 'minutes on the sheet', 'min'));
        }
        $meanX = array_sum($x) / count($x);
        $meanY = array_sum($y) / count($y);
        $covariance = $variance = 0.0;
        foreach ($x as $i => $xi) {
            $covariance += ($xi - $meanX) * ($y[$i] - $meanY);
            $variance += ($xi - $meanX) ** 2;
        }
        $energy = Bounds::within(
            self::GAS_CONSTANT * $covariance / $variance,
            1000.0,
            300000.0,
            'activation energy through the sheet rows',
            'J/mol',
        );

        return new self($energy, Basis::Fitted);
    }

    /** How many times faster than at the reference temperature: exp(−(E/R)(1/T − 1/Tref)). */
    public function rate(Temperature $at, Temperature $reference): float
    {
        return exp(-$this->joulePerMol / self::GAS_CONSTANT * (1.0 / $at->inKelvin() - 1.0 / $reference->inKelvin()));
    }
}
