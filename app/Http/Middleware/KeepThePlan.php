<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Acts\ActRunner;
use App\Acts\PressLog;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every request that writes is one act; every page that is read knows which acts it shows. */
final class KeepThePlan
{
    public function __construct(private readonly ActRunner $acts)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User|null $user */
        $user = $request->user();

        if ($user === null) {
            return $next($request);
        }
        if ($request->isMethodSafe()) {
            // Before anything of the page is read: its forms say what it shows.
            $request->attributes->set(PressLog::SEEN, PressLog::newest($user->shop_id));

            return $next($request);
        }

        return $this->acts->run($request, $user, $next);
    }
}
