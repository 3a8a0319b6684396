<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetFileRequest;
use App\Models\SheetFile;
use App\Models\User;
use App\People\Audit;
use App\Shelf\ShelfKind;
use App\Time\ShopClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Makers' data sheets, kept with what they are of. */
final class SheetFileController
{
    public function store(
        SheetFileRequest $request,
        ShelfKind $kind,
        int $id,
        ShopClock $clock,
        Audit $audit,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $file = $request->file('sheet_file');
        assert($file instanceof UploadedFile);
        $name = mb_substr(mb_scrub(basename($file->getClientOriginalName())), 0, 80);
        SheetFile::query()->create([
            'shop_id' => $user->shop_id, 'user_id' => $user->id, 'kind' => $kind::NAME, 'item_id' => $id, 'name' => $name,
            'type' => SheetFileRequest::typeOf($file), 'bytes' => (string) file_get_contents($file->getRealPath()), 'kept_at' => $clock
                ->now(),
        ]);
        $audit->note($user->shop_id, 'sheet_file', $user, ['name' => $name]);

        return redirect()->route('shelf.edit', [$kind::NAME, $id])->with('notice', __('stock.sheet_file.kept'));
    }

    public function show(SheetFile $file): Response
    {
        $ending = SheetFileRequest::TYPES[$file->type] ?? 'bin';

        return response($file->bytes, 200, [
            'Content-Type' => $file->type === 'text/plain' ? 'text/plain; charset=UTF-8' : $file->type,
            'Content-Disposition' => "inline; filename=\"sheet-{$file->id}.{$ending}\"",
        ]);
    }
}
