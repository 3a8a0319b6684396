<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * On every answer, refusals too: nothing runs or loads that did not come as a file from this server, nothing signed-
 * in is kept by a browser.
 */
final class SecurityHeaders
{
    public const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; "
        ."connect-src 'self'; form-action 'self'; worker-src 'self'; base-uri 'self'; frame-ancestors 'none'";

    private const A_YEAR_S = 31536000;

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $headers = $response->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        // Nobody reads a signed-in page out of the browser's store after signing out.
        if (! $request->is('worker.js')) {
            $headers->set('Cache-Control', 'no-store, private');
        }
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age='.self::A_YEAR_S);
        }
        $headers->remove('X-Powered-By');

        return $response;
    }
}
