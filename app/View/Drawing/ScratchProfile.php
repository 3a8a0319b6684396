<?php

declare(strict_types=1);

namespace App\View\Drawing;

use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Plan\PlannedStep;

/**
 * The scratch that each paper of a ladder leaves, depth and width to one scale: grooves as deep as Rz, a mean grain
 * apart; with the deepest that the next layer hides.
 */
final readonly class ScratchProfile
{
    public const WIDTH = 600.0;
    public const HEIGHT = 96.0;
    private const PAD = 10.0;
    private const GAP = 12.0;
    private const TOP = 20.0;

    /** @param list<array{x: float, width: float, path: string, label: string, depthUm: float}> $strips */
    private function __construct(
        public array $strips,
        public float $limitY,
        public float $limitUm,
        public string $next,
        public bool $suits,
        public float $umPerPx,
    ) {
    }

    /** `P240 12.1 µm, P400 7.0 µm`. */
    public function depths(): string
    {
        return implode(', ', array_map(fn (array $s): string => $s['label'].' '.number_format($s['depthUm'], 1).' µm', $this->strips));
    }

    /** @param 'resin'|'clear'|'polish'|'paper' $next what comes over it */
    public static function of(PlannedStep $flat, string $next): self
    {
        $ladder = $flat->ladder ?? throw new \LogicException('a flatting has a ladder');
        $check = ScratchCheck::of($ladder->leftScratchUm(), $next, $ladder->method);
        $first = $ladder->method->scratchUm($ladder->first());
        // A finer paper takes any scratch.
        $most = is_finite($check->mostUm) ? $check->mostUm : $first;
        $deepest = max(1.0, $first, $most);
        $scale = (self::HEIGHT - self::TOP - 22.0) / $deepest;
        $width = (self::WIDTH - 2.0 * self::PAD - self::GAP * (count($ladder->steps) - 1)) / count($ladder->steps);
        $strips = [];
        foreach ($ladder->steps as $i => $rung) {
            $depth = $ladder->method->scratchUm($rung->grit);
            $x = self::PAD + $i * ($width + self::GAP);
            // Grooves stand a grain apart, on the same scale as their depth where that can be seen.
            $pitch = max(2.0, $rung->grit->meanGrainUm * $scale);
            $points = [sprintf('M%.1f %.1f', $x, self::TOP)];
            for ($at = 0.0, $n = 0; $at < $width; $at += 0.5 * $pitch, $n++) {
                $points[] = sprintf(
                    'L%.1f %.1f',
                    $x + min($width, $at),
                    self::TOP + ($n % 2 === 1 ? $depth * $scale * (0.75 + 0.25 * sin(1.7 * $n)) : 0.0),
                );
            }
            $points[] = sprintf(
                'L%.1f %.1fL%.1f %.1fL%.1f %.1fZ',
                $x + $width,
                self::TOP,
                $x + $width,
                self::HEIGHT - 16.0,
                $x,
                self::HEIGHT - 16.0,
            );
            $strips[] = [
                'x' => $x,
                'width' => $width,
                'path' => implode('', $points),
                'label' => 'P'.$rung->grit->number,
                'depthUm' => $depth,
            ];
        }

        return new self($strips, self::TOP + $most * $scale, $most, $next, $check->suits(), 1.0 / $scale);
    }
}
