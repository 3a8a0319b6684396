<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/**
 * A probe that answers HTTP with JSON: `{"air_c": 17.6, "rh_percent": 54, "measured_at": "2027-03-10T15:34:00Z"}`, or an
 * array of such. `since` and `now` are sent along; a probe with a memory may answer what it kept since then.
 */
final readonly class HttpAirProbe implements AirProbe
{
    /** No more of one answer is read. */
    private const MOST = 5000;

    /** @param list<string> $allowed ranges of addresses that the shop allows, by name */
    public function __construct(private DeviceClient $client, private string $url, private array $allowed)
    {
    }

    public function readings(CarbonImmutable $since, CarbonImmutable $now): array
    {
        $json = $this->client->json(
            $this->url,
            ['since' => $since->utc()->toIso8601ZuluString(), 'now' => $now->utc()->toIso8601ZuluString()],
            $this->allowed,
        );
        $readings = array_map(
            fn (mixed $r): ProbeReading => is_array($r) ? ProbeReading::from($r, $now) : throw new DeviceSilent(),
            array_slice(array_is_list($json) ? $json : [$json], 0, self::MOST),
        );
        usort($readings, fn (ProbeReading $a, ProbeReading $b): int => $a->measuredAt <=> $b->measuredAt);

        return $readings;
    }
}
