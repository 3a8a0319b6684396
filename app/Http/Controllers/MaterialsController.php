<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\BadLine;
use App\Http\Requests\MaterialsRequest;
use App\Models\User;
use App\People\Audit;
use App\Shelf\MaterialsFile;
use App\Shelf\Renewal;
use App\Shelf\ShelfKind;
use App\Stock\Ledger;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Sheets of the shelf out of a file and into one. */
final class MaterialsController
{
    public function json(#[CurrentUser] User $user): Response
    {
        return self::file(MaterialsFile::json($user->shop), 'materials.json', 'application/json');
    }

    public function csv(ShelfKind $kind, #[CurrentUser] User $user): Response
    {
        return self::file(MaterialsFile::csv($user->shop, $kind), $kind::NAME.'.csv', 'text/csv; charset=UTF-8');
    }

    public function schema(): Response
    {
        return self::file((string) json_encode(MaterialsFile::schema(), JSON_PRETTY_PRINT), 'materials.schema.json', 'application/json');
    }

    public function import(MaterialsRequest $request, Ledger $ledger, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $did = Renewal::take(MaterialsFile::read($request->text(), $user->shop_id), $user->shop_id);
        } catch (BadLine $e) {
            throw ValidationException::withMessages(['materials' => $e->getMessage().' '.__('stock.file.nothing')]);
        }
        $ledger->mirrorAll($user->shop_id);
        $audit->note($user->shop_id, 'materials_in', $user, $did);

        return redirect()->route('shelf')->with('notice', __('stock.file.took', $did));
    }

    private static function file(string $text, string $name, string $type): Response
    {
        return response($text, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
