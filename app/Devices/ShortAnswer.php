<?php

declare(strict_types=1);

namespace App\Devices;

use GuzzleHttp\Psr7\StreamDecoratorTrait;
use Psr\Http\Message\StreamInterface;

/** Takes so many bytes of an answer, unpacked, and breaks the transfer off at the next. */
final class ShortAnswer implements StreamInterface
{
    use StreamDecoratorTrait;

    public const MOST_BYTES = 65536;

    public function __construct(private StreamInterface $stream)
    {
    }

    public function write($string): int
    {
        return $this->stream->getSize() + strlen($string) > self::MOST_BYTES
            ? throw new \LengthException('an answer that is too long')
            : $this->stream->write($string);
    }
}
