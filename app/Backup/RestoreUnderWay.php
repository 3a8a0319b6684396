<?php

declare(strict_types=1);

namespace App\Backup;

/**
 * A note beside the data while a copy is put back: held by its process, so that one which was killed half-way is told apart
 * from one that still works, and what it had begun is ended by the next.
 */
final class RestoreUnderWay
{
    /** @param resource $lock */
    private function __construct(private readonly string $file, private mixed $lock)
    {
    }

    /** @throws NotRestored If another process puts a copy back right now. */
    public static function begin(string $live): self
    {
        $file = self::note($live);
        $lock = fopen($file, 'c+') ?: throw NotRestored::because("{$file} can't be written.");
        if (! flock($lock, LOCK_EX | LOCK_NB)) {
            throw NotRestored::because('Another copy is being put back right now.');
        }

        return new self($file, $lock);
    }

    /** What was left half-way by a process that is no more; null if nothing was. */
    public static function left(string $live): ?self
    {
        $file = self::note($live);
        if (! is_file($file)) {
            return null;
        }
        try {
            return self::begin($live);
        } catch (NotRestored) {
            return null;
        }
    }

    /** @param array{ready: string, from: string, wasDown: bool} $what */
    public function write(array $what): void
    {
        ftruncate($this->lock, 0);
        rewind($this->lock);
        fwrite($this->lock, (string) json_encode($what));
        fflush($this->lock);
        fsync($this->lock);
    }

    /** @return array{ready: string, from: string, wasDown: bool}|null null where it was killed before it had closed anything */
    public function what(): ?array
    {
        $what = json_decode((string) file_get_contents($this->file), true);

        return is_array($what) && isset($what['ready'], $what['from'], $what['wasDown']) ? $what : null;
    }

    public function end(): void
    {
        unlink($this->file);
        fclose($this->lock);
    }

    private static function note(string $live): string
    {
        return "{$live}.restoring";
    }
}
