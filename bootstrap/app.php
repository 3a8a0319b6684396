<?php

declare(strict_types=1);

use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\TypedMeasures;
use App\Planning\UnplannablePart;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php', health: '/up')
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([SecurityHeaders::class, KnownHosts::class]);
        // Rows that an address names are read where its routes say so: of an act under its lock.
        $middleware->web(
            append: [PlainInput::class, TypedMeasures::class],
            remove: [SubstituteBindings::class],
            replace: [LaravelStartSession::class => StartSession::class],
        );
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A page that is only read can't go back to its form: it says what is wrong itself.
        $exceptions->render(
            fn (ValidationException $e, Request $request) =>
                $request->isMethodSafe() || $request->header('HX-Request') === 'true'
                    ? response()->view('errors.words', ['words' => $e->validator->errors()->all()], $e->status)
                    : null,
        );
        // What is larger than the server takes arrives without its form: it is said on a page of its own.
        $exceptions->render(
            fn (PostTooLargeException $e) => response()->view('errors.words', ['words' => [__('inspect.photo.large')]], 413),
        );
        $exceptions->dontReport(UnplannablePart::class);
        $exceptions->render(fn (UnplannablePart $e) => response()->view(
            'parts.unplannable',
            ['part' => $e->part, 'why' => $e->getMessage()],
            422,
        ));
    })->create();
