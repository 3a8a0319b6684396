<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\CupDesk;
use App\Bench\Scales;
use App\Http\Tare;
use App\Models\Part;
use App\Models\User;
use App\View\Page\ScalePage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Session\Storage\Handler\NullSessionHandler;

/** What the scale under a cup shows, several times a second. */
final class ScaleController
{
    public function show(Request $request, Part $part, string $step, Scales $scales, CupDesk $desk, #[CurrentUser] User $user): JsonResponse
    {
        // Such an answer under way must not write the session back over what a form kept meanwhile.
        $request->session()->setHandler(new NullSessionHandler());
        $follow = $scales->hear($user, $part, $step);

        $inCupG = Tare::of($request) === Tare::Through ? (float) $desk->cup($part, $step)?->pour->totalG() : 0.0;

        return response()->json($follow === null ? ['state' => 'none'] : (new ScalePage($follow, Scales::nowS(), $inCupG))->shown());
    }

    /** Whether the scale is set to nothing between the jars: marks, fields and figures follow it. */
    public function tare(Request $request): RedirectResponse
    {
        $reads = (string) $request->validate(['reads' => ['required', Rule::enum(Tare::class)]])['reads'];

        return back()->withCookie(cookie()->forever(Tare::COOKIE, $reads));
    }

    /** The cup is on, was changed, or tared: what the scale shows at its next rest is where this jar begins. */
    public function countFromHere(Part $part, string $step, Scales $scales, #[CurrentUser] User $user): RedirectResponse
    {
        $scales->begin($user, $part, $step);

        return redirect()->route('weigh', [$part, $step]);
    }
}
