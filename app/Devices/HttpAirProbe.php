<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/**
 * A probe that answers HTTP with JSON: `{"air_c": 17.6, "rh_percent": 54, "measured_at": "2027-03-10T15:34:00Z"}`, or an
 * array of such. `since` and `now` are sent along; a probe with a memory may answer what it kept since then.
 */
final readonly class HttpAirProbe implements AirProbe
{
    private const PATIENCE_S = 2;

    /** No more of one answer is read. */
    private const MOST = 5000;

    public function __construct(private string $url)
    {
    }

    public function readings(CarbonImmutable $since, CarbonImmutable $now): array
    {
        try {
            $answer = Http::timeout(self::PATIENCE_S)->connectTimeout(self::PATIENCE_S)->withoutRedirecting()->acceptJson()
                ->get($this->url, ['since' => $since->utc()->toIso8601ZuluString(), 'now' => $now->utc()->toIso8601ZuluString()]);
        } catch (ConnectionException $e) {
            throw ProbeSilent::noAnswer(str_contains($e->getMessage(), 'timed out') ? 'it took too long' : 'nothing listens there');
        }
        if (! $answer->successful()) {
            throw ProbeSilent::status($answer->status());
        }
        $json = json_decode($answer->body(), true, 8);
        if (! is_array($json)) {
            throw ProbeSilent::unreadable();
        }
        $readings = array_map(fn (mixed $r): ProbeReading => is_array($r) ? ProbeReading::from($r, $now) : throw ProbeSilent::unreadable(), array_slice(array_is_list($json) ? $json : [$json], 0, self::MOST));
        usort($readings, fn (ProbeReading $a, ProbeReading $b): int => $a->measuredAt <=> $b->measuredAt);

        return $readings;
    }
}
