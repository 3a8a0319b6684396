<?php

declare(strict_types=1);

namespace App\Backup;

/**
 * A copy that only the key opens: libsodium's secret stream (XChaCha20-Poly1305) in pieces of 64 KiB, the last one marked, so
 * that a cut file is none. The key is 32 bytes in base64.
 */
final class Sealed
{
    public const ENDING = '.sealed';

    private const PIECE = 65536;

    public static function newKey(): string
    {
        return base64_encode(sodium_crypto_secretstream_xchacha20poly1305_keygen());
    }

    /** @throws NotRestored If the key is none, or a file can't be written. */
    public static function seal(string $from, string $to, string $key): void
    {
        [$in, $out] = [self::opened($from, 'rb'), self::opened("{$to}.half", 'wb')];
        try {
            [$state, $head] = sodium_crypto_secretstream_xchacha20poly1305_init_push(self::bytes($key));
            self::write($out, $head);
            do {
                $piece = (string) fread($in, self::PIECE);
                $isLast = feof($in);
                self::write($out, sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $isLast
                    ? SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                    : SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE));
            } while (! $isLast);
        } finally {
            fclose($in);
            fclose($out);
        }
        chmod("{$to}.half", 0600);
        rename("{$to}.half", $to);
    }

    /** @throws NotRestored If it is not what this key sealed, or not all of it. */
    public static function open(string $from, string $to, string $key): void
    {
        [$in, $out] = [self::opened($from, 'rb'), self::opened($to, 'wb')];
        try {
            $head = (string) fread($in, SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
            if (strlen($head) !== SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES) {
                throw NotRestored::because('The copy is cut off.');
            }
            $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($head, self::bytes($key));
            $isLast = false;
            while (! $isLast) {
                $piece = (string) fread($in, self::PIECE + SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
                $opened = $piece === '' ? false : sodium_crypto_secretstream_xchacha20poly1305_pull($state, $piece);
                if ($opened === false) {
                    throw NotRestored::because('The key does not open this copy, or it is not whole.');
                }
                self::write($out, $opened[0]);
                $isLast = $opened[1] === SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL;
            }
        } finally {
            fclose($in);
            fclose($out);
            chmod($to, 0600);
        }
    }

    private static function bytes(string $key): string
    {
        $bytes = base64_decode($key, true);

        return $bytes !== false && strlen($bytes) === SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES
            ? $bytes : throw NotRestored::because('The key is none: 32 bytes in base64 are one.');
    }

    /** @return resource */
    private static function opened(string $file, string $mode): mixed
    {
        return @fopen($file, $mode) ?: throw NotRestored::because("{$file} can't be opened.");
    }

    /** @param resource $out */
    private static function write(mixed $out, string $bytes): void
    {
        if (@fwrite($out, $bytes) !== strlen($bytes)) {
            throw NotRestored::because('There is no room for it.');
        }
    }
}
