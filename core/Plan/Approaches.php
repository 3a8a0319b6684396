<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cure\Milestone;
use OakGloss\Film\Coat;
use OakGloss\Film\SkinSection;
use OakGloss\Method\CoatsAtTack;
use OakGloss\Method\Workshop;
use OakGloss\Quantity\FilmThickness;
use OakGloss\Quantity\Mass;
use OakGloss\Quantity\Temperature;

/** Many thin coats against few heavy ones over one part: what each comes to until the first flatting. */
final readonly class Approaches
{
    private const MOST_COATS = 10;

    /**
     * Brushed thin, as the shop does it, and poured; g/m² and how much a film of 90 µm fills of the texture.
     *
     * @return array<string, array{float, float}>
     */
    public static function weights(Workshop $shop): array
    {
        return ['thin' => [80.0, Coat::BRUSHED], 'shop' => [$shop->weights->buildGM2, Coat::BRUSHED], 'heavy' => [250.0, Coat::POURED]];
    }

    /**
     * @return array<string, array{
     *     gM2: float, coats: int|null, grams: float, minutes: float, risk: float, worst: string, beadMm: float,
     *     runsOn: string|null, cups: int,
     * }>
     */
    public static function of(FinishPlan $plan): array
    {
        $air = Temperature::fromCelsius($plan->shop->workingAirC);
        $resin = $plan->materials->skinResin;
        // What lies there already was not laid by coats that may be chosen.
        $flat = $plan->brief->film === null ? $plan->resinFlat()?->ladder : null;
        if ($flat === null) {
            return [];
        }
        $approaches = [];
        foreach (self::weights($plan->shop) as $name => [$gM2, $fill]) {
            $coat = new Coat($gM2, $air, $fill);
            $best = self::fewest($plan, $coat, $air);
            $coats = $best['coats'];
            $onIt = $gM2 * $plan->brief->coatedAreaM2();
            $perCoat = Mass::fromGrams($onIt + $plan->shop->cupLoss(null, $onIt)->grams)->inGrams();
            [$bead, $runsOn] = self::bead($plan, $gM2, $air);
            // Each coat waits for the tack of the one before.
            $tack = $resin->kinetics->age(Milestone::TackFrom) / $resin->kinetics->activation->rate($air, $resin->kinetics->reference);
            $approaches[$name] = [
                'gM2' => $gM2,
                'coats' => $best['isEnough'] ? $coats : null,
                'grams' => $coats * $perCoat,
                'minutes' => $coats * $plan->shop->pace->coating($plan->brief->coatedAreaM2()) + max(0, $coats - 1) * $tack,
                'risk' => $best['risk'],
                'worst' => $best['worst'],
                'beadMm' => $bead,
                'runsOn' => $runsOn,
                'cups' => $resin->cupsFor($perCoat),
            ];
        }

        return $approaches;
    }

    /** @return array{coats: int, risk: float, worst: string, isEnough: bool} */
    private static function fewest(FinishPlan $plan, Coat $coat, Temperature $air): array
    {
        $wetOut = new Coat($plan->shop->weights->wetOutShare * $plan->materials->cloth->weave->arealGM2, $air);
        $skins = [];
        foreach ($plan->brief->coatedZones() as $i => $zone) {
            $skins[$i] = SkinSection::wetOut($plan->materials->cloth->weave, $zone->face, $plan->materials->skinResin->rheology, $wetOut);
        }
        $states = $plan->resinFlat()->zones ?? [];
        $best = ['coats' => CoatsAtTack::LEAST, 'risk' => 1.0, 'worst' => '', 'isEnough' => false];
        for ($n = 1; $n <= self::MOST_COATS; $n++) {
            [$risk, $worst] = [0.0, ''];
            foreach ($states as $i => $state) {
                $skins[$i] = $skins[$i]->afterCoat($coat);
                $left = $skins[$i]->afterFlattingBy($state->flatting?->allowanceUm() ?? 0.0);
                $share = $skins[$i]->burnThrough(FilmThickness::fromMicrometres($left->inMicrometres()));
                if ($state->isShow() && $share >= $risk) {
                    [$risk, $worst] = [$share, $state->zone->name];
                }
            }
            if ($risk < $best['risk'] || $n === 1) {
                $best = ['coats' => $n, 'risk' => $risk, 'worst' => $worst, 'isEnough' => $risk <= $plan->shop->targetBurnThrough];
            }
            if ($best['isEnough'] && $n >= CoatsAtTack::LEAST) {
                break;
            }
        }

        return $best;
    }

    /** @return array{float, string|null} radius of the thickest bead, and where it lets go */
    private static function bead(FinishPlan $plan, float $gM2, Temperature $air): array
    {
        $worst = Runs::worst($plan->brief->coatedZones(), $plan->materials->skinResin->rheology, new Coat($gM2, $air));

        return [$worst->beadMm ?? 0.0, $worst?->runs() === true ? $worst->foot : null];
    }
}
