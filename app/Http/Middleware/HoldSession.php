<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every sign-in ends: after twelve hours, or 30 days for who stays signed in on a device; at once where its person has
 * left or signed out everywhere.
 */
final class HoldSession
{
    private const LONGEST_S = 12 * 3600;
    private const STAYING_S = 30 * 86400;

    /** Of the person's last sign-in with a password on this device, sealed like every cookie. */
    public const SINCE = 'oak_signed_in';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User|null $user */
        $user = $request->user();
        if ($user === null) {
            return $next($request);
        }
        $session = $request->session();
        $now = now()->getTimestamp();
        $began = $session->get('signed_in_at');
        $isOver = $user->left_at !== null || (int) $session->get('sign_ins_void', $user->sign_ins_void) !== $user->sign_ins_void
            || ($began !== null && $now - (int) $began > self::LONGEST_S && ! $this->stays($request, $user, $now));
        if ($isOver || (Auth::guard('web')->viaRemember() && ! $this->stays($request, $user, $now))) {
            Auth::guard('web')->logoutCurrentDevice();
            $session->invalidate();
            $session->regenerateToken();

            return $request->header('HX-Request') === 'true'
                ? response('', 204)->withHeaders(['HX-Redirect' => route('login')])
                : redirect()->guest(route('login'));
        }
        if ($began === null || $now - (int) $began > self::LONGEST_S) {
            $session->put(['signed_in_at' => $now, 'sign_ins_void' => $user->sign_ins_void]);
        }

        return $next($request);
    }

    private function stays(Request $request, User $user, int $now): bool
    {
        $cookie = $request->cookie(self::SINCE);
        $since = explode('/', is_string($cookie) ? $cookie : '');

        return count($since) === 3
            && (int) $since[0] === $user->id
            && (int) $since[1] === $user->sign_ins_void
            && $now - (int) $since[2] < self::STAYING_S
            && $request->cookie(Auth::guard('web')->getRecallerName()) !== null;
    }

    /** What the cookie says. */
    public static function since(User $user): string
    {
        return "{$user->id}/{$user->sign_ins_void}/".now()->getTimestamp();
    }

    public static function stayingMin(): int
    {
        return intdiv(self::STAYING_S, 60);
    }
}
