<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Table;
use App\Models\User;
use App\Stock\Stocks;
use App\View\Page\ShoppingLine;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What to buy: by supplier, by the day that it is missed; on screen, on paper and as a file. */
final class ShoppingController
{
    public function show(Stocks $stocks, Formatter $format, #[CurrentUser] User $user): View
    {
        $bySupplier = [];
        foreach (ShoppingLine::all($stocks->of($user->shop)->shopping(), $user->shop, $format) as $line) {
            $bySupplier[$line->toBuy->supplier][] = $line;
        }
        // Whom nobody named comes last.
        uksort($bySupplier, fn (string $a, string $b): int => [$a === '', $a] <=> [$b === '', $b]);

        return view('shelf.shopping', ['bySupplier' => $bySupplier, 'money' => $user->shop->money()]);
    }

    public function csv(Stocks $stocks, Formatter $format, #[CurrentUser] User $user): Response
    {
        $lines = ShoppingLine::all($stocks->of($user->shop)->shopping(), $user->shop, $format);
        $rows = array_map(fn (ShoppingLine $l): array => $l->cells(), $lines);

        return response(Table::write([ShoppingLine::COLUMNS, ...$rows]), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="to-buy.csv"',
        ]);
    }
}
