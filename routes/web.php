<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AirController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ChoiceController;
use App\Http\Controllers\ChooseController;
use App\Http\Controllers\ClearController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\DefectController;
use App\Http\Controllers\DispatchController;
use App\Http\Controllers\FactController;
use App\Http\Controllers\FilmController;
use App\Http\Controllers\FilterController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\HabitsController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\HoursController;
use App\Http\Controllers\InspectController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\LoginController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\MaterialsController;
use App\Http\Controllers\MoneyController;
use App\Http\Controllers\OfferController;
use App\Http\Controllers\PartController;
use App\Http\Controllers\PartStateController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RunSheetController;
use App\Http\Controllers\SandController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\SheetFileController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\ShoppingController;
use App\Http\Controllers\TurnController;
use App\Http\Controllers\WayController;
use App\Http\Controllers\WeavePrintController;
use App\Http\Controllers\WeighController;
use App\Http\Middleware\HoldSession;
use App\Http\Middleware\KeepThePlan;
use App\Http\Middleware\OneForAll;
use App\Http\Middleware\PasswordAgain;
use App\Http\Middleware\ReckonFirst;
use App\Http\Middleware\StaleForm;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/login', [LoginController::class, 'show'])->name('login');
    Route::post('/login', [LoginController::class, 'store'])->middleware('throttle:sign-ins')->name('login.store');
    Route::get(
        '/join/{token}',
        [JoinController::class, 'show'],
    )->middleware('throttle:sign-ins')->where('token', '[a-z0-9]{48}')->name('join');
    Route::post(
        '/join/{token}',
        [JoinController::class, 'store'],
    )->middleware('throttle:sign-ins')->where('token', '[a-z0-9]{48}')->name('join.store');
});

Route::get(
    '/calendar/{token}.ics',
    [CalendarController::class, 'feed'],
)->middleware('throttle:feeds')->where('token', '[a-z0-9]{40}')->name('feed');

