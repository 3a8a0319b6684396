<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WishRequest;
use App\Models\User;
use App\View\Page\Proposals;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\View\View;
use OakGloss\Method\Methods;

/** A new part begins with a few plain questions, and the way of working that they come to. */
final class ChooseController
{
    public function __invoke(WishRequest $request, Proposals $proposals, #[CurrentUser] User $user): View
    {
        $said = $request->said();
        $wish = $request->wish($user->shop);
        $found = $proposals->of(
            $wish,
            ['length' => (float) $said['length'], 'width' => (float) $said['width']],
            $user->shop,
        );

        return view($request->hasHeader('HX-Request') ? 'parts.ways' : 'parts.choose', $found + [
            'said' => $said,
            'never' => $wish->purpose->isRefused() ? "purpose_{$wish->purpose->value}" : null,
            'flags' => array_combine(WishRequest::FLAGS, array_map($request->boolean(...), WishRequest::FLAGS)),
            'methods' => array_keys(Methods::all()),
        ]);
    }
}
