<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\View\Page\Found;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Finds a part, a jar or a room from anywhere. */
final class FindController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): View
    {
        return view('find.show', [
            'found' => new Found($request, $user),
            'sought' => $request->string('q')->substr(0, 60)->toString(),
        ]);
    }
}
