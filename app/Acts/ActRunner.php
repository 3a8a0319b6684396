<?php

declare(strict_types=1);

namespace App\Acts;

use App\Clock\ShopClock;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\ShopNumbersBook;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/**
 * An act and the repair of the plan that follows from it are one: judged and written under the database's write lock, all
 * or nothing. What another device does meanwhile waits, and is judged by what stands then.
 */
final class ActRunner
{
    public function __construct(private readonly PlanKeeper $keeper, private readonly ActLog $acts, private readonly ShopClock $clock)
    {
    }

    /** @param Closure(Request): Response $act */
    public function run(Request $request, User $user, Closure $act): Response
    {
        DB::beginTransaction();
        try {
            // A restore that began while this waited: the shop is closed, and nothing may be said to be kept.
            app()->isDownForMaintenance() && throw new ServiceUnavailableHttpException(5);
            $same = $this->acts->answered($request, $user);
            if ($same !== null) {
                DB::commit();

                return $same;
            }
            // What was read before the lock was taken may be old.
            $shop = $user->load('shop')->shop;
            $this->keeper->begin($shop);
            $numbers = ShopNumbersBook::of($shop);
            $response = $act($request);
            if ($response->getStatusCode() >= 400 || ($response->exception ?? null) !== null) {
                DB::rollBack();

                return $response;
            }
            $this->acts->note($request, $user, $response);
            ShopNumbersBook::noteChange($shop->refresh(), $numbers, $user, $this->clock->now());
            $this->keeper->keep($shop);
            DB::commit();
        } catch (\Throwable $e) {
            DB::rollBack();

            throw $e;
        }

        return $response;
    }
}
