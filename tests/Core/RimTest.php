<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choices;
use OakGloss\Method\Methods;
use OakGloss\Method\Role;
use OakGloss\Method\Workshop;
use OakGloss\Plan\BuildUp;
use OakGloss\Plan\CoatsNeeded;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\ZoneState;
use PHPUnit\Framework\TestCase;

/** A rim is eased under a finger, not cut to a plane: it drives no coats of the panel, and keeps its texture. */
final class RimTest extends TestCase
{
    public function testOneRimNoLongerDrivesThePanel(): void
    {
        $bonnet = self::panel(8.0, 4.0);
        self::assertLessThanOrEqual(4, $bonnet->buildCoats);
        self::assertLessThan(320.0, $bonnet->resinFlat()?->zones[0]->left()->inMicrometres(), 'no half millimetre on its face for a rim of 4 mm');
        $steep = self::panel(80.0, 4.0);
        self::assertLessThan(FinishPlan::MOST_BUILD_COATS, $steep->buildCoats);
        self::assertLessThanOrEqual($steep->shop->targetBurnThrough, $steep->worst()?->risk());
    }

    public function testEachFlattingEasesItByTenAndNoMore(): void
    {
        $rims = 0;
        $plan = self::panel(8.0, 4.0);
        foreach ($plan->steps as $step) {
            foreach ($step->zones as $zone) {
                if ($zone->flatting === null || $zone->zone->face->easedUm === null) {
                    continue;
                }
                $rims++;
                self::assertEqualsWithDelta(10.0, $zone->before->meanUm - $zone->after->meanUm, 1e-9, $step->step->key);
                self::assertSame($zone->before->textureUm, $zone->after->textureUm);
                self::assertEqualsWithDelta($zone->before->crownCover()->inMicrometres() - 10.0, $zone->left()->inMicrometres(), 1e-9, 'what stays is its crown cover');
            }
        }
        self::assertGreaterThan(3, $rims);
        $wide = self::panel(8.0, 8.0);
        self::assertSame([], array_filter($wide->resinFlat()->zones ?? [], fn (ZoneState $z): bool => $z->zone->face->easedUm !== null), 'a bend of 8 mm is a face');
    }

    /** Faces set the count; a sharp rim is rounded first, a round one that wants more gets a pass of its own; where somebody chose none, all of it gets more. */
    public function testFacesSetTheCountAndRimsHaveTheirOwn(): void
    {
        foreach ([5.0, 30.0, 80.0] as $slope) {
            foreach ([1.0, 1.5, 2.0, 4.0] as $radius) {
                $plan = self::panel($slope, $radius);
                $faces = array_map(fn (Zone $z): int => $z->face->easedUm === null ? CoatsNeeded::of($plan, $z) ?? 99 : 0, $plan->brief->coatedZones());
                self::assertSame(max(2, ...$faces), $plan->buildCoats, "{$slope}°, r {$radius}");
                $isSharp = $radius < BuildUp::ROUND_TO_MM;
                if ($isSharp) {
                    self::assertSame([], $plan->all(Role::Spot), 'no coat goes on what is to be rounded');
                    self::assertContains('film.round_rim', array_column($plan->findings, 'code'));
                } else {
                    self::assertLessThanOrEqual($plan->shop->targetBurnThrough, $plan->worst()?->risk(), "{$slope}°, r {$radius}");
                }
                foreach ($plan->all(Role::Spot) as $pass) {
                    self::assertSame(['upper edge'], $pass->step->layer?->only);
                }
            }
        }
        $none = self::panel(80.0, 2.0, new Choices(secondPasses: 0));
        self::assertSame([], $none->all(Role::Spot));
        self::assertGreaterThan(self::panel(80.0, 2.0)->buildCoats, $none->buildCoats);
        $laid = FactLog::standing([new Fact(1, 'base', 500.0, 20.0, new CoatOn(grams: 60.0))]);
        self::assertNotSame([], self::panel(80.0, 1.0, log: $laid)->all(Role::Spot), 'under cloth nothing is rounded any more');
    }

    private static function panel(float $slopeDeg, float $radiusMm, Choices $choices = new Choices(), ?FactLog $log = null): FinishPlan
    {
        $method = Methods::named('brush_on');

        return FinishPlan::of(BriefOf::shaped(new Panel(1200.0, 900.0, $radiusMm, $slopeDeg), Substrate::Abs, $choices), BriefOf::materials($method), $method, new Workshop(20.0), $log ?? FactLog::standing([]));
    }
}
