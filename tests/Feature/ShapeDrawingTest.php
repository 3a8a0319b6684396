<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\Shapes;
use App\View\Drawing\ShapeDrawing;
use PHPUnit\Framework\TestCase;

/** The drawing beside the sizes of a new part: every size has its letter, what is typed is to scale, nonsense draws too. */
final class ShapeDrawingTest extends TestCase
{
    public function testEverySizeOfEveryShapeHasALineAndALetterInsideThePicture(): void
    {
        foreach (Shapes::SIZES as $shape => $sizes) {
            foreach ([[], array_fill_keys($sizes, '1'), array_fill_keys($sizes, '4999'), array_fill_keys($sizes, '-3'), array_fill_keys($sizes, "x\0"), ['length' => '1e9', 'width' => '0.001'], array_fill_keys($sizes, ['a'])] as $typed) {
                $drawing = ShapeDrawing::of($shape, $typed);
                self::assertSame($sizes === [], $drawing === null, $shape);
                $drawn = array_column($drawing->lines ?? [], null, 'size');
                self::assertEqualsCanonicalizing($sizes, array_keys($drawn), $shape);
                self::assertCount(count($sizes), array_unique(array_column($drawn, 'letter')));
                foreach ($drawn as $line) {
                    self::assertTrue($line['x'] >= 0.0 && $line['x'] <= ShapeDrawing::WIDTH && $line['y'] >= 0.0 && $line['y'] <= ShapeDrawing::HEIGHT, "{$shape} {$line['size']}");
                }
            }
        }
    }

    /** @return list<array{float, float}> */
    private static function points(ShapeDrawing $drawing, int $path): array
    {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $drawing->paths[$path]['d'], $found, PREG_SET_ORDER);

        return array_map(fn (array $m): array => [(float) $m[1], (float) $m[2]], $found);
    }

    public function testWhatIsTypedIsToScale(): void
    {
        $panel = ShapeDrawing::of('panel', ['length' => '600', 'width' => '150,0']) ?? self::fail('no drawing');
        [$a, $b, $c] = self::points($panel, 0);
        self::assertEqualsWithDelta(4.0, ($b[0] - $a[0]) / ($c[1] - $b[1]), 0.02);
        self::assertSame(['a 600', 'b 150', 'c'], array_column($panel->lines, 'says'));

        $bent = ShapeDrawing::of('bent_panel', ['top' => '200', 'flank' => '100', 'bend_deg' => '60', 'bend_radius' => '10', 'length' => '300']) ?? self::fail('no drawing');
        $section = self::points($bent, 0);
        $flank = [$section[count($section) - 2], $section[count($section) - 1]];
        self::assertEqualsWithDelta(60.0, rad2deg(atan2($flank[1][1] - $flank[0][1], $flank[1][0] - $flank[0][0])), 1.0);
        self::assertEqualsWithDelta(2.0, ($section[1][0] - $section[0][0]) / hypot($flank[1][0] - $flank[0][0], $flank[1][1] - $flank[0][1]), 0.03);

        // A paddle that fills 60 % of its rectangle covers 60 % of it on paper.
        $piece = self::points(ShapeDrawing::of('two_faces', ['length' => '400', 'width' => '200', 'filled' => '60']) ?? self::fail('no drawing'), 1);
        $area = 0.0;
        foreach ($piece as $i => $p) {
            $q = $piece[($i + 1) % count($piece)];
            $area += 0.5 * ($p[0] * $q[1] - $q[0] * $p[1]);
        }
        [$x, $y] = [array_column($piece, 0), array_column($piece, 1)];
        self::assertEqualsWithDelta(0.6, abs($area) / ((max($x) - min($x)) * (max($y) - min($y))), 0.02);
    }

    public function testWhatIsNotTypedFollowsWhatIs(): void
    {
        $small = self::points(ShapeDrawing::of('panel', ['length' => '40']) ?? self::fail('no drawing'), 0);
        $large = self::points(ShapeDrawing::of('panel', ['length' => '4000']) ?? self::fail('no drawing'), 0);
        self::assertEquals($small, $large, 'usual proportions at any size');
    }
}
