<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cure\Activation;
use OakGloss\Film\Coat;
use OakGloss\Film\Drainage;
use OakGloss\Film\Face;
use OakGloss\Film\FallLine;
use OakGloss\Film\Rheology;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Zone;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Faces that feed each other. */
final class FallLineTest extends TestCase
{
    use Near;

    public function testAHalfTubeKeepsFilmOnItsSidesBecauseItsRidgeFeedsThem(): void
    {
        $kept = self::kept((new HalfTube(600.0, 105.0, 3.0))->zones());
        self::assertMicrometres(79.0, $kept['ridge'], 1.0);
        self::assertMicrometres(72.0, $kept['shoulders'], 1.0);
        self::assertMicrometres(82.0, $kept['sides'], 1.0);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            yield "line {$seed}" => [$seed];
        }
    }

    /** Against first-order upwind cells, which is another method altogether. */
    #[DataProvider('seeds')]
    public function testALineOfFacesAgreesWithManySmallCells(int $seed): void
    {
        mt_srand($seed);
        [$faces, $loads] = [[], []];
        for ($i = mt_rand(2, 4); $i > 0; $i--) {
            $faces[] = new Face((float) mt_rand(0, 90), [0.02, 0.05, 0.12][mt_rand(0, 2)]);
            $loads[] = [1.0, 1.0, 0.5, 0.0][mt_rand(0, 3)];
        }
        $loads[0] = 1.0;
        $tau = 10.0 ** (mt_rand(-230, -120) / 100.0);
        $line = new FallLine($faces, $loads);
        $cells = self::byCells($faces, $loads, $tau);
        foreach ($line->kept($tau)['kept'] as $i => $kept) {
            self::assertEqualsWithDelta($cells[$i], $kept, 0.012, "face {$i}");
        }
        self::assertEqualsWithDelta($line->kept($tau)['kept'][count($faces) - 1], $line->keptByLast($tau), 0.008, 'the kept curve tells the same');
    }

    #[DataProvider('seeds')]
    public function testNothingIsMadeOrLostHoweverOftenItIsTurned(int $seed): void
    {
        mt_srand($seed);
        $faces = array_map(fn (): Face => new Face((float) mt_rand(0, 90), mt_rand(10, 300) / 1000.0), range(1, mt_rand(1, 4)));
        $loads = array_map(fn (): float => mt_rand(0, 4) / 4.0, $faces);
        $loads[0] = 1.0;
        foreach ([[], [0.5], [0.33, 0.67]] as $turns) {
            $flown = (new FallLine($faces, $loads))->kept(0.05, $turns);
            $laid = array_sum(array_map(fn (Face $f, float $l): float => $f->lengthM * $l, $faces, $loads));
            $there = array_sum(array_map(fn (Face $f, float $k): float => $f->lengthM * $k, $faces, $flown['kept'])) + $flown['left'];
            self::assertEqualsWithDelta($laid, $there, 0.003 * $laid);
        }
    }

    public function testAFaceBelowOthersKeepsMoreThanAlone(): void
    {
        $at = Temperature::fromCelsius(20.0);
        $coat = new Coat(110.0, $at);
        $alone = new Face(60.0, 0.2, null, 'flank');
        $fed = new Face(60.0, 0.2, null, 'flank', [new Face(20.0, 0.3, null, 'top')]);
        self::assertGreaterThan(Drainage::retainedUm($coat, $alone, self::flow()), Drainage::retainedUm($coat, $fed, self::flow()));
        $flankOnly = new Coat(110.0, $at, only: ['flank']);
        self::assertMicrometres(Drainage::retainedUm($coat, $alone, self::flow()), Drainage::retainedUm($flankOnly, $fed, self::flow()), 1.0);
        $topOnly = new Coat(110.0, $at, only: ['top']);
        self::assertGreaterThan(0.0, Drainage::retainedUm($topOnly, $fed, self::flow()), 'what got nothing is fed');
        self::assertSame(0.0, Drainage::retainedUm($topOnly, $alone, self::flow()));
    }

    public function testARimThatRunsRoundIsSplitByWhatLiesAboveIt(): void
    {
        $above = fn (array $zones): array => array_combine(array_map(fn (Zone $z): string => $z->name, $zones), array_map(fn (Zone $z): array => array_map(fn (Face $f): string => $f->name, $z->face->above), $zones));
        self::assertSame(['ridge' => [], 'shoulders' => ['ridge'], 'sides' => ['ridge', 'shoulders'], 'rim' => ['ridge', 'shoulders', 'sides'], 'end rims' => []], $above((new HalfTube(600.0, 105.0, 3.0))->zones()));
        self::assertSame(['top' => [], 'bend' => ['top'], 'flank' => ['top', 'bend'], 'rim' => ['top', 'bend', 'flank'], 'top rim' => ['top'], 'flank ends' => []], $above((new BentPanel(400.0, 200.0, 120.0, 60.0, 10.0, 3.0))->zones()));
        self::assertSame(['face' => [], 'edge' => ['face']], $above((new Panel(400.0, 300.0, 3.0))->zones()));
        self::assertSame(['face' => [], 'edge' => ['face'], 'upper edge' => [], 'side edges' => []], $above((new Panel(400.0, 300.0, 3.0, 40.0))->zones()));
        self::assertSame(['top' => [], 'top edge' => ['top'], 'sides' => ['top', 'top edge'], 'rim' => ['top', 'top edge', 'sides'], 'corner laps' => ['top', 'top edge']], $above((new Box(300.0, 200.0, 100.0, 4.0))->zones()));
        self::assertSame(['crown' => [], 'shoulder' => ['crown'], 'rim' => ['crown', 'shoulder']], $above((new Dome(400.0, 120.0, 3.0))->zones()));
    }

    public function testTiltedABentPanelKeepsMoreOnItsFlankAndItsZonesKeepTheirNames(): void
    {
        $stands = new BentPanel(400.0, 200.0, 120.0, 70.0, 10.0, 3.0);
        [$before, $after] = [self::kept($stands->zones()), self::kept($stands->tilted()->zones())];
        self::assertGreaterThan($before['flank'], $after['flank']);
        self::assertLessThan($before['top'], $after['top']);
        self::assertSame([], array_diff(array_keys($before), array_keys($after)));
    }

    public function testARunSpeaksOfTheFootOfItsLine(): void
    {
        $zones = (new HalfTube(600.0, 105.0, 3.0))->zones();
        $runs = array_map(fn (Zone $z): RunRisk => RunRisk::of($z->face, self::flow(), new Coat(140.0, Temperature::fromCelsius(20.0))), array_slice($zones, 0, 4));
        self::assertSame(['rim', 'rim', 'rim', 'rim'], array_map(fn (RunRisk $r): string => $r->foot, $runs));
        self::assertTrue($runs[0]->runs());
        self::assertEqualsWithDelta($runs[0]->beadMm, $runs[3]->beadMm, 1e-9, 'the whole line hangs there');
        self::assertLessThan(140.0, $runs[0]->holdsGM2 ?? INF);
    }

    /**
     * @param list<Zone> $zones
     *
     * @return array<string, float> µm of 110 g/m² at 20 °C, by zone
     */
    private static function kept(array $zones): array
    {
        $coat = new Coat(110.0, Temperature::fromCelsius(20.0));

        return array_combine(array_map(fn (Zone $z): string => $z->name, $zones), array_map(fn (Zone $z): float => Drainage::retainedUm($coat, $z->face, self::flow()), $zones));
    }

    /** As the shipped laminating resin flows. */
    private static function flow(): Rheology
    {
        return new Rheology(1.1, Temperature::fromCelsius(20.0), 1.25, Activation::given(54000.0), 105.0, Activation::given(52000.0));
    }

    /**
     * @param list<Face>  $faces
     * @param list<float> $loads
     *
     * @return list<float>
     */
    private static function byCells(array $faces, array $loads, float $tau): array
    {
        [$film, $sine, $dx, $of] = [[], [], [], []];
        foreach ($faces as $i => $face) {
            for ($k = 0; $k < 160; $k++) {
                $film[] = $loads[$i];
                $sine[] = sin(deg2rad($i === count($faces) - 1 ? $face->slopeDeg : max(5.0, $face->slopeDeg)));
                $dx[] = $face->lengthM / 160;
                $of[] = $i;
            }
        }
        for ($t = 0.0; $t < $tau; $t += $dt) {
            $dt = $tau - $t;
            foreach ($film as $i => $h) {
                $dt = $sine[$i] * $h > 1e-6 ? min($dt, 0.9 * $dx[$i] / (3.0 * $sine[$i] * $h ** 2)) : $dt;
            }
            $in = 0.0;
            foreach ($film as $i => $h) {
                $out = $sine[$i] * $h ** 3;
                $film[$i] += $dt / $dx[$i] * ($in - $out);
                $in = $out;
            }
        }
        $kept = array_fill(0, count($faces), 0.0);
        foreach ($film as $i => $h) {
            $kept[$of[$i]] += $h / 160;
        }

        return array_values($kept);
    }
}
