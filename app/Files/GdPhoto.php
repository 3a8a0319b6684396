<?php

declare(strict_types=1);

namespace App\Files;

use OakGloss\Optics\GrayImage;
use OakGloss\Optics\PhotoSource;

/** A photo opened with GD, of which pieces are asked. */
final readonly class GdPhoto implements PhotoSource
{
    /** A JPEG of less than this quality has lost fine grain. */
    private const WHOLE_QUALITY = 98;

    /** Standard table of brightness at quality 50 (ITU-T T.81, annex K.1), its first eight in zigzag order. */
    private const TABLE = [16, 11, 12, 14, 12, 10, 16, 14];

    private function __construct(private \GdImage $image, private ?int $quality)
    {
    }

    /** @throws \UnexpectedValueException If it is no picture. */
    public static function read(string $bytes): self
    {
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw new \UnexpectedValueException('no picture');
        }

        return self::of($image, self::qualityIn($bytes));
    }

    /** @param int|null $quality of a JPEG; null of what loses nothing */
    public static function of(\GdImage $image, ?int $quality): self
    {
        return new self($image, $quality);
    }

    public function width(): int
    {
        return imagesx($this->image);
    }

    public function height(): int
    {
        return imagesy($this->image);
    }

    public function hasLostGrain(): bool
    {
        return $this->quality !== null && $this->quality < self::WHOLE_QUALITY;
    }

    public function piece(int $x, int $y, int $width, int $height, int $toWidth, int $toHeight): GrayImage
    {
        [$toWidth, $toHeight] = [max(1, $toWidth), max(1, $toHeight)];
        $small = $this->image;
        [$left, $top] = [$x, $y];
        if ($toWidth !== $width || $toHeight !== $height) {
            $small = imagecreatetruecolor($toWidth, $toHeight);
            imagecopyresampled($small, $this->image, 0, 0, $x, $y, $toWidth, $toHeight, $width, $height);
            [$left, $top] = [0, 0];
        }
        $isPalette = ! imageistruecolor($small);
        $v = [];
        for ($j = 0; $j < $toHeight; $j++) {
            for ($i = 0; $i < $toWidth; $i++) {
                $c = imagecolorat($small, $left + $i, $top + $j);
                if ($isPalette) {
                    ['red' => $r, 'green' => $g, 'blue' => $b] = imagecolorsforindex($small, (int) $c);
                    $v[] = 0.299 * $r + 0.587 * $g + 0.114 * $b;
                } else {
                    $v[] = 0.299 * (($c >> 16) & 255) + 0.587 * (($c >> 8) & 255) + 0.114 * ($c & 255);
                }
            }
        }

        return new GrayImage($toWidth, $toHeight, $v);
    }

    /** Of a JPEG, by its table of brightness against the standard one; null of what loses nothing. */
    public static function qualityIn(string $bytes): ?int
    {
        if (! str_starts_with($bytes, "\xFF\xD8")) {
            return null;
        }
        $at = strpos($bytes, "\xFF\xDB");
        if ($at === false || strlen($bytes) < $at + 13) {
            return 0;
        }
        $share = 0.0;
        foreach (self::TABLE as $i => $standard) {
            $share += 100.0 * ord($bytes[$at + 5 + $i]) / $standard / count(self::TABLE);
        }

        return (int) round($share <= 100.0 ? 100.0 - 0.5 * $share : 5000.0 / $share);
    }
}
