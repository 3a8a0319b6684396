<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\HoldSession;
use App\Http\Middleware\PasswordAgain;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use App\People\Audit;
use App\People\PrehashedBcrypt;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;

final class LoginController
{
    /** Wrong passwords for one address, and from one network, before the first wait. */
    private const FREE_TRIES = 5;
    private const FREE_TRIES_OF_A_NETWORK = 25;

    private const WAIT_S = 60;

    public function show(): View
    {
        return view('login', ['demo' => config('oak.demo') ? config('oak.demo_login') : null]);
    }

    public function store(SignInRequest $request, Audit $audit): RedirectResponse
    {
        $given = $request->validated();
        $email = Str::lower($given['email']);
        $limits = [
            "login:{$email}" => self::FREE_TRIES,
            'login-from:'.self::network((string) $request->ip()) => self::FREE_TRIES_OF_A_NETWORK,
        ];
        foreach ($limits as $key => $tries) {
            if (RateLimiter::tooManyAttempts($key, $tries)) {
                throw ValidationException::withMessages(
                    ['email' => 'Too many wrong passwords. Try again in '.RateLimiter::availableIn($key).' seconds.'],
                )->status(429);
            }
        }
        $user = User::query()->where('email', $email)->first();
        // An address that nobody has takes as long to refuse as a wrong password.
        $isRight = Hash::check($given['password'], $user->password ?? $this->nobodys());
        if ($user === null || ! $isRight || $user->left_at !== null) {
            array_map(fn (string $key): int => RateLimiter::hit($key, self::WAIT_S), array_keys($limits));
            $user === null ?: $audit->note($user->shop_id, 'sign_in_refused', null, ['for' => $user->name]);

            throw ValidationException::withMessages(['email' => __('people.wrong')]);
        }
        RateLimiter::clear("login:{$email}");
        DB::transaction(function () use ($request, $user, $given, $audit): void {
            $this->signIn($request, $user, $request->boolean('remember'), $given['password']);
            $audit->note($user->shop_id, 'signed_in', $user);
        });

        return redirect()->intended('/');
    }

    public function destroy(Request $request, Audit $audit): RedirectResponse
    {
        /** @var User $user */
        $user = $request->user();
        $audit->note($user->shop_id, 'signed_out', $user);
        Auth::guard('web')->logoutCurrentDevice();
        Cookie::expire(HoldSession::SINCE);
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }

    public static function signIn(Request $request, User $user, bool $stays, #[\SensitiveParameter] ?string $password = null): void
    {
        if ($password !== null && Hash::needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }
        Auth::guard('web')->login($user, $stays);
        $user->update(['signed_in_at' => now()]);
        $request->session()->regenerate();
        if ($password !== null) {
            PasswordAgain::given($request);
        }
        $request->session()->put(['signed_in_at' => now()->getTimestamp(), 'sign_ins_void' => $user->sign_ins_void]);
        if ($stays) {
            Cookie::queue(HoldSession::SINCE, HoldSession::since($user), HoldSession::stayingMin());
        }
    }

    /** Whoever has one address of a network has its neighbours too. */
    private static function network(string $ip): string
    {
        $bytes = (string) inet_pton($ip);

        return bin2hex(substr($bytes, 0, strlen($bytes) === 4 ? 3 : 8));
    }

    private function nobodys(): string
    {
        $driver = Hash::driver();

        return $driver instanceof PrehashedBcrypt ? $driver->nobodys() : throw new \LogicException('passwords are hashed first');
    }
}
