<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Contracts\Cache\Repository;

/** A scale on this machine's own line: what `oak:read-scale` heard of it lately, kept for whoever asks. */
final readonly class StreamScale implements Scale
{
    private const KEPT_BYTES = 4096;

    /** A shop whose scale was silent for longer has none, seconds. */
    private const KEPT_S = 3600;

    /** About four lines. */
    private const LAST_BYTES = 64;

    /** @param int $shop its number */
    public function __construct(private Repository $kept, private int $shop)
    {
    }

    /** @param string $bytes as they came: half lines and noise too */
    public function write(string $bytes): void
    {
        ['written' => $written, 'bytes' => $before] = $this->heard();
        $this->kept->put($this->key(), [
            'written' => $written + strlen($bytes),
            'bytes' => substr($before.$bytes, -self::KEPT_BYTES),
        ], self::KEPT_S);
    }

    public function isHeard(): bool
    {
        return $this->kept->has($this->key());
    }

    public function since(?int $since): ScaleText
    {
        ['written' => $written, 'bytes' => $bytes] = $this->heard();
        $oldest = $written - strlen($bytes);
        $since ??= $written - self::LAST_BYTES;
        // More than was ever written: it began anew.
        $from = $since > $written ? $oldest : max($oldest, $since);

        return new ScaleText($from, $written, substr($bytes, $from - $oldest));
    }

    /** @return array{written: int, bytes: string} */
    private function heard(): array
    {
        /** @var array{written: int, bytes: string}|null $heard */
        $heard = $this->kept->get($this->key());

        return $heard ?? ['written' => 0, 'bytes' => ''];
    }

    private function key(): string
    {
        return "scale-stream.{$this->shop}";
    }
}
