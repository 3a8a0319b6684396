<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Patch;
use OakGloss\Geometry\Plate;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Geometry\Unfolding;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnfoldingTest extends TestCase
{
    /** @return iterable<string, array{Shape, float}> and how far an area may be off: a cap is rounder than its unrolled rings */
    public static function shapes(): iterable
    {
        yield 'panel' => [new Panel(400.0, 250.0, 3.0), 0.001];
        yield 'bent panel' => [new BentPanel(500.0, 200.0, 120.0, 60.0, 12.0, 3.0), 0.001];
        yield 'half tube' => [new HalfTube(640.0, 150.0, 4.0), 0.001];
        yield 'box' => [new Box(300.0, 200.0, 80.0, 4.0), 0.001];
        yield 'sheet' => [new FlatSheet(600.0, 400.0), 0.001];
        yield 'two faces' => [new TwoFaces(620.0, 180.0, 60.0, 3.0), 0.001];
        yield 'patch' => [new Patch(30.0, 12.0, 40.0), 0.001];
        yield 'dome' => [new Dome(400.0, 80.0, 4.0), 0.12];
    }

    /** The drawing is to scale: each zone has the area that its film is reckoned on. */
    #[DataProvider('shapes')]
    public function testEachZoneIsDrawnAsLargeAsItIs(Shape $shape, float $off): void
    {
        $flat = Unfolding::of($shape, $shape->zones());
        foreach ($shape->zones() as $zone) {
            $drawn = array_sum(array_map(fn (Plate $p): float => $p->innerMm === null
                ? $p->widthMm * $p->heightMm : M_PI * ((0.5 * $p->widthMm) ** 2 - $p->innerMm ** 2), $flat->pieces($zone->name)));
            self::assertEqualsWithDelta(1e6 * $zone->areaM2, $drawn, $off * 1e6 * $zone->areaM2 + 1.0, "{$zone->name}, mm²");
        }
        foreach ($flat->plates as $plate) {
            self::assertGreaterThanOrEqual(-1e-9, min($plate->xMm, $plate->yMm));
            self::assertLessThanOrEqual($flat->widthMm + 1e-9, $plate->xMm + $plate->widthMm);
            self::assertLessThanOrEqual($flat->heightMm + 1e-9, $plate->yMm + $plate->heightMm);
        }
    }

    /** No two faces lie on one another. */
    #[DataProvider('shapes')]
    public function testNothingOverlaps(Shape $shape, float $off): void
    {
        $plates = array_values(array_filter(Unfolding::of($shape, $shape->zones())->plates, fn (Plate $p): bool => $p->innerMm === null));
        foreach ($plates as $i => $a) {
            foreach (array_slice($plates, $i + 1) as $b) {
                $over = min($a->xMm + $a->widthMm, $b->xMm + $b->widthMm) - max($a->xMm, $b->xMm);
                $down = min($a->yMm + $a->heightMm, $b->yMm + $b->heightMm) - max($a->yMm, $b->yMm);
                self::assertTrue($over < 1e-6 || $down < 1e-6, "{$a->zone} and {$b->zone}");
            }
        }
        self::assertGreaterThanOrEqual(0.0, $off);
    }

    public function testTypedAreasLieSideBySideAsPlates(): void
    {
        $zones = [new Zone('lid', ZoneKind::Level, 5.0, 0.2, 0.06), new Zone('lip', ZoneKind::Flank, 80.0, 0.05, 0.01)];
        $flat = Unfolding::of(null, $zones);
        self::assertSame(['lid', 'lip'], array_map(fn (Plate $p): string => $p->zone, $flat->plates));
        self::assertEqualsWithDelta([300.0, 200.0], [$flat->plates[0]->widthMm, $flat->plates[0]->heightMm], 1e-9);
        self::assertSame([150.0, 100.0], array_map(round(...), $flat->place('lid', null, null) ?? []), 'the middle where only its name is known');
        self::assertSame([40.0, 30.0], array_map(round(...), $flat->place('lid', 40.0, 30.0) ?? []));
        self::assertNull($flat->place('elsewhere', 1.0, 1.0));
    }

    public function testAZoneOfTwoPiecesIsMeasuredAlongThemOneAfterTheOther(): void
    {
        $tube = new HalfTube(640.0, 150.0, 4.0);
        $flat = Unfolding::of($tube, $tube->zones());
        [$near, $far] = $flat->pieces('sides');
        self::assertEqualsWithDelta([$near->xMm + 100.0, $near->yMm + 10.0], $flat->place('sides', 100.0, 10.0), 1e-9);
        self::assertEqualsWithDelta([$far->xMm + 100.0, $far->yMm + 10.0], $flat->place('sides', 740.0, 10.0), 1e-9);
    }
}
