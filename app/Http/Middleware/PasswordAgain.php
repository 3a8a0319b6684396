<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Who may do what is changed by somebody who has just given their password, not by whoever finds a screen left open. */
final class PasswordAgain
{
    private const HOLDS_S = 900;

    private const GIVEN_AT = 'password_given_at';

    public function handle(Request $request, Closure $next): Response
    {
        return self::isGiven($request) ? $next($request) : throw ValidationException::withMessages([
            'password' => __('people.password_first'), 'act' => __('people.password_first'),
        ]);
    }

    public static function isGiven(Request $request): bool
    {
        return now()->getTimestamp() - (int) $request->session()->get(self::GIVEN_AT) < self::HOLDS_S;
    }

    public static function given(Request $request): void
    {
        $request->session()->put(self::GIVEN_AT, now()->getTimestamp());
    }
}
