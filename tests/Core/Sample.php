<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Rheology;
use OakGloss\Film\Weave;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Backing;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;
use OakGloss\Material\SprayedClear;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Workshop;
use OakGloss\Mixing\MixRatio;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\WorkingTime;

/** A made-up part, its materials and a shop that is 20 °C warm and open every day from 8 to 18. */
final class Sample
{
    public const MONDAY = 0.0;

    public static function resin(bool $uvStable = true): Resin
    {
        $reference = Temperature::fromCelsius(23.0);
        $cure = Activation::throughSheet([[18.0, 190.0], [23.0, 130.0], [28.0, 92.0]]);

        return new Resin(
            'sample resin',
            new Kinetics($reference, $cure, ['tack_from' => 105.0, 'tack_until' => 235.0, 'sandable' => 760.0, 'full' => 8600.0], 10.0),
            new Rheology(1.12, $reference, 1.1, Activation::given(52000.0), 90.0, $cure),
            MixRatio::byWeight(38.0),
            35.0,
            150.0,
            23.0,
            15.0,
            $uvStable,
            0.02,
        );
    }

    /** @param list<int> $grits */
    public static function materials(bool $uvStable = true, array $grits = [120, 150, 180, 240, 320, 400, 600, 800, 1000, 1500, 2000, 2500], Finish $sheen = Finish::Gloss): Materials
    {
        return new Materials(
            self::resin($uvStable),
            self::resin($uvStable),
            new ClothRoll('sample twill', new Weave(200.0), 1000.0),
            new ClearCoat('sample clear', new SprayedClear(60.0, 0.45, 0.6, 0.3, 1.02, 3.0), $sheen, true, 12.0, 960.0, 45.0, 15.0),
            $grits,
        );
    }

    /** @param non-empty-list<Zone>|null $zones */
    public static function brief(
        Substrate $substrate = Substrate::Abs,
        bool $primed = false,
        Tone $tone = Tone::Black,
        Backing $backing = Backing::Black,
        Finish $finish = Finish::Gloss,
        bool $sun = false,
        Choices $choices = new Choices(),
        ?array $zones = null,
        ?float $neededByMin = null,
        ?ExistingFilm $film = null,
    ): PartBrief {
        $shape = new BentPanel(400.0, 200.0, 120.0, 62.0, 8.0, 3.0);

        return new PartBrief($zones ?? $shape->zones(), $zones === null ? $shape->developedMm() : null, $substrate, $primed, $tone, $backing, $finish, $sun, false, false, choices: $choices, neededByMin: $neededByMin, film: $film);
    }

    /** @param list<Fact> $facts */
    public static function plan(?PartBrief $brief = null, array $facts = [], ?Materials $materials = null, ?Workshop $shop = null): FinishPlan
    {
        return FinishPlan::of($brief ?? self::brief(), $materials ?? self::materials(), new BrushOnSkin(), $shop ?? new Workshop(20.0), FactLog::standing($facts));
    }

    public static function schedule(FinishPlan $plan, float $nowMin = 480.0, float $airC = 20.0): PartSchedule
    {
        return PartSchedule::of($plan, AirCurve::constant($airC), self::openDaily(), $nowMin);
    }

    public static function openDaily(int $days = 40, float $from = 480.0, float $until = 1080.0): WorkingTime
    {
        return WorkingTime::of(array_map(fn (int $d): array => [$d * 1440.0 + $from, $d * 1440.0 + $until], range(0, $days - 1)));
    }
}
