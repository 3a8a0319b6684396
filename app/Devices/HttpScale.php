<?php

declare(strict_types=1);

namespace App\Devices;

/** A scale behind HTTP: `{"from": 1200, "next": 1232, "text": "ST,+ 132.4 g\r\n…"}`. docs/scale.md has all of it. */
final readonly class HttpScale implements Scale
{
    /** @param list<string> $allowed ranges of addresses that the shop allows, by name */
    public function __construct(private DeviceClient $client, private string $url, private array $allowed)
    {
    }

    public function since(?int $since): ScaleText
    {
        $answer = $this->client->json($this->url, $since === null ? [] : ['since' => (string) $since], $this->allowed);
        ['from' => $from, 'next' => $next, 'text' => $text] = $answer + ['from' => null, 'next' => null, 'text' => null];
        if (! is_int($from) || ! is_int($next) || ! is_string($text) || $from < 0 || $next < $from) {
            throw new DeviceSilent();
        }

        return new ScaleText($from, $next, $text);
    }
}
