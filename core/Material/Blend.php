<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Film\Rheology;
use OakGloss\Mixing\MixRatio;
use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/**
 * Two hardeners of one system in one cup. Ages, pot life, gel and viscosity are interpolated on a log scale between
 * the two sheets: an estimate, for no sheet states it. The mix itself is exact: each share of resin asks for its own
 * hardener's weight.
 */
final class Blend
{
    /**
     * @param float $fastShare of the resin that is hardened by the fast one, 0 to 1
     *
     * @throws \OakGloss\Quantity\OutOfRange If the share is out of range.
     */
    public static function of(Resin $slow, Resin $fast, float $fastShare): Resin
    {
        Bounds::within($fastShare, 0.0, 1.0, 'share of the fast hardener', '');
        $between = fn (float $a, float $b): float => exp((1.0 - $fastShare) * log($a) + $fastShare * log($b));
        // Both on the slow one's reference temperature.
        $toReference = $fast->kinetics->activation->rate($slow->kinetics->reference, $fast->kinetics->reference);
        $ages = [];
        foreach ($slow->kinetics->agesMin as $event => $age) {
            $ages[$event] = isset($fast->kinetics->agesMin[$event])
                ? $between($age, $fast->kinetics->agesMin[$event] / $toReference)
                : $age;
        }
        $activation = Activation::given(
            (1.0 - $fastShare) * $slow->kinetics->activation->joulePerMol + $fastShare * $fast->kinetics->activation->joulePerMol,
        );
        $kinetics = new Kinetics($slow->kinetics->reference, $activation, $ages, $slow->kinetics->stallC, $slow->kinetics->stallEvents);
        $flow = $slow->rheology;

        return new Resin(
            sprintf('%s with %d %% of %s', $slow->name, round(100.0 * $fastShare), $fast->name),
            $kinetics,
            new Rheology(
                $flow->densityGCm3,
                $flow->reference,
                $between($flow->viscosityPaS, $fast->rheology->viscosityPaS),
                $flow->flow,
                $between($flow->gelAgeMin, $fast->rheology->gelAgeMin),
                $activation,
                $flow->shrinkage,
            ),
            MixRatio::byWeight(
                100.0 * ((1.0 - $fastShare) * $slow->ratio->hardenerPerResin + $fastShare * $fast->ratio->hardenerPerResin),
            ),
            $between($slow->potLifeMin, $fast->potLifeAt(Temperature::fromCelsius($slow->potC))),
            min($slow->potMassG, $fast->potMassG),
            $slow->potC,
            max($slow->minC, $fast->minC),
            $slow->uvStable && $fast->uvStable,
            min($slow->pigmentFraction, $fast->pigmentFraction),
            max($slow->rateSigma, $fast->rateSigma, self::SIGMA),
            $slow->maxC === null || $fast->maxC === null ? $slow->maxC ?? $fast->maxC : min($slow->maxC, $fast->maxC),
            min($slow->ultimateTgC, $fast->ultimateTgC),
            $slow->chemistry,
            self::parts($slow, $fast, $fastShare),
            opacity: $slow->opacity,
            isFace: $slow->isFace,
        );
    }

    /**
     * Each share of the resin asks for its own hardener.
     *
     * @return array<string, float>
     */
    private static function parts(Resin $slow, Resin $fast, float $fastShare): array
    {
        [$a, $b] = [(1.0 - $fastShare) * $slow->ratio->hardenerPerResin, $fastShare * $fast->ratio->hardenerPerResin];

        return [$slow->name => $a / ($a + $b), $fast->name => $b / ($a + $b)];
    }

    /** A blend's ages are less sure than a sheet's, ln (ours). */
    private const SIGMA = 0.18;
}
