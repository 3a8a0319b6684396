<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

final class LoginController
{
    /** Wrong passwords before the first wait. */
    private const FREE_TRIES = 5;

    private const WAIT_S = 60;

    public function show(): View
    {
        return view('login', ['demo' => config('oak.demo') ? config('oak.demo_login') : null]);
    }

    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']]);
        $key = 'login:'.Str::lower($given['email']).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::FREE_TRIES)) {
            throw ValidationException::withMessages(['email' => 'Too many wrong passwords. Try again in '.RateLimiter::availableIn($key).' seconds.'])->status(429);
        }
        if (! Auth::attempt($given, $request->boolean('remember'))) {
            RateLimiter::hit($key, self::WAIT_S);
            throw ValidationException::withMessages(['email' => 'No such address and password here. Mind capital letters.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
