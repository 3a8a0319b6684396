<?php

declare(strict_types=1);

namespace App\Devices;

/** A meter that answers HTTP with JSON: `{"gu_60": 87.4}`. */
final readonly class HttpGlossMeter implements GlossMeter
{
    private const MOST_GU = 110.0;

    /** @param list<string> $allowed ranges of addresses that the shop allows, by name */
    public function __construct(private DeviceClient $client, private string $url, private array $allowed)
    {
    }

    public function read(): float
    {
        $gu = $this->client->json($this->url, [], $this->allowed)['gu_60'] ?? null;
        if ((! is_int($gu) && ! is_float($gu)) || $gu < 0 || $gu > self::MOST_GU) {
            throw new DeviceSilent();
        }

        return (float) $gu;
    }
}
