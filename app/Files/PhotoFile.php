<?php

declare(strict_types=1);

namespace App\Files;

use Closure;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Drivers\Gd\Modifiers\AlignRotationModifier;
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

    /** Of a phone, and no bomb: opened, it takes four bytes a pixel, and as many again while it is turned. */
    public const MOST_PIXELS = 28_000_000;

    /** For the whole process while one is open. */
    private const MEMORY = '256M';

    private const TYPES = ['image/jpeg', 'image/png', 'image/webp'];

    /** Longest side as it is kept, pixels. */
    public const KEPT = 1600;

    private const QUALITY = 82;

    /**
     * One photo is open at a time on this server, and never under the write lock of an act: nobody else waits for it.
     *
     * @template T
     *
     * @param Closure(): T $work
     *
     * @return T
     */
    public static function inTurn(Closure $work): mixed
    {
        $turn = fopen(storage_path('framework/photo.turn'), 'c') ?: throw new \RuntimeException('there is no room for a lock');
        flock($turn, LOCK_EX);
        try {
            return $work();
        } finally {
            fclose($turn);
        }
    }

    /**
     * The picture as the camera wrote it; what is kept of it is upright.
     *
     * @throws ValidationException In words, at its field.
     */
    public static function open(UploadedFile $file, string $field): ImageInterface
    {
        self::check($file, $field);
        // Of a picture that was half sent the rest would be grey: told of by a warning alone.
        ini_set('gd.jpeg_ignore_warning', '0');
        $isCut = false;
        set_error_handler(function (int $level, string $said) use (&$isCut): bool {
            $isCut = $isCut || stripos($said, 'premature end') !== false;

            return true;
        });
        try {
            $image = self::manager()->read($file->getRealPath());
        } catch (RuntimeException|\ValueError) {
            throw self::refused($field, 'broken');
        } finally {
            restore_error_handler();
        }

        return $isCut ? throw self::refused($field, 'broken') : $image;
    }

    /**
     * @return array{bytes: string, width: int, height: int}
     *
     * @throws ValidationException In words, at its field.
     */
    public static function kept(UploadedFile $file, string $field): array
    {
        self::check($file, $field);

        return self::inTurn(fn (): array => self::small(self::open($file, $field)));
    }

    /** @return array{bytes: string, width: int, height: int} */
    public static function small(ImageInterface $image): array
    {
        // Turned when it is small: a large one would need its room twice.
        $small = $image->scaleDown(self::KEPT, self::KEPT)->modify(new AlignRotationModifier());

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
            throw self::refused($field, 'pixels');
        }
        ini_set('memory_limit', self::MEMORY);
    }

    private static function manager(): ImageManager
    {
        return new ImageManager(Driver::class, autoOrientation: false, strip: true);
    }

    private static function refused(string $field, string $why): ValidationException
    {
        return ValidationException::withMessages([$field => __("inspect.photo.{$why}", ['mp' => self::MOST_PIXELS / 1_000_000])]);
    }
}
