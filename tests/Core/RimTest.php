<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\FactLog;
use OakGloss\Geometry\Panel;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choices;
use OakGloss\Method\Methods;
use OakGloss\Method\Workshop;
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

    private static function panel(float $slopeDeg, float $radiusMm): FinishPlan
    {
        $method = Methods::named('brush_on');

        return FinishPlan::of(BriefOf::shaped(new Panel(1200.0, 900.0, $radiusMm, $slopeDeg), Substrate::Abs, new Choices()), BriefOf::materials($method), $method, new Workshop(20.0), FactLog::standing([]));
    }
}
