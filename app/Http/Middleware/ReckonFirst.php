<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Planning\Planner;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A large shop's run sheet takes seconds to reckon anew: that is shown with its progress before the page that needs it. */
final class ReckonFirst
{
    /** Up to so many open parts nobody notices. */
    private const QUICK = 12;

    public function __construct(private readonly Planner $planner)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        $isSlow = $request->isMethod('GET') && $request->header('HX-Request') !== 'true'
            && $user->shop->parts()->open()->count() > self::QUICK && $this->planner->isCold($user->shop);

        return $isSlow ? response()->view('run-sheet.reckoning', ['to' => $request->fullUrl()]) : $next($request);
    }
}
