<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\Photo;

/** The photo that was read last with what was found in it: threads at their pitch, and dots. */
final readonly class WeavePhoto
{
    /** So many lines of each direction are drawn. */
    private const LINES = 7;

    public function __construct(public Photo $photo)
    {
    }

    /** @return list<string> the two directions as paths */
    public function threads(): array
    {
        $reading = $this->photo->reading ?? [];
        $pitch = max(2.0, (float) ($reading['pitch_px'] ?? 0.0));
        [$cx, $cy] = [0.5 * $this->photo->width, 0.5 * $this->photo->height];
        $half = 0.22 * min($this->photo->width, $this->photo->height);
        $paths = [];
        foreach ((array) ($reading['directions'] ?? []) as $deg) {
            $along = deg2rad((float) $deg);
            [$ux, $uy] = [cos($along), sin($along)];
            $path = '';
            for ($n = -intdiv(self::LINES, 2); $n <= intdiv(self::LINES, 2); $n++) {
                [$x, $y] = [$cx - $uy * $n * $pitch, $cy + $ux * $n * $pitch];
                $path .= sprintf('M%.1f %.1fL%.1f %.1f', $x - $ux * $half, $y - $uy * $half, $x + $ux * $half, $y + $uy * $half);
            }
            $paths[] = $path;
        }

        return $paths;
    }

    /** @return list<array{x: float, y: float, r: float}> */
    public function dots(): array
    {
        return array_values((array) ($this->photo->reading['dots'] ?? []));
    }
}
