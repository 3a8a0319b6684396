<?php

declare(strict_types=1);

namespace App\Acts;

use App\Calendar\KeptCalendar;
use App\Models\Shop;
use App\Models\User;
use App\Planning\OpenParts;
use App\Planning\PlanKeeper;
use App\Planning\ShopNumbersBook;
use App\Time\ShopClock;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/**
 * An act and the repair of the plan that follows from it are one: judged and written under the database's write lock, all
 * or nothing. What another device does meanwhile waits, and is judged by what stands then. Nothing is said to be kept
 * before the database has answered that it is.
 */
final class ActRunner
{
    public function __construct(
        private readonly PlanKeeper $keeper,
        private readonly PressLog $acts,
        private readonly ShopClock $clock,
        private readonly OpenParts $open,
        private readonly ShopNumbersBook $numbers,
        private readonly Afterwards $afterwards,
    ) {
    }

    /**
     * @param Closure(Request): Response $act
     *
     * @throws NotRecorded If the database did not take it.
     */
    public function run(Request $request, User $user, Closure $act): Response
    {
        $said = $request->hasSession() ? $request->session()->all() : [];
        try {
            $response = DB::transaction(fn (): Response => $this->inLock($request, $user, $act));
        } catch (Undone $e) {
            // Its own answer says what was wrong; only a form's errors and what was typed go on to the next page.
            if (! $e->why() instanceof ValidationException) {
                $this->unsay($request, $said);
            }
            $cause = $e->databaseFailure();

            return $cause === null ? $e->response : throw NotRecorded::because($cause);
        } catch (\PDOException $e) {
            $this->unsay($request, $said);

            throw NotRecorded::because($e);
        } catch (\Throwable $e) {
            $this->unsay($request, $said);

            throw $e;
        }

        if (! app()->runningInConsole()) {
            KeptCalendar::expect($user->shop);
            defer(fn () => $this->afterwards->of($user->shop));
        }

        return $response;
    }

    /** @param Closure(Request): Response $act */
    private function inLock(Request $request, User $user, Closure $act): Response
    {
        // A restore that began while this waited: the shop is closed, and nothing may be said to be kept.
        app()->isDownForMaintenance() && throw new ServiceUnavailableHttpException(5);
        $shop = $this->readAnew($request, $user);
        $same = $this->acts->answered($request, $user);
        if ($same !== null) {
            return $same;
        }
        $this->keeper->begin($shop);
        $numbers = $this->numbers->of($shop->id);
        $response = $act($request);
        if ($response->getStatusCode() >= 400 || ($response->exception ?? null) !== null) {
            throw new Undone($response);
        }
        $this->acts->note($request, $user, $response);
        $this->numbers->noteChange($shop->id, $numbers, $user, $this->clock->now());
        $this->keeper->keep($user->setRelation('shop', $this->open->shop($shop->id))->shop);

        return $response;
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

        return $user->setRelation('shop', $this->open->shop($user->shop_id))->shop;
    }

    /**
     * What was to be told of an act that does not stand is not told.
     *
     * @param array<string, mixed> $said the session before it
     */
    private function unsay(Request $request, array $said): void
    {
        if ($request->hasSession()) {
            $request->session()->flush();
            $request->session()->replace($said);
        }
    }
}
