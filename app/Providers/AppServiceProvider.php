<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSqliteConnector;
use App\Database\Present;
use App\Database\SqliteConnection;
use App\Devices\AirProbe;
use App\Devices\GlossMeter;
use App\Devices\HttpAirProbe;
use App\Devices\HttpGlossMeter;
use App\Devices\HttpScale;
use App\Devices\Scale;
use App\Files\CarefulFileStore;
use App\Files\WholeFileSessions;
use App\Models\KeptQuote;
use App\Models\PartFact;
use App\Models\SheetFile;
use App\People\PrehashedBcrypt;
use App\Planning\PaceBook;
use App\Planning\PlanMemo;
use App\Policies\KeptQuotePolicy;
use App\Policies\SheetFilePolicy;
use App\Policies\ShelfItemPolicy;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use App\Time\ShopClock;
use App\Words\MeasuredTranslator;
use App\Words\Measures;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Hashing\HashManager;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(ShopClock::class, fn (): ShopClock => new ShopClock((bool) config('oak.demo'), config('oak.frozen_at')));
        $this->app->alias(ShopClock::class, ClockInterface::class);
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        Connection::resolverFor('sqlite', fn (mixed ...$of): SqliteConnection => new SqliteConnection(...$of));
        $this->app->resolving(
            'hash',
            fn (HashManager $hash) => $hash->extend(
                'prehashed',
                fn (): PrehashedBcrypt => new PrehashedBcrypt(['rounds' => (int) config('hashing.bcrypt.rounds')]),
            ),
        );
        $this->app->extend('translator', function (Translator $usual): MeasuredTranslator {
            $translator = new MeasuredTranslator($usual->getLoader(), $usual->getLocale());
            $translator->setFallback($usual->getFallback());
            $translator->measuredBy($this->app->make(Measures::class));

            return $translator;
        });
        $this->app->bind(AirProbe::class, HttpAirProbe::class);
        $this->app->bind(GlossMeter::class, HttpGlossMeter::class);
        $this->app->bind(Scale::class, HttpScale::class);
        $this->app->scoped(PlanMemo::class);
        $this->app->scoped(Present::class);
    }

    public function boot(): void
    {
        // A proxy that ends TLS says for whom it asks, and that it was asked safely; the name is the one in Host.
        TrustProxies::at(config('oak.proxies'));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        if (str_starts_with((string) config('app.url'), 'https://')) {
            URL::forceScheme('https');
        }
        Cache::extend('careful', fn (Application $app, array $of): Repository => Cache::repository(
            new CarefulFileStore($app->make('files'), $of['path']),
            $of,
        ));
        $this->app->make('session')->extend('file', fn (): WholeFileSessions => new WholeFileSessions(
            $this->app->make('files'),
            (string) config('session.files'),
            (int) config('session.lifetime'),
        ));
        $present = fn (): Present => $this->app->make(Present::class);
        Event::listen(fn (QueryExecuted $query) => $present()->heard($query->sql));
        Event::listen(fn (TransactionBeginning $e) => $e->connection->transactionLevel() > 1 ? null : $present()->anew());
        Event::listen(fn (TransactionRolledBack $e) => $present()->anew());
        Blade::directive('marks', fn (): string => '<?php echo \App\Acts\PressLog::fields(request()); ?>');
        // A line of lang/ with markup of its own.
        Blade::directive('say', fn (string $with): string => "<?php echo \App\Words\Line::html({$with}); ?>");
        // Figures that stand on several pages are marked, so that a test holds them to each other.
        Blade::directive('figure', fn (string $with): string => "<?php echo \App\Words\Figure::mark({$with}); ?>");
        Model::shouldBeStrict(! $this->app->isProduction());
        Gate::policy(SheetFile::class, SheetFilePolicy::class);
        Gate::policy(KeptQuote::class, KeptQuotePolicy::class);
        foreach (ShelfKinds::all() as $kind) {
            Gate::policy($kind::MODEL, ShelfItemPolicy::class);
        }
        // What a check says of its resin is kept as it is recorded.
        PartFact::created(fn (PartFact $fact) => $this->app->make(PaceBook::class)->follow($fact));
        // A longer number is no row's.
        foreach (['part', 'fact', 'run', 'offer', 'feed', 'exception', 'person', 'id', 'lot', 'quote', 'file', 'reading'] as $number) {
            Route::pattern($number, '[0-9]{1,15}');
        }
        Route::bind('kind', fn (string $name): ShelfKind => ShelfKinds::named($name) ?? abort(404));
        Route::pattern('step', '[a-z0-9-]{1,40}');
        RateLimiter::for('feeds', fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
        RateLimiter::for('sign-ins', fn (Request $request): Limit => Limit::perMinute(120)->by((string) $request->ip()));
        RateLimiter::for('acts', fn (Request $request): Limit => Limit::perMinute(240)->by((string) $request->user()?->id));
        // A scale is looked at three times a second, which is no act.
        RateLimiter::for('scale', fn (Request $request): Limit => Limit::perMinute(600)->by('scale '.$request->user()?->id));
        RateLimiter::for('photos', fn (Request $request): Limit => Limit::perMinute(20)->by('photos '.$request->user()?->id));
    }
}
