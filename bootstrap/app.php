<?php

declare(strict_types=1);

use App\Acts\NotRecorded;
use App\Http\Controllers\UpController;
use App\Http\Controllers\WorkerController;
use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\TypedMeasures;
use App\Http\Middleware\WholeAnswer;
use App\Planning\UnplannablePart;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: function (): void {
            Route::get('/up', UpController::class)->name('up');
            Route::get('/worker.js', WorkerController::class)->name('worker');
        },
    )
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Who asks, and how, is known before anything goes by it.
        $middleware->prepend([TrustProxies::class, WholeAnswer::class, SecurityHeaders::class, KnownHosts::class]);
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
        // The data can't be reached at all: said in words, and what was typed is given back.
        $exceptions->render(
            fn (PDOException|SQLiteDatabaseDoesNotExistException $e, Request $request) => $request->isMethodSafe()
                ? response()->view('errors.no-data', status: 503)
                : NotRecorded::because($e)->render($request),
        );
        $exceptions->respond(function (SymfonyResponse $response) {
            if ($response->getStatusCode() === 403) {
                Log::warning('Refused: '.request()->method().' '.request()->path(), ['user' => request()->user()?->id, 'from' => request()->ip()]);
            }

            return $response;
        });
        $exceptions->dontReport(UnplannablePart::class);
        $exceptions->render(fn (UnplannablePart $e) => response()->view(
            'parts.unplannable',
            ['part' => $e->part, 'why' => $e->getMessage()],
            422,
        ));
    })->create();
