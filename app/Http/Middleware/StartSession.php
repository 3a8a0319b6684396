<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession as LaravelStartSession;

/**
 * Requests that htmx makes only read: the answer while typing, the bench that renews itself, the section. They leave
 * the session as it is, so that one still under way can't swallow the messages that the next page is to show.
 */
final class StartSession extends LaravelStartSession
{
    protected function saveSession($request): void
    {
        if ($request->header('HX-Request') !== 'true') {
            parent::saveSession($request);
        }
    }
}
