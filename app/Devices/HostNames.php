<?php

declare(strict_types=1);

namespace App\Devices;

/** Which addresses a host's name stands for. */
class HostNames
{
    /**
     * Numbers in any form that the system reads as an address are one: 2130706433, 0x7f.1 and 127.1 are 127.0.0.1.
     *
     * @return list<string> IPv4 and IPv6; empty for a name that nobody knows
     */
    public function addressesOf(string $host): array
    {
        $bare = trim($host, '[]');
        if (filter_var($bare, FILTER_VALIDATE_IP) !== false) {
            return [$bare];
        }
        // A name server that does not answer may not hold a device's answer up for long.
        putenv('RES_OPTIONS=timeout:1 attempts:1');
        $found = @gethostbynamel($bare) ?: [];
        if ($found === [] && preg_match('/[a-z]/i', $bare) === 1) {
            $found = array_column(@dns_get_record($bare, DNS_AAAA) ?: [], 'ipv6');
        }

        return $found;
    }
}
