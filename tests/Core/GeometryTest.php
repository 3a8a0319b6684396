<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cloth\Piece;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Quantity\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GeometryTest extends TestCase
{
    use Near;

    /** @return iterable<string, array{Shape, float}> shape, area of its faces in m² by hand */
    public static function shapes(): iterable
    {
        yield 'panel' => [new Panel(500.0, 300.0, 3.0), 0.15];
        yield 'bent panel' => [new BentPanel(500.0, 300.0, 200.0, 60.0, 10.0, 3.0), 0.25];
        yield 'half sphere' => [new Dome(400.0, 200.0, 3.0), 2.0 * M_PI * 0.04];
        yield 'shallow dome' => [new Dome(400.0, 50.0, 3.0), M_PI * (0.04 + 0.0025)];
        yield 'half tube' => [new HalfTube(600.0, 100.0, 3.0), M_PI * 0.1 * 0.6];
        yield 'box' => [new Box(300.0, 200.0, 100.0, 4.0), 0.06 + 0.1 + 4.0 * 0.015 * 0.1];
    }

    #[DataProvider('shapes')]
    public function testFacesAddUpToTheBodysSurface(Shape $shape, float $area): void
    {
        $faces = array_filter($shape->zones(), fn (Zone $z): bool => $z->kind !== ZoneKind::Edge);
        self::assertNear($area, array_sum(array_map(fn (Zone $z): float => $z->areaM2, $faces)), 1e-9, 'm²');
    }

    #[DataProvider('shapes')]
    public function testEveryZoneCanHoldAFilmAndSomeAreEdges(Shape $shape, float $area): void
    {
        $zones = $shape->zones();
        self::assertNotSame([], array_filter($zones, fn (Zone $z): bool => $z->kind === ZoneKind::Edge && $z->radiusMm > 0.0));
        self::assertCount(count($zones), array_unique(array_map(fn (Zone $z): string => $z->name, $zones)), 'names are told apart');
        foreach ($zones as $zone) {
            self::assertGreaterThan(0.0, $zone->area()->inSquareMetres());
            self::assertLessThan($area, $zone->kind === ZoneKind::Edge ? $zone->areaM2 : 0.0);
        }
    }

    public function testADomeIsSteeperTowardsItsRim(): void
    {
        [$crown, $shoulder] = (new Dome(400.0, 120.0, 3.0))->zones();
        self::assertLessThan($shoulder->slopeDeg, $crown->slopeDeg);
        self::assertEqualsWithDelta(400.0, 2.0 * 1000.0 * ($crown->lengthM + $shoulder->lengthM), 100.0);
    }

    public function testASlopeDecidesTheKindOfAFace(): void
    {
        self::assertSame(
            [ZoneKind::Level, ZoneKind::Slope, ZoneKind::Slope, ZoneKind::Flank],
            array_map(ZoneKind::ofFace(...), [11.9, 12.0, 49.9, 50.0]),
        );
    }

    public function testEdgesAndLapsAreSandedByHandAndBareIsNotCoated(): void
    {
        $byHand = array_filter(ZoneKind::cases(), fn (ZoneKind $k): bool => $k->isSandedByHand());
        self::assertSame([ZoneKind::Edge, ZoneKind::Lap, ZoneKind::Corner], array_values($byHand));
        self::assertFalse(ZoneKind::Bare->isCoated());
    }

    public function testAnEdgeNeedsARadiusAndAFaceHasNone(): void
    {
        self::assertNull((new Zone('top', ZoneKind::Level, 0.0, 0.3, 0.1, Visibility::Show, 5.0))->face->edgeRadiusMm);
        self::assertSame(5.0, (new Zone('rim', ZoneKind::Edge, 0.0, 0.05, 0.1, Visibility::Show, 5.0))->face->edgeRadiusMm);
        $this->expectException(OutOfRange::class);
        new Zone('rim', ZoneKind::Edge, 0.0, 0.05, 0.1);
    }

    public function testThePieceCoversSurfaceWrapAndSlip(): void
    {
        $piece = Piece::covering(['length' => 500.0, 'width' => 300.0], 30.0);
        self::assertSame([580.0, 380.0], [$piece->lengthMm, $piece->widthMm]);
        self::assertNear(0.2204, $piece->areaM2(), 1e-9, 'm²');
        self::assertTrue($piece->fitsRoll(380.0));
        self::assertFalse($piece->fitsRoll(379.0));
    }

    public function testWhereOnlyAreaIsKnownASquareStandsForIt(): void
    {
        $piece = Piece::coveringArea(0.25, 0.0);
        self::assertSame([520.0, 520.0], [$piece->lengthMm, $piece->widthMm]);
    }

    public function testADomeHigherThanAHalfSphereIsRefused(): void
    {
        $this->expectException(OutOfRange::class);
        new Dome(400.0, 201.0, 3.0);
    }
}
