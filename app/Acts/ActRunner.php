<?php

declare(strict_types=1);

namespace App\Acts;

use App\Clock\ShopClock;
use App\Models\Shop;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\ShopNumbersBook;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\Model;
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

    /**
     * Who acts, for which shop and on what, as they stand now: what was read before the lock was taken may be old.
     *
     * @throws AuthenticationException If the person has left meanwhile, or was signed out everywhere.
     */
    private function readAnew(Request $request, User $user): Shop
    {
        $before = $user->sign_ins_void;
        if ($user->refresh()->left_at !== null || $user->sign_ins_void !== $before) {
            throw new AuthenticationException(redirectTo: route('login'));
        }
        foreach ($request->route()?->parameters() ?? [] as $bound) {
            $bound instanceof Model && $bound->exists ? $bound->refresh() : null;
        }

        return $user->load('shop')->shop;
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
            $shop = $this->readAnew($request, $user);
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
