<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only under the names that this shop's server has: links that it makes lead nowhere else. */
final class KnownHosts
{
    private const OWN = ['localhost', '127.0.0.1', '[::1]'];

    public function handle(Request $request, Closure $next): Response
    {
        $host = (string) preg_replace('/:\d+$/', '', strtolower((string) $request->headers->get('Host')));
        $known = [
            ...self::OWN,
            strtolower((string) parse_url((string) config('app.url'), PHP_URL_HOST)),
            ...array_map(strtolower(...), config('oak.hosts')),
        ];
        if (! in_array($host, $known, true)) {
            return response((string) __('errors.no_host'), 400)->header('Content-Type', 'text/plain; charset=utf-8');
        }

        // Whoever sent somebody here from outside is not where they are sent back to.
        $from = (string) $request->headers->get('Referer');
        if ($from !== '' && ! str_starts_with($from, $request->getSchemeAndHttpHost().'/')) {
            $request->headers->remove('Referer');
        }

        return $next($request);
    }
}
