<?php

declare(strict_types=1);

namespace App\Devices;

use Closure;
use GuzzleHttp\Psr7\Utils;
use Illuminate\Support\Facades\Http;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Asks the shop's devices over HTTP. Private networks and this machine only where the shop's settings name them,
 * link-local and other special ranges never; the address that was checked is the one that is asked.
 */
final class DeviceClient
{
    /** For all of it, seconds. */
    private const PATIENCE_S = 2;

    /** What a shop may allow by name. */
    public const RANGES = [
        'loopback' => ['127.0.0.0/8', '::1/128'],
        'private' => ['10.0.0.0/8', '172.16.0.0/12', '192.168.0.0/16', 'fc00::/7'],
    ];

    /** Look like the open net and lead elsewhere: other forms of IPv4 addresses, and ranges for special use. */
    private const NEVER = [
        '169.254.0.0/16',
        'fe80::/10',
        '64:ff9b::/32',
        '2002::/16',
        '2001::/32',
        '::/96',
        '::ffff:0:0:0/96',
        'fec0::/10',
        '198.18.0.0/15',
        '192.0.0.0/24',
        '100.64.0.0/10',
        '224.0.0.0/4',
        'ff00::/8',
    ];

    public function __construct(private readonly HostNames $names)
    {
    }

    /**
     * @param list<string> $allowed names of RANGES
     *
     * @return array{host: string, port: int, ip: string} what it leads to
     *
     * @throws AddressRefused If a device may not be there.
     */
    public function check(string $url, array $allowed): array
    {
        $parts = parse_url($url);
        if (! is_array($parts)
            || ! in_array($parts['scheme'] ?? '', ['http', 'https'], true)
            || ! isset($parts['host'])
            || isset($parts['user'])
            || isset($parts['pass'])) {
            throw AddressRefused::because('An address reads like http://192.168.0.20/air.');
        }
        $addresses = $this->names->addressesOf($parts['host']);
        foreach ($addresses as $ip) {
            $this->refuse(preg_replace('/^::ffff:(?=\d+\.)/i', '', $ip) ?? $ip, $allowed);
        }

        return [
            'host' => $parts['host'],
            'port' => $parts['port'] ?? ($parts['scheme'] === 'https' ? 443 : 80),
            'ip' => $addresses[0] ?? throw AddressRefused::because('Nothing is known under that address.'),
        ];
    }

    /**
     * For the field in which an address is typed.
     *
     * @param list<string> $allowed names of RANGES
     *
     * @return Closure(string, mixed, Closure): void
     */
    public function rule(array $allowed): Closure
    {
        return function (string $field, mixed $value, Closure $fail) use ($allowed): void {
            try {
                $this->check(is_string($value) ? $value : '', $allowed);
            } catch (AddressRefused $e) {
                $fail($e->getMessage());
            }
        };
    }

    /**
     * @param array<string, string> $query
     * @param list<string>          $allowed names of RANGES
     *
     * @return array<array-key, mixed>
     *
     * @throws DeviceSilent If there is no answer in time, or none that is JSON.
     */
    public function json(string $url, array $query, array $allowed): array
    {
        $until = microtime(true) + self::PATIENCE_S;
        try {
            $to = $this->check($url, $allowed);
            $left = max(0.1, $until - microtime(true));
            $answer = Http::timeout($left)->connectTimeout($left)->withoutRedirecting()->acceptJson()->withOptions([
                'sink' => new ShortAnswer(Utils::streamFor('')),
                'proxy' => '',
                'curl' => [
                    CURLOPT_RESOLVE => ["{$to['host']}:{$to['port']}:{$to['ip']}"],
                    CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
                ],
            ])->get($url, $query);
            $json = $answer->successful() && strlen($answer->body()) <= ShortAnswer::MOST_BYTES
                ? json_decode($answer->body(), true, 8)
                : null;
        } catch (\Throwable) {
            throw new DeviceSilent();
        }

        return is_array($json) ? $json : throw new DeviceSilent();
    }

    /** @param list<string> $allowed */
    private function refuse(string $ip, array $allowed): void
    {
        foreach (self::RANGES as $name => $ranges) {
            if (IpUtils::checkIp($ip, $ranges)) {
                in_array($name, $allowed, true) || throw AddressRefused::because($name === 'loopback'
                    ? 'That is this machine itself; the shop\'s settings do not allow devices there.'
                    : 'That lies in a private network; the shop\'s settings do not allow devices there.');

                return;
            }
        }
        if (IpUtils::checkIp($ip, self::NEVER)
            || filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
            throw AddressRefused::because('No device answers at an address of that kind.');
        }
    }
}
