<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;

/**
 * A photo that somebody sends: told by its content, never by its name; opened only where it is no larger than a phone's;
 * turned upright, scaled down and written anew, so that nothing of where it was taken stays in it.
 */
final class PhotoFile
{
    public const MOST_KILOBYTES = 15 * 1024;

    /** Of a phone, and no bomb. */
    private const MOST_PIXELS = 60_000_000;

    private const TYPES = ['image/jpeg', 'image/png', 'image/webp'];

    /** Longest side as it is kept, pixels. */
    private const KEPT = 1600;

    private const QUALITY = 82;

    /**
     * The picture, upright.
     *
     * @throws ValidationException In words, at its field.
     */
    public static function open(UploadedFile $file, string $field): ImageInterface
    {
        self::check($file, $field);
        try {
            return self::manager()->read($file->getRealPath());
        } catch (RuntimeException|\ValueError) {
            throw self::refused($field, 'broken');
        }
    }

    /**
     * @return array{bytes: string, width: int, height: int}
     *
     * @throws ValidationException In words, at its field.
     */
    public static function kept(UploadedFile $file, string $field): array
    {
        return self::small(self::open($file, $field));
    }

    /** @return array{bytes: string, width: int, height: int} */
    public static function small(ImageInterface $image): array
    {
        $small = $image->scaleDown(self::KEPT, self::KEPT);

        return ['bytes' => $small->toJpeg(self::QUALITY)->toString(), 'width' => $small->width(), 'height' => $small->height()];
    }

    private static function check(UploadedFile $file, string $field): void
    {
        if (! $file->isValid() || $file->getSize() > 1024 * self::MOST_KILOBYTES) {
            throw self::refused($field, 'large');
        }
        // By its first bytes alone: a name says nothing.
        if (! in_array((new \finfo(FILEINFO_MIME_TYPE))->file($file->getRealPath()), self::TYPES, true)) {
            throw self::refused($field, 'type');
        }
        // The header tells the size before anything is unpacked.
        $size = @getimagesize($file->getRealPath());
        if ($size === false || $size[0] < 8 || $size[1] < 8) {
            throw self::refused($field, 'broken');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw self::refused($field, 'large');
        }
        // Four bytes a pixel, and as many again to turn and scale it.
        ini_set('memory_limit', '768M');
    }

    private static function manager(): ImageManager
    {
        return new ImageManager(Driver::class, autoOrientation: true, strip: true);
    }

    private static function refused(string $field, string $why): ValidationException
    {
        return ValidationException::withMessages([$field => __("inspect.photo.{$why}")]);
    }
}
