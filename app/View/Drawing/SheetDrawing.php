<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Cloth\Flaw;
use OakGloss\Plan\SheetPlan;

/** A sheet from above, to scale: the parts that are cut from it, along the weave, and the flaws that lie outside them. */
final readonly class SheetDrawing
{
    public const WIDTH = 620.0;
    private const PAD = 6.0;
    private const FOOT = 26.0;

    /**
     * @param list<array{x: float, y: float, n: int}>      $blanks
     * @param list<array{x: float, y: float, r: float}>    $flaws
     * @param list<array{alongMm: float, acrossMm: float}> $offcuts
     */
    private function __construct(
        public float $sheetWidth,
        public float $sheetHeight,
        public float $height,
        public float $blankWidth,
        public float $blankHeight,
        public array $blanks,
        public array $flaws,
        public array $offcuts,
        public int $count,
        public int $planned,
        public float $share,
        public float $barMm,
        public float $barWidth,
    ) {
    }

    public static function of(SheetPlan $sheet): self
    {
        $yield = $sheet->yield;
        $scale = (self::WIDTH - 2.0 * self::PAD) / $yield->lengthMm;
        $at = fn (float $mm): float => round(self::PAD + $mm * $scale, 1);
        $bar = $yield->lengthMm > 500.0 ? 100.0 : 50.0;

        return new self(
            round($yield->lengthMm * $scale, 1),
            round($yield->widthMm * $scale, 1),
            round($yield->widthMm * $scale + 2.0 * self::PAD + self::FOOT, 1),
            round($yield->blankLengthMm * $scale, 1),
            round($yield->blankWidthMm * $scale, 1),
            array_map(
                fn (array $b, int $i): array => ['x' => $at($b['x']), 'y' => $at($b['y']), 'n' => $i + 1],
                $yield->blanks,
                array_keys($yield->blanks),
            ),
            array_map(
                fn (Flaw $f): array => ['x' => $at($f->alongMm), 'y' => $at($f->acrossMm), 'r' => round($f->radiusMm * $scale, 1)],
                $sheet->flaws,
            ),
            $yield->offcuts(),
            $yield->count(),
            $sheet->planned->count(),
            $yield->share(),
            $bar,
            round($bar * $scale, 1),
        );
    }

    /** Where the sheet's own corner lies. */
    public function pad(): float
    {
        return self::PAD;
    }
}
