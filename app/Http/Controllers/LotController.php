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
    public function __construct(private readonly Ledger $ledger, private readonly ShopClock $clock)
    {
    }

    public function store(LotRequest $request, ShelfKind $kind, int $id, #[CurrentUser] User $user): RedirectResponse
    {
        $this->ledger->receive(
            $request->columns() + [
                'shop_id' => $user->shop_id, 'kind' => $kind::NAME, 'item_id' => $id, 'received_at' => $this->clock->now(),
            ],
            $user,
        );

        return redirect()->route('shelf.edit', [$kind::NAME, $id])->with('notice', __('stock.received'));
    }

    public function change(LotChangeRequest $request, Lot $lot, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validated();
        [$quantity, $note, $at] = [(float) $given['quantity'], (string) ($given['note'] ?? ''), $this->clock->now()];
        if ($given['what'] !== 'counted' && ($quantity > $lot->left + 1e-6 || $quantity <= 0.0)) {
            throw ValidationException::withMessages(['quantity' => __('stock.not_so_much')]);
        }
        if ($given['what'] === 'cut' && ($lot->width_mm === null || (float) $given['width_mm'] > $lot->width_mm)) {
            throw ValidationException::withMessages(['width_mm' => __('stock.not_so_wide')]);
        }
        match ($given['what']) {
            'counted' => $this->ledger->count($lot, $quantity, $at, $user, $note),
            'cut' => $this->ledger->cutOff($lot, $quantity, (float) $given['width_mm'], (string) $given['direction'], $at, $user),
            default => $this->ledger->remove($lot, $quantity, Why::from($given['what']), $at, $user, $note),
        };

        return back()->with('notice', __("stock.kept.{$given['what']}"));
    }
}
