<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\WriteLock;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every act and the repair of the plan that follows from it are one: under the database's write lock, all or nothing.
 * What another device does meanwhile waits, and is judged by what stands then.
 */
final class KeepThePlan
{
    public function __construct(private readonly PlanKeeper $keeper)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User|null $user */
        $user = $request->user();
        if ($user === null || $request->isMethodSafe()) {
            return $next($request);
        }
        DB::beginTransaction();
        try {
            WriteLock::take();
            $this->keeper->begin($user->shop);
            $response = $next($request);
            if ($response->getStatusCode() >= 400 || ($response->exception ?? null) !== null) {
                DB::rollBack();

                return $response;
            }
            $this->keeper->keep($user->shop->refresh());
            DB::commit();
        } catch (\Throwable $e) {
            DB::rollBack();

            throw $e;
        }

        return $response;
    }
}
