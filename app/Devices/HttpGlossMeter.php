<?php

declare(strict_types=1);

namespace App\Devices;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/** A meter that answers HTTP with JSON: `{"gu_60": 87.4}`. */
final readonly class HttpGlossMeter implements GlossMeter
{
    private const PATIENCE_S = 2;
    private const MOST_GU = 110.0;

    public function __construct(private string $url)
    {
    }

    public function read(): float
    {
        try {
            $answer = Http::timeout(self::PATIENCE_S)->connectTimeout(self::PATIENCE_S)->withoutRedirecting()->acceptJson()->get($this->url);
        } catch (ConnectionException) {
            throw MeterSilent::because('nothing answers there');
        }
        if (! $answer->successful()) {
            throw MeterSilent::because("it answers with status {$answer->status()}");
        }
        $gu = json_decode($answer->body(), true, 4)['gu_60'] ?? null;
        if ((! is_int($gu) && ! is_float($gu)) || $gu < 0 || $gu > self::MOST_GU) {
            throw MeterSilent::because('its answer holds no gu_60 from 0 to 110');
        }

        return (float) $gu;
    }
}
