<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LotChangeRequest;
use App\Http\Requests\LotRequest;
use App\Models\Lot;
use App\Models\User;
use App\Models\Why;
use App\Shelf\ShelfKind;
use App\Stock\Ledger;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/** Deliveries, and what was counted, taken, thrown away and cut off of them. */
final class LotController
{
    public function store(
        LotRequest $request,
        ShelfKind $kind,
        int $id,
        Ledger $ledger,
        ShopClock $clock,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $ledger->receive(
            $request->columns() + [
                'shop_id' => $user->shop_id, 'kind' => $kind::NAME, 'item_id' => $id, 'received_at' => $clock->now(),
            ],
            $user,
        );

        return redirect()->route('shelf.edit', [$kind::NAME, $id])->with('notice', __('stock.received'));
    }

    public function change(
        LotChangeRequest $request,
        Lot $lot,
        Ledger $ledger,
        ShopClock $clock,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validated();
        [$quantity, $note, $at] = [(float) $given['quantity'], (string) ($given['note'] ?? ''), $clock->now()];
        if ($given['what'] !== 'counted' && ($quantity > $lot->left + 1e-6 || $quantity <= 0.0)) {
            throw ValidationException::withMessages(['quantity' => __('stock.not_so_much')]);
        }
        if ($given['what'] === 'cut' && ($lot->width_mm === null || (float) $given['width_mm'] > $lot->width_mm)) {
            throw ValidationException::withMessages(['width_mm' => __('stock.not_so_wide')]);
        }
        match ($given['what']) {
            'counted' => $ledger->count($lot, $quantity, $at, $user, $note),
            'cut' => $ledger->cutOff($lot, $quantity, (float) $given['width_mm'], (string) $given['direction'], $at, $user),
            default => $ledger->remove($lot, $quantity, Why::from($given['what']), $at, $user, $note),
        };

        return back()->with('notice', __("stock.kept.{$given['what']}"));
    }
}
