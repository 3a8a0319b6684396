<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Geometry\Plate;
use OakGloss\Geometry\Unfolding;
use OakGloss\Plan\DefectState;

/** A part laid flat with its defects on it, to one scale. */
final readonly class PartLaidFlat
{
    public const WIDTH = 720.0;

    private const MOST_HEIGHT = 430.0;

    private const MARGIN = 14.0;

    /** Room for the bar that tells the scale. */
    private const BAR = 26.0;

    /** No mark is smaller, px. */
    private const LEAST_MARK = 7.0;

    /** @param list<array{n: int, state: DefectState, x: float, y: float, r: float, isExact: bool}> $marks */
    private function __construct(private Unfolding $flat, public float $pxPerMm, public array $marks)
    {
    }

    /** @param list<DefectState> $defects */
    public static function of(Unfolding $flat, array $defects): self
    {
        $scale = min(
            (self::WIDTH - 2.0 * self::MARGIN) / max(1.0, $flat->widthMm),
            (self::MOST_HEIGHT - 2.0 * self::MARGIN - self::BAR) / max(1.0, $flat->heightMm),
        );
        $marks = [];
        foreach ($defects as $i => $state) {
            $what = $state->found->content;
            $at = $flat->place($what->zone, $what->alongMm, $what->acrossMm);
            if ($at !== null) {
                $marks[] = [
                    'n' => $i + 1,
                    'state' => $state,
                    'x' => round(self::MARGIN + $scale * $at[0], 1),
                    'y' => round(self::MARGIN + $scale * $at[1], 1),
                    'r' => round(max(self::LEAST_MARK, 0.5 * $scale * $what->sizeMm()), 1),
                    'isExact' => $what->alongMm !== null,
                ];
            }
        }

        return new self($flat, $scale, $marks);
    }

    public function height(): float
    {
        return round($this->flat->heightMm * $this->pxPerMm + 2.0 * self::MARGIN + self::BAR, 1);
    }

    /** @return list<array{plate: Plate, x: float, y: float, w: float, h: float, ring: string|null, tx: float, ty: float, isNamed: bool}> */
    public function plates(): array
    {
        $drawn = [];
        foreach ($this->flat->plates as $plate) {
            [$x, $y] = [self::MARGIN + $this->pxPerMm * $plate->xMm, self::MARGIN + $this->pxPerMm * $plate->yMm];
            [$w, $h] = [$this->pxPerMm * $plate->widthMm, $this->pxPerMm * $plate->heightMm];
            $ty = $plate->innerMm === null || $plate->innerMm <= 0.0
                ? $y + 0.5 * $h : $y + 0.25 * ($h - 2.0 * $this->pxPerMm * $plate->innerMm);
            $drawn[] = [
                'plate' => $plate,
                'x' => round($x, 1),
                'y' => round($y, 1),
                'w' => round($w, 1),
                'h' => round($h, 1),
                'ring' => $plate->innerMm === null ? null : self::ring($x, $y, $w, $this->pxPerMm * $plate->innerMm),
                'tx' => round($x + 0.5 * $w, 1),
                'ty' => round($ty + 5.0, 1),
                'isNamed' => $w > 60.0 && ($plate->innerMm === null ? $h : 0.5 * $h - $this->pxPerMm * $plate->innerMm) > 18.0,
            ];
        }

        return $drawn;
    }

    public function barY(): float
    {
        return $this->height() - 10.0;
    }

    /** Length of 100 mm on the drawing. */
    public function barPx(): float
    {
        return round(100.0 * $this->pxPerMm, 1);
    }

    public static function left(): float
    {
        return self::MARGIN;
    }

    private static function ring(float $x, float $y, float $across, float $inner): string
    {
        [$r, $cx, $cy] = [0.5 * $across, $x + 0.5 * $across, $y + 0.5 * $across];
        $circle = fn (float $of, int $sweep): string => sprintf(
            'M%.1f %.1fA%.1f %.1f 0 1 %d %.1f %.1fA%.1f %.1f 0 1 %d %.1f %.1fZ',
            $cx - $of,
            $cy,
            $of,
            $of,
            $sweep,
            $cx + $of,
            $cy,
            $of,
            $of,
            $sweep,
            $cx - $of,
            $cy,
        );

        return $circle($r, 1).($inner > 0.0 ? $circle($inner, 0) : '');
    }
}
