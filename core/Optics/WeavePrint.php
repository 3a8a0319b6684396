<?php

declare(strict_types=1);

namespace OakGloss\Optics;

use OakGloss\Quantity\Bounds;

/**
 * How far the weave shows in a surface, by one photo in raking light: relative amplitude of brightness at the cloth's pitch
 * (`telegraph`), of what is finer than a millimetre (`haze`), and the share of dots that stand out. A photo that tells
 * nothing says why.
 */
final readonly class WeavePrint
{
    /** Finest that haze is read at, mm a pixel. */
    private const GRAIN_MM = 0.1;

    /** What a photo is brought to where it has more: pixels for lines, dots and grain. */
    private const LINE_PIXELS = 160_000.0;
    private const DOT_PIXELS = 350_000.0;
    private const GRAIN_PIXELS = 260_000.0;

    /** Pixels a repeat for the lines. */
    private const PER_REPEAT = 10.0;

    /** Fewer repeats tell no amplitude. */
    private const LEAST_REPEATS = 4.0;
    private const LEAST_PER_REPEAT = 4.0;

    /** Mean brightness under which it is dark, and the share of burnt pixels that is too much. */
    private const DARK = 18.0;
    private const BURNT = 0.02;

    /** Weave that a raking lamp shows at arm's length: stop sanding where it comes back over this (ours). */
    public const SHOWS = 0.012;

    /** Two readings nearer than this, besides their doubt, are the same (ours). */
    private const SAME = 0.001;

    /**
     * @param 'dark'|'burnt'|'blurred'|'no_scale'|'small'|'coarse'|null $why           it can't be used; null where it can
     * @param list<array{x: float, y: float, mm: float}>                $dots          pixels of the photo, and diameter
     * @param list<float>                                               $directionsDeg of the two threads' lines
     */
    private function __construct(
        public ?string $why,
        public float $telegraph = 0.0,
        public float $doubt = 0.0,
        public float $haze = 0.0,
        public bool $isLowerBound = false,
        public float $dotsShare = 0.0,
        public array $dots = [],
        public float $mmPerPx = 0.0,
        public array $directionsDeg = [],
    ) {
    }

    /**
     * @param float      $pitchMm the cloth's pattern repeat, 0.5 to 60 mm
     * @param float|null $mmPerPx 0.005 to 2; from the weave where it is null
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public static function of(PhotoSource $photo, float $pitchMm, ?float $mmPerPx = null): self
    {
        Bounds::within($pitchMm, 0.5, 60.0, 'pattern repeat', 'mm');
        if ($mmPerPx !== null) {
            Bounds::within($mmPerPx, 0.005, 2.0, 'scale', 'mm a pixel');
        }
        $light = self::light($photo);
        if ($light !== null) {
            return new self($light);
        }
        $mmPerPx ??= self::scale($photo, $pitchMm);
        if ($mmPerPx === null) {
            return new self('no_scale');
        }
        $pitch = $pitchMm / $mmPerPx;
        if ($pitch < self::LEAST_PER_REPEAT) {
            return new self('coarse', mmPerPx: $mmPerPx);
        }
        if (min($photo->width(), $photo->height()) < self::LEAST_REPEATS * $pitch) {
            return new self('small', mmPerPx: $mmPerPx);
        }

        return self::read($photo, $pitchMm, $mmPerPx);
    }

    private static function read(PhotoSource $photo, float $pitchMm, float $mmPerPx): self
    {
        $pitch = $pitchMm / $mmPerPx;
        [$w, $h] = [$photo->width(), $photo->height()];
        $down = max(1.0, $pitch / self::PER_REPEAT, sqrt($w * $h / self::LINE_PIXELS) > $pitch / 5.0 ? $pitch / 5.0 : 1.0);
        $image = $photo->piece(0, 0, $w, $h, (int) round($w / $down), (int) round($h / $down));
        $down = $w / $image->width;
        [$flat, $edge] = $image->flattened(1.6 * $pitch / $down);
        $threads = Threads::of($flat, $edge, $pitch / $down);
        if ($threads === null) {
            return new self('burnt', mmPerPx: $mmPerPx);
        }
        // Averaging areas of so many pixels takes a share of each line.
        $kept = array_map(fn (array $f): float => self::kept($f[0], $down) * self::kept($f[1], $down), $threads->lines);
        $telegraph = hypot($threads->amplitudes[0] / $kept[0], $threads->amplitudes[1] / $kept[1]);
        $lines = array_map(fn (array $f): array => [$f[0] / $down, $f[1] / $down], $threads->lines);
        $grain = self::grain($photo, $mmPerPx, $lines, $pitch);
        $dots = self::dots($photo, $mmPerPx, $lines, $pitch);
        if (! self::isSharp($photo, $dots['dots'], $mmPerPx, $lines, $pitch)) {
            return new self('blurred', mmPerPx: $mmPerPx);
        }

        return new self(
            null,
            $telegraph,
            $threads->doubt(),
            $grain,
            $photo->hasLostGrain(),
            $dots['share'],
            $dots['dots'],
            $mmPerPx,
            array_map(fn (array $f): float => fmod(rad2deg(atan2($f[1], $f[0])) + 90.0 + 360.0, 180.0), $threads->lines),
        );
    }

    /** @return array<string, mixed> for whoever asks outside the screens */
    public function toArray(): array
    {
        return $this->why !== null ? ['usable' => false, 'reason' => $this->why, 'mm_per_px' => $this->mmPerPx ?: null] : [
            'usable' => true,
            'reason' => null,
            'telegraph' => $this->telegraph,
            'telegraph_doubt' => $this->doubt,
            'haze' => $this->haze,
            'haze_is_lower_bound' => $this->isLowerBound,
            'dots_share' => $this->dotsShare,
            'dots' => $this->dots,
            'mm_per_px' => $this->mmPerPx,
            'thread_directions_deg' => $this->directionsDeg,
        ];
    }

    /** @return 'better'|'same'|'worse' against the pass before, by both doubts together */
    public static function compare(float $before, float $doubtBefore, float $now, float $doubtNow): string
    {
        $off = $now - $before;
        $doubt = 2.0 * hypot($doubtBefore, $doubtNow) + self::SAME;

        return abs($off) <= $doubt ? 'same' : ($off < 0.0 ? 'better' : 'worse');
    }

    /** @return 'dark'|'burnt'|null */
    private static function light(PhotoSource $photo): ?string
    {
        $size = self::within($photo->width(), $photo->height(), 40_000.0);
        $small = $photo->piece(0, 0, $photo->width(), $photo->height(), ...$size);
        if ($small->mean() < self::DARK) {
            return 'dark';
        }
        $burnt = count(array_filter($small->v, fn (float $v): bool => $v >= 250.0));

        return $burnt > self::BURNT * count($small->v) ? 'burnt' : null;
    }

    /** By the weave, coarse first and then nearer: mm a pixel. */
    private static function scale(PhotoSource $photo, float $pitchMm): ?float
    {
        foreach ([65_000.0, 260_000.0] as $pixels) {
            [$w, $h] = self::within($photo->width(), $photo->height(), $pixels);
            $image = $photo->piece(0, 0, $photo->width(), $photo->height(), $w, $h);
            $pitch = Threads::pitchOf($image->flattened(0.12 * min($w, $h))[0]);
            if ($pitch !== null) {
                return $pitchMm / ($pitch * $photo->width() / $w);
            }
        }

        return null;
    }

    /** @param list<array{float, float}> $lines cycles a pixel of the photo */
    private static function grain(PhotoSource $photo, float $mmPerPx, array $lines, float $pitch): float
    {
        $down = max(1.0, self::GRAIN_MM / $mmPerPx);
        // Of a large photo a piece in its middle: grain is looked at, not counted.
        $share = min(1.0, sqrt(self::GRAIN_PIXELS * $down ** 2 / ($photo->width() * $photo->height())));
        [$w, $h] = [(int) ($share * $photo->width()), (int) ($share * $photo->height())];
        $image = $photo->piece(
            intdiv($photo->width() - $w, 2),
            intdiv($photo->height() - $h, 2),
            $w,
            $h,
            max(8, (int) round($w / $down)),
            max(8, (int) round($h / $down)),
        );
        $scale = $w / $image->width;
        $mean = max(1.0, $image->mean());
        [$flat, $edge] = $image->flattened(1.6 * $pitch / $scale);
        $grain = (new Grain($flat, $edge))->withoutLines(self::scaled($lines, $scale), $pitch / $scale);
        $grain->findDots(0.5 / $mean);
        $fine = $grain->finerThan((int) round(1.0 / max(self::GRAIN_MM, $mmPerPx)));

        // Whole steps of brightness are a grain of their own.
        return sqrt(max(0.0, $fine ** 2 - 1.0 / 12.0 / $mean ** 2));
    }

    /**
     * @param list<array{float, float}> $lines cycles a pixel of the photo
     *
     * @return array{share: float, dots: list<array{x: float, y: float, mm: float}>}
     */
    private static function dots(PhotoSource $photo, float $mmPerPx, array $lines, float $pitch): array
    {
        $down = max(1.0, self::GRAIN_MM / $mmPerPx, sqrt($photo->width() * $photo->height() / self::DOT_PIXELS));
        [$w, $h] = [(int) round($photo->width() / $down), (int) round($photo->height() / $down)];
        $image = $photo->piece(0, 0, $photo->width(), $photo->height(), $w, $h);
        $scale = $photo->width() / $w;
        [$flat, $edge] = $image->flattened(1.6 * $pitch / $scale);
        $grain = (new Grain($flat, $edge))->withoutLines(self::scaled($lines, $scale), $pitch / $scale)
            ->findDots(0.5 / max(1.0, $image->mean()));

        return ['share' => $grain->dotsShare(), 'dots' => array_map(fn (array $d): array => [
            'x' => round($d['x'] * $scale, 1),
            'y' => round($d['y'] * $scale, 1),
            'mm' => round(2.0 * sqrt($d['pixels'] / M_PI) * $scale * $mmPerPx, 2),
        ], $grain->dots)];
    }

    /**
     * Whether any grain, or the edge of a dot, is sharper than four pixels of the photo.
     *
     * @param list<array{x: float, y: float, mm: float}> $dots
     * @param list<array{float, float}>                  $lines
     */
    private static function isSharp(PhotoSource $photo, array $dots, float $mmPerPx, array $lines, float $pitch): bool
    {
        $side = min(200, $photo->width(), $photo->height());
        foreach ([[0.5, 0.5], [0.25, 0.3], [0.75, 0.7]] as [$x, $y]) {
            [$left, $top] = [(int) ($x * ($photo->width() - $side)), (int) ($y * ($photo->height() - $side))];
            $piece = $photo->piece($left, $top, $side, $side, $side, $side);
            if (Sharpness::ofGrain($piece)) {
                return true;
            }
        }
        foreach (array_slice($dots, 0, 8) as $dot) {
            $half = (int) min(60.0, max(12.0, 2.0 * $dot['mm'] / $mmPerPx));
            [$left, $top] = [max(0, (int) $dot['x'] - $half), max(0, (int) $dot['y'] - $half)];
            [$w, $h] = [min(2 * $half, $photo->width() - $left), min(2 * $half, $photo->height() - $top)];
            if ($w > 8 && $h > 8 && Sharpness::ofDot($photo->piece($left, $top, $w, $h, $w, $h))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<array{float, float}> $lines cycles a pixel of the photo
     *
     * @return list<array{float, float}> cycles a pixel of one that is so much smaller
     */
    private static function scaled(array $lines, float $scale): array
    {
        return array_map(fn (array $f): array => [$f[0] * $scale, $f[1] * $scale], $lines);
    }

    /** What averaging over so many pixels leaves of a frequency, cycles a pixel of the smaller image. */
    private static function kept(float $f, float $down): float
    {
        $sinc = fn (float $x): float => abs($x) < 1e-9 ? 1.0 : sin(M_PI * $x) / (M_PI * $x);

        return $down <= 1.0 ? 1.0 : $sinc($f) / $sinc($f / $down);
    }

    /** @return array{int, int} no more than so many pixels */
    private static function within(int $width, int $height, float $pixels): array
    {
        $share = min(1.0, sqrt($pixels / ($width * $height)));

        return [max(1, (int) round($share * $width)), max(1, (int) round($share * $height))];
    }
}
