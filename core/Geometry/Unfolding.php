<?php

declare(strict_types=1);

namespace OakGloss\Geometry;

/** A part laid flat to scale: what its shape tells, and beside it each zone of which only the area is known. */
final readonly class Unfolding
{
    /** Between pieces that do not hang together, mm. */
    private const GAP_MM = 20.0;

    /** @param list<Plate> $plates */
    private function __construct(public array $plates, public float $widthMm, public float $heightMm)
    {
    }

    /**
     * @param Shape|null           $shape null where zones were typed
     * @param non-empty-list<Zone> $zones
     */
    public static function of(?Shape $shape, array $zones): self
    {
        $names = array_map(fn (Zone $z): string => $z->name, $zones);
        $plates = array_values(array_filter($shape?->plates() ?? [], fn (Plate $p): bool => in_array($p->zone, $names, true)));
        [$left, $top] = [min([0.0, ...array_map(fn (Plate $p): float => $p->xMm, $plates)]), min([0.0, ...array_map(
            fn (Plate $p): float => $p->yMm,
            $plates,
        )])];
        $plates = array_map(fn (Plate $p): Plate => $p->moved(-$left, -$top), $plates);
        [$width, $bottom] = self::size($plates);
        $drawn = array_map(fn (Plate $p): string => $p->zone, $plates);
        $most = max($width, ...array_map(self::runMm(...), $zones));
        [$x, $y, $row] = [0.0, $bottom === 0.0 ? 0.0 : $bottom + self::GAP_MM, 0.0];
        foreach ($zones as $zone) {
            if (in_array($zone->name, $drawn, true)) {
                continue;
            }
            [$run, $deep] = [self::runMm($zone), 1000.0 * $zone->lengthM];
            if ($x > 0.0 && $x + $run > $most) {
                [$x, $y, $row] = [0.0, $y + $row + self::GAP_MM, 0.0];
            }
            $plates[] = new Plate($zone->name, $x, $y, $run, $deep);
            [$x, $row] = [$x + $run + self::GAP_MM, max($row, $deep)];
        }
        [$width, $height] = self::size($plates);

        return new self($plates, $width, $height);
    }

    /** @return list<Plate> pieces of one zone */
    public function pieces(string $zone): array
    {
        return array_values(array_filter($this->plates, fn (Plate $p): bool => $p->zone === $zone));
    }

    /**
     * Where a place of a zone lies on the drawing, mm; the middle of the zone where only its name is known.
     *
     * @return array{float, float}|null
     */
    public function place(string $zone, ?float $alongMm, ?float $acrossMm): ?array
    {
        $pieces = $this->pieces($zone);
        if ($pieces === []) {
            return null;
        }
        foreach ($pieces as $piece) {
            if ($alongMm !== null && $acrossMm !== null && $piece->holds($alongMm)) {
                return [$piece->xMm + min($alongMm - $piece->fromMm, $piece->widthMm), $piece->yMm + min($acrossMm, $piece->heightMm)];
            }
        }
        $first = $pieces[0];
        $middle = $first->xMm + 0.5 * $first->widthMm;

        // A ring is open in its middle.
        return [$middle, $first->innerMm === null || $first->innerMm <= 0.0
            ? $first->yMm + 0.5 * $first->heightMm
            : $first->yMm + 0.25 * ($first->heightMm - 2.0 * $first->innerMm)];
    }

    /** How far a zone of known area runs, mm. */
    private static function runMm(Zone $zone): float
    {
        return 1000.0 * $zone->areaM2 / $zone->lengthM;
    }

    /**
     * @param list<Plate> $plates
     *
     * @return array{float, float}
     */
    private static function size(array $plates): array
    {
        return [
            max([0.0, ...array_map(fn (Plate $p): float => $p->xMm + $p->widthMm, $plates)]),
            max([0.0, ...array_map(fn (Plate $p): float => $p->yMm + $p->heightMm, $plates)]),
        ];
    }
}