Route::middleware(['auth', HoldSession::class, 'throttle:acts', KeepThePlan::class, SubstituteBindings::class])->group(function (): void {
    Route::post('/logout', [LoginController::class, 'destroy'])->name('logout');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::put('/account/password', [AccountController::class, 'password'])->middleware('throttle:10,1')->name('account.password');
    Route::put('/account/measures', [AccountController::class, 'measures'])->name('account.measures');
    Route::post('/account/everywhere', [AccountController::class, 'everywhere'])->name('account.everywhere');
    Route::middleware('can:own,App\Models\Shop')->group(function (): void {
        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::post('/people', [PeopleController::class, 'store'])->middleware(PasswordAgain::class)->name('people.store');
        Route::post('/people/password', [PeopleController::class, 'password'])->withoutMiddleware(KeepThePlan::class)->middleware('throttle:10,1')
            ->name('people.password');
        Route::get('/people/audit', [PeopleController::class, 'audit'])->name('audit');
    });
    Route::middleware('can:manage,person')->group(function (): void {
        Route::put('/people/{person}/role', [PeopleController::class, 'role'])->middleware(PasswordAgain::class)->name('people.role');
        Route::post('/people/{person}/link', [PeopleController::class, 'link'])->middleware(PasswordAgain::class)->name('people.link');
        Route::post('/people/{person}/leave', [PeopleController::class, 'leave'])->name('people.leave');
        Route::post('/people/{person}/back', [PeopleController::class, 'back'])->name('people.back');
    });
    Route::get('/', [BenchController::class, 'show'])->middleware(ReckonFirst::class)->name('bench');
    Route::get('/find', FindController::class)->name('find');
    Route::get('/bench/hands', [BenchController::class, 'hands'])->name('bench.hands');
    Route::get('/bench/help', [HelpController::class, 'index'])->name('help');
    Route::post('/bench/help', [HelpController::class, 'store'])->name('help.store')->can('run', 'App\Models\Shop');
    Route::post('/bench/help/{call}', [HelpController::class, 'answer'])->name('help.answer')->can('answer', 'call');
    Route::post('/weigh/tare', [ScaleController::class, 'tare'])->name('weigh.tare')->can('run', 'App\Models\Shop');
    Route::get('/bench/evening', [BenchController::class, 'evening'])->name('bench.evening');

    Route::get('/parts', [PartController::class, 'index'])->middleware(ReckonFirst::class)->name('parts.index');
    Route::get('/parts/habits', HabitsController::class)->name('habits');
    Route::get('/parts/choose', ChooseController::class)->name('parts.choose')->can('run', 'App\Models\Shop');
    Route::get('/parts/new', [PartController::class, 'create'])->name('parts.create')->can('run', 'App\Models\Shop');
    // The form of a part that exists sends itself as PUT.
    Route::match(['post', 'put'], '/parts/answer', [PartController::class, 'answer'])->withoutMiddleware(KeepThePlan::class)
        ->name('parts.answer')->can('run', 'App\Models\Shop');
    Route::post('/parts', [PartController::class, 'store'])->name('parts.store')->can('run', 'App\Models\Shop');
    Route::get('/parts/{part}', PlanController::class)->middleware(ReckonFirst::class)->name('parts.show')->can('see', 'part');
    Route::get('/parts/{part}/edit', [PartController::class, 'edit'])->middleware(StaleForm::class.':parts.edit')->name('parts.edit')->can('change', 'part');
    Route::put('/parts/{part}', [PartController::class, 'update'])->middleware(StaleForm::class.':parts.edit')->name('parts.update')->can('change', 'part');
    Route::middleware('can:decide,part')->group(function (): void {
        Route::post('/parts/{part}/hold', [PartStateController::class, 'hold'])->name('parts.hold')->can('change', 'part');
        Route::post('/parts/{part}/cancel', [PartStateController::class, 'cancel'])->name('parts.cancel');
        Route::post('/parts/{part}/resume', [PartStateController::class, 'resume'])->name('parts.resume');
        Route::delete('/parts/{part}', [PartStateController::class, 'destroy'])->name('parts.destroy');
    });
    Route::put('/parts/{part}/choice', ChoiceController::class)->name('parts.choice')->can('work', 'part');
    Route::post('/parts/{part}/ways', WayController::class)->middleware(OneForAll::class)->name('ways.take')->can('work', 'part');
    Route::get('/parts/{part}/film', [FilmController::class, 'show'])->name('parts.film')->can('see', 'part');
    Route::post('/parts/{part}/film', [FilmController::class, 'store'])->name('film.store')->can('work', 'part');
    Route::get('/parts/{part}/sand', [SandController::class, 'show'])->name('parts.sand')->can('see', 'part');
    Route::post('/parts/{part}/sand/{step}', [SandController::class, 'decide'])->middleware(OneForAll::class)->name('sand.decide')->can('work', 'part');
    Route::post('/parts/{part}/sand/{step}/wait', [SandController::class, 'wait'])->middleware(OneForAll::class)->name('sand.wait')->can('work', 'part');
    Route::post('/parts/{part}/sand/{step}/change', [SandController::class, 'change'])->middleware(OneForAll::class)->name('sand.change')->can('work', 'part');
    Route::get('/parts/{part}/clear', [ClearController::class, 'show'])->name('parts.clear')->can('see', 'part');
    Route::post(
        '/parts/{part}/gloss',
        [ClearController::class, 'gloss'],
    )->withoutMiddleware(KeepThePlan::class)->name('gloss.store')->can('work', 'part');
    Route::get('/parts/{part}/inspect', [InspectController::class, 'show'])->name('parts.inspect')->can('see', 'part');
    Route::middleware('can:work,part')->group(function (): void {
        Route::post('/parts/{part}/found', [InspectController::class, 'found'])->withoutMiddleware(KeepThePlan::class)->middleware('throttle:photos')
            ->name('inspect.found');
        Route::post('/parts/{part}/looked', [InspectController::class, 'looked'])->middleware(OneForAll::class)->name('inspect.looked');
        Route::post('/parts/{part}/passed', [InspectController::class, 'passed'])->middleware(OneForAll::class)->name('inspect.passed');
        Route::post('/parts/{part}/weave', WeavePrintController::class)->withoutMiddleware(KeepThePlan::class)->middleware('throttle:photos')
            ->name('weave.read');
        Route::post('/parts/{part}/wrong', [InspectController::class, 'wrong'])->middleware(OneForAll::class)->name('inspect.wrong');
        Route::scopeBindings()->group(function (): void {
            Route::post('/parts/{part}/defects/{fact}/told', [DefectController::class, 'told'])->middleware(OneForAll::class)->name('defects.told');
            Route::post('/parts/{part}/defects/{fact}/way', [DefectController::class, 'take'])->middleware(OneForAll::class)->name('defects.take');
        });
    });
    Route::get('/parts/{part}/defects/{fact}', [DefectController::class, 'show'])->scopeBindings()
        ->name('defects.show')->can('see', 'part');
    Route::get('/photos/{photo}', PhotoController::class)->name('photos.show')->can('see', 'photo');
    Route::get('/parts/{part}/money', [MoneyController::class, 'show'])->name('parts.money')->can('work', 'part');
    Route::post('/parts/{part}/quotes', [MoneyController::class, 'store'])->name('quotes.store')->can('work', 'part');
    Route::delete('/parts/{part}/customer', [MoneyController::class, 'forget'])->name('quotes.forget')->can('work', 'part');
    Route::get('/quotes/{quote}.pdf', [MoneyController::class, 'pdf'])->name('quotes.pdf')->can('see', 'quote');
    Route::get('/parts/{part}/dispatch', DispatchController::class)->name('parts.dispatch')->can('see', 'part');
    Route::get('/parts/{part}/record', RecordController::class)->name('parts.record')->can('see', 'part');
    Route::post('/parts/{part}/facts', [FactController::class, 'store'])->middleware(OneForAll::class)->name('facts.store')->can('work', 'part');
    Route::post(
        '/parts/{part}/facts/{fact}/strike',
        [FactController::class, 'strike'],
    )->scopeBindings()->name('facts.strike')->can('work', 'part');
    Route::post('/parts/{part}/facts/{fact}/move', [PartStateController::class, 'move'])->scopeBindings()
        ->name('facts.move')->can('work', 'part');
    Route::post(
        '/parts/{part}/facts/{fact}/judge',
        [FactController::class, 'judge'],
    )->scopeBindings()->name('facts.judge')->can('work', 'part');
    Route::get('/parts/{part}/weigh/{step}', [WeighController::class, 'show'])->name('weigh')->can('work', 'part');
    Route::post('/parts/{part}/weigh/{step}', [WeighController::class, 'store'])->middleware(OneForAll::class)->name('weigh.store')->can('work', 'part');
    Route::post('/parts/{part}/weigh/{step}/swap', [WeighController::class, 'swap'])->name('weigh.swap')->can('work', 'part');
    Route::get('/parts/{part}/weigh/{step}/scale', [ScaleController::class, 'show'])->withoutMiddleware('throttle:acts')
        ->middleware('throttle:scale')->name('weigh.scale')->can('work', 'part');
    Route::post('/parts/{part}/weigh/{step}/scale', [ScaleController::class, 'countFromHere'])->name('weigh.from_here')->can('work', 'part');

    Route::post('/shop/filters', [FilterController::class, 'store'])->name('filters.store')->can('run', 'App\Models\Shop');

    Route::get('/practice', [PracticeController::class, 'index'])->name('practice')->can('run', 'App\Models\Shop');
    Route::post('/practice', [PracticeController::class, 'begin'])->name('practice.begin')->can('run', 'App\Models\Shop');
    Route::middleware('can:play,run')->group(function (): void {
        Route::get('/practice/{run}', [PracticeController::class, 'show'])->name('practice.show');
        Route::post('/practice/{run}/moves', [PracticeController::class, 'move'])->name('practice.move');
        Route::post('/practice/{run}/finish', [PracticeController::class, 'finish'])->name('practice.finish');
    });

    Route::post(
        '/plan/look',
        [OfferController::class, 'look'],
    )->withoutMiddleware(KeepThePlan::class)->name('offers.look')->can('run', 'App\Models\Shop');
    Route::post('/plan/offers/{offer}/take', [OfferController::class, 'take'])->name('offers.take')->can('decide', 'offer');
    Route::post('/plan/offers/{offer}/refuse', [OfferController::class, 'refuse'])->name('offers.refuse')->can('decide', 'offer');
    Route::get('/run-sheet', [RunSheetController::class, 'show'])->middleware(ReckonFirst::class)->name('run-sheet');
    Route::get('/run-sheet/reckon', [RunSheetController::class, 'reckon'])->name('run-sheet.reckon');
    Route::get('/run-sheet/{part}/{step}/range', [RunSheetController::class, 'range'])->name('run-sheet.range')->can('see', 'part');
    Route::get('/run-sheet/{part}/{step}/try', [RunSheetController::class, 'try'])->name('run-sheet.try')->can('work', 'part');
    Route::post('/run-sheet/{part}/{step}', [RunSheetController::class, 'pin'])->name('run-sheet.pin')->can('work', 'part');
    Route::delete('/run-sheet/{part}/{step}', [RunSheetController::class, 'unpin'])->name('run-sheet.unpin')->can('work', 'part');
    Route::post(
        '/run-sheet/{part}/{step}/climate',
        [RunSheetController::class, 'climate'],
    )->name('run-sheet.climate')->can('work', 'part');
    Route::post('/changes/seen', [RunSheetController::class, 'acknowledge'])->name('changes.seen')->can('run', 'App\Models\Shop');

    Route::get('/run-sheet/turn', [TurnController::class, 'show'])->name('turn')->can('run', 'App\Models\Shop');
    Route::post('/run-sheet/turn', [TurnController::class, 'take'])->name('turn.take')->can('run', 'App\Models\Shop');
    Route::get('/run-sheet.ics', [CalendarController::class, 'file'])->name('calendar.file');
    Route::post('/feeds', [CalendarController::class, 'open'])->name('feeds.open')->can('run', 'App\Models\Shop');
    Route::delete('/feeds/{feed}', [CalendarController::class, 'revoke'])->name('feeds.revoke')->can('revoke', 'feed');

    Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
    Route::get('/shelf/to-buy', [ShoppingController::class, 'show'])->name('shelf.shopping')->can('run', 'App\Models\Shop');
    Route::get('/shelf/to-buy.csv', [ShoppingController::class, 'csv'])->name('shelf.shopping.csv')->can('run', 'App\Models\Shop');
    Route::get('/shelf/materials.json', [MaterialsController::class, 'json'])->name('shelf.json');
    Route::get('/shelf/materials.schema.json', [MaterialsController::class, 'schema'])->name('shelf.schema');
    Route::post('/shelf/materials', [MaterialsController::class, 'import'])->name('shelf.import')->can('own', 'App\Models\Shop');
    Route::get('/shelf/{kind}.csv', [MaterialsController::class, 'csv'])->name('shelf.csv');
    Route::post('/shelf/{kind}/{id}/file', [SheetFileController::class, 'store'])->middleware('throttle:photos')
        ->name('sheet-files.store')->can('own', 'App\Models\Shop');
    Route::get('/sheet-files/{file}', [SheetFileController::class, 'show'])->name('sheet-files.show')->can('see', 'file');
    Route::get('/shelf/short/{form}', [ShelfController::class, 'short'])->name('shelf.short')->can('own', 'App\Models\Shop');
    Route::post('/shelf/{kind}/{id}/confirm', [ShelfController::class, 'confirm'])->name('shelf.confirm')->can('own', 'App\Models\Shop');
    Route::post('/shelf/{kind}/{id}/densities', [ShelfController::class, 'densities'])->name('shelf.densities')->can('own', 'App\Models\Shop');
    Route::get('/shelf/{kind}/new', [ShelfController::class, 'create'])->name('shelf.create')->can('own', 'App\Models\Shop');
    Route::post('/shelf/{kind}', [ShelfController::class, 'store'])->name('shelf.store')->can('own', 'App\Models\Shop');
    Route::get('/shelf/{kind}/{id}', [ShelfController::class, 'edit'])->name('shelf.edit');
    Route::post('/shelf/{kind}/{id}/lots', [LotController::class, 'store'])->name('lots.store')->can('run', 'App\Models\Shop');
    Route::post('/lots/{lot}', [LotController::class, 'change'])->name('lots.change')->can('work', 'lot');
    Route::put('/shelf/{kind}/{id}', [ShelfController::class, 'update'])->name('shelf.update')->can('own', 'App\Models\Shop');

    Route::get('/shop', [ShopController::class, 'edit'])->middleware(StaleForm::class.':shop.edit')->name('shop.edit');
    Route::get('/shop/money', [MoneyController::class, 'edit'])->middleware(StaleForm::class.':shop.money')->name('shop.money')->can('own', 'App\Models\Shop');
    Route::put('/shop/money', [MoneyController::class, 'update'])->middleware(StaleForm::class.':shop.money')->name('shop.money.update')->can('own', 'App\Models\Shop');
    Route::get('/shop/health', [HealthController::class, 'show'])->name('health')->can('own', 'App\Models\Shop');
    Route::post('/shop/health/seen', [HealthController::class, 'seen'])->name('health.seen')->can('own', 'App\Models\Shop');
    Route::post('/shop/usual', [ShopController::class, 'usual'])->name('shop.usual')->can('own', 'App\Models\Shop');
    Route::put('/shop', [ShopController::class, 'update'])->middleware(StaleForm::class.':shop.edit')->name('shop.update')->can('own', 'App\Models\Shop');
    Route::middleware('can:run,App\Models\Shop')->group(function (): void {
        Route::post('/hours', [HoursController::class, 'store'])->name('hours.store');
        Route::delete('/hours/{exception}', [HoursController::class, 'withdraw'])->name('hours.withdraw')->can('withdraw', 'exception');
        Route::post('/hours/home/{person}', [HoursController::class, 'home'])->middleware(OneForAll::class)->name('hours.home')->can('sendHome', 'person');
    });
    Route::get('/air', [AirController::class, 'show'])->name('air');
    Route::middleware('can:run,App\Models\Shop')->group(function (): void {
        Route::post('/air', [AirController::class, 'store'])->name('air.store');
        Route::delete('/air/{reading}', [AirController::class, 'takeBack'])->name('air.back')->can('takeBack', 'reading');
        Route::put('/air/probe', [AirController::class, 'probe'])->name('air.probe')->can('own', 'App\Models\Shop');
        Route::post('/air/poll', [AirController::class, 'poll'])->withoutMiddleware(KeepThePlan::class)->name('air.poll');
        Route::post('/air/file', [AirController::class, 'import'])->withoutMiddleware(KeepThePlan::class)->name('air.import');
        Route::delete('/air/forecast', [AirController::class, 'forgetForecast'])->name('air.forget');
    });
    Route::post('/clock/skip', ClockController::class)->name('clock.skip')->can('skipClock', 'App\Models\Shop');
});
