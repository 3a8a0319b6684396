<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Acts\ActRunner;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every request that writes is one act. */
final class KeepThePlan
{
    public function __construct(private readonly ActRunner $acts)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User|null $user */
        $user = $request->user();

        return $user === null || $request->isMethodSafe() ? $next($request) : $this->acts->run($request, $user, $next);
    }
}
