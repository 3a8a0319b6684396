<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AirReading;
use App\Models\HourException;
use App\Models\Part;
use App\Planning\Planner;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** Hours go through midnight, and no row that is stored, however it came there, makes a page fail. */
final class AnyRowTest extends ShopCase
{
    private const PAGES = ['/', '/parts', '/run-sheet', '/shop', '/air', '/shelf', '/run-sheet.ics', '/run-sheet/turn'];

    /** @return iterable<string, array{string, string}> */
    public static function nights(): iterable
    {
        yield 'to midnight' => ['08:00-24:00', '2027-03-12 23:59'];
        yield 'through it' => ['18:00-02:00', '2027-03-13 01:59'];
        yield 'from midnight' => ['00:00-06:00', '2027-03-12 05:59'];
    }

    #[DataProvider('nights')]
    public function testHoursPassMidnight(string $typed, string $stillThere): void
    {
        $this->partWithBuildCoat();
        $this->post('/hours', ['day' => '2027-03-12', 'who' => $this->user->id, 'spans' => $typed])->assertSessionHasNoErrors();
        $this->assertPages();

        $floor = app(Planner::class)->floor($this->shop->refresh());
        self::assertTrue($floor->crew->people[0]->isOpenAt($this->minute($stillThere)));
        self::assertFalse($floor->crew->people[0]->isOpenAt($this->minute($stillThere) + 1.0));
        $this->get('/shop?section=exceptions')->assertSee($typed);
        $this->delete('/hours/'.HourException::query()->sole()->id)->assertSessionHasNoErrors();
        self::assertNotNull(HourException::query()->sole()->getAttribute('withdrawn_at'));
    }

    public function testTheWeekAndAPersonsOwnHoursPassMidnightToo(): void
    {
        $hours = array_fill(1, 7, [['08:00', '12:00'], ['16:00', '01:30']]);
        $air = array_fill(1, 7, ['coldest_c' => 20, 'coldest_at' => '05:00', 'warmest_c' => 20, 'warmest_at' => '14:00']);
        $own = ['id' => $this->user->id, 'at_bench' => 1, 'own' => 1, 'days' => array_fill(1, 7, '20:00-24:00')];
        $this->put('/shop', ['hours' => $hours, 'air' => $air, 'people' => [$this->user->id => $own], 'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1])->assertSessionHasNoErrors();
        $this->assertPages();
        self::assertSame([[480, 720], [960, 1530]], $this->shop->refresh()->working_hours[3]);
        $this->get('/shop')->assertSee('value="01:30"', false);
        $this->get('/shop?section=hands')->assertSee('20:00-24:00');
        self::assertSame($this->minute('2027-03-11 00:00'), app(Planner::class)->floor($this->shop)->crew->people[0]->closesAfter($this->minute('2027-03-10 21:00')));

        $hours[2][1] = ['16:00', '09:00'];
        $this->put('/shop', ['hours' => $hours, 'air' => $air, 'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1])->assertSessionHasErrors('hours.2.1.0');
    }

    public function testStayingPastMidnightAndGoingHomeAfterIt(): void
    {
        $this->shop->update(['working_hours' => array_fill(1, 7, [['08:00', '23:00']])]);
        config(['oak.frozen_at' => '2027-03-10T21:30:00Z']);
        app()->forgetScopedInstances();
        $floor = app(Planner::class)->floor($this->shop->refresh());
        \App\Bench\Hours::alsoOpen($floor, $this->user, $this->minute('2027-03-10 23:00'), $this->minute('2027-03-11 01:15'), 'stays');
        $this->assertPages();
        self::assertSame([[480, 1515]], HourException::query()->sole()->spans);

        config(['oak.frozen_at' => '2027-03-10T23:30:00Z']);
        app()->forgetScopedInstances();
        $this->post("/hours/home/{$this->user->id}")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $person = app(Planner::class)->floor($this->shop->refresh())->crew->people[0];
        self::assertFalse($person->isOpenAt($this->minute('2027-03-11 00:31')));
        self::assertTrue($person->isOpenAt($this->minute('2027-03-11 00:15')), 'was there until then');
        self::assertTrue($person->isOpenAt($this->minute('2027-03-11 08:00')), 'and is back in the morning');
    }

    public function testSummerTimeLeavesTheDayCurveOnTheClock(): void
    {
        $curve = array_fill(1, 7, ['coldest_c' => 10.0, 'coldest_at' => '05:00', 'warmest_c' => 24.0, 'warmest_at' => '14:00']);
        $time = new \App\Time\ShopTime('Europe/Vienna');
        foreach (['2027-03-28', '2027-10-31', '2027-06-06'] as $day) {
            $air = $time->forecast($curve, [], $time->at("{$day} 00:00") - 1440.0, $time->at("{$day} 00:00") + 2880.0);
            self::assertEqualsWithDelta(24.0, $air->at($time->at("{$day} 14:00")), 1e-9, $day);
            self::assertEqualsWithDelta(10.0, $air->at($time->at("{$day} 05:00")), 1e-9, $day);
        }
        // Half past two is not on the wall that night, and is twice half a year later.
        self::assertCount(1, $time->workingTime(array_fill(1, 7, [[0, 1440]]), $time->at('2027-03-27 00:00'), $time->at('2027-03-29 00:00'))->windows);
        self::assertSame(5.0 * 60.0, $this->lengthOf($time->workingTime([7 => [[0, 360]]], $time->at('2027-03-28 00:00'), $time->at('2027-03-28 12:00'))->windows));
        self::assertSame(7.0 * 60.0, $this->lengthOf($time->workingTime([7 => [[0, 360]]], $time->at('2027-10-31 00:00'), $time->at('2027-10-31 12:00'))->windows));
    }

    /** @return iterable<string, array{\Closure(self): mixed, string|null}> */
    public static function rows(): iterable
    {
        yield from Thorough::cases(self::everyRow());
    }

    /** @return iterable<string, array{\Closure(self): mixed, string|null}> */
    private static function everyRow(): iterable
    {
        $typed = fn (mixed $points): \Closure => fn (self $t) => DB::table('shops')->update(['typed_air' => json_encode($points)]);
        yield 'one point for tomorrow' => [$typed([['at' => '2027-03-11 10:00', 'c' => 12.0]]), null];
        yield 'a point in year 9999' => [$typed([['at' => '9999-12-31 23:59', 'c' => 12.0]]), null];
        yield 'a point in year 1' => [$typed([['at' => '0001-01-01 00:00', 'c' => 12.0]]), null];
        yield 'a point that is none' => [$typed([['at' => 'soon', 'c' => 'warm'], 7, null]), 'typed point'];
        yield 'no points at all' => [$typed(null), null];
        yield 'points far from each other' => [$typed([['at' => '2026-04-01 10:00', 'c' => 2.0], ['at' => '2028-11-01 10:00', 'c' => 2.0]]), null];
        yield 'hours that run backward' => [fn (self $t) => DB::table('shops')->update(['working_hours' => json_encode(array_fill(1, 7, [['18:00', '08:00']]))]), null];
        yield 'hours without a length' => [fn (self $t) => DB::table('shops')->update(['working_hours' => json_encode(array_fill(1, 7, [['08:00', '08:00'], ['09:00', '17:00']]))]), 'hours of the shop, Monday'];
        yield 'hours that are none' => [fn (self $t) => DB::table('shops')->update(['working_hours' => json_encode(['x' => 'late', 3 => [['8', true], [1, 99999]]])]), 'hours of the shop, Wednesday'];
        yield 'no hours' => [fn (self $t) => DB::table('shops')->update(['working_hours' => '[]']), null];
        yield 'a person\'s hours that are none' => [fn (self $t) => DB::table('users')->update(['hours' => json_encode([1 => 'nine to five'])]), 'hours of Ada Sample, Monday'];
        foreach (['"late"', '[["23:00","23:00"]]', '[[5]]', '[["25:99","x"]]', 'null', '{"a":1}'] as $spans) {
            yield "other hours {$spans}" => [fn (self $t) => DB::table('hour_exceptions')->insert(['shop_id' => $t->shop->id, 'day' => '2027-03-11', 'spans' => $spans, 'made_by_id' => $t->user->id]), $spans === 'null' ? null : 'other hours on 2027-03-11'];
        }
        yield 'other hours in year 9999' => [fn (self $t) => DB::table('hour_exceptions')->insert(['shop_id' => $t->shop->id, 'day' => '9999-12-31', 'spans' => '[[480,600]]', 'made_by_id' => $t->user->id]), null];
        yield 'a day that is none' => [fn (self $t) => DB::table('hour_exceptions')->insert(['shop_id' => $t->shop->id, 'day' => '2027-13-45', 'spans' => '[[480,600]]', 'made_by_id' => $t->user->id]), null];
        yield 'day curves that are none' => [fn (self $t) => DB::table('shops')->update(['day_curves' => json_encode([1 => ['coldest_c' => 30, 'coldest_at' => '05:00', 'warmest_c' => 10, 'warmest_at' => '14:00'], 2 => 'mild'])]), 'day curve of Monday'];
        foreach (['zone' => '5', 'cup_loss_g' => -1, 'scale_step_g' => 0, 'target_burn_through' => 1e30, 'unrest_min' => 'x', 'cool_place_c' => 1e30, 'working_hours' => '"x"', 'day_curves' => '{"a":', 'things' => '7', 'tools' => '{'] as $column => $value) {
            yield "the shop's {$column} is {$value}" => [fn (self $t) => DB::table('shops')->update([$column => $value]), "{$column} of the shop"];
        }
        foreach (['clock_offset_s' => 999999999999, 'probe_asked_at' => 'soon', 'print_through' => 'x'] as $column => $value) {
            yield "the shop's {$column} is {$value}" => [fn (self $t) => DB::table('shops')->update([$column => $value]), null];
        }
        yield 'a role that is none' => [fn (self $t) => DB::table('users')->insert(['shop_id' => $t->shop->id, 'name' => 'X', 'initials' => 'X', 'email' => 'x@x.example', 'password' => 'x', 'role' => 'king', 'hours' => '5']), 'hours of X'];
        yield 'things without a number' => [fn (self $t) => DB::table('shops')->update(['things' => '{"booth":"two","warm_box":null}']), null];
        foreach ([['2031-01-01 00:00:00', 20.0], ['0001-01-01 00:00:00', 20.0], ['9999-12-31 23:59:59', 20.0], ['2027-03-10 15:00:00', 1e30], ['2027-03-10 15:00:00', -500.0]] as [$at, $c]) {
            yield "a reading of {$c} °C at {$at}" => [fn (self $t) => AirReading::query()->create(['shop_id' => $t->shop->id, 'source' => 'probe', 'measured_at' => $at, 'air_c' => $c]), null];
        }
        foreach (['9999-12-31 23:59:59', '0001-01-01 00:00:00'] as $at) {
            yield "a part needed by {$at}" => [fn (self $t) => DB::table('parts')->update(['needed_by' => $at]), null];
        }
        yield 'a part of no shape' => [fn (self $t) => DB::table('parts')->where('letter', 'K')->update(['shape' => 'cloud']), 'K Test fender'];
        yield 'a part without a size' => [fn (self $t) => DB::table('parts')->where('letter', 'K')->update(['sizes' => '{"length":-1}']), 'K Test fender'];
        yield 'a resin without a sheet' => [fn (self $t) => DB::table('resins')->where('name', 'like', 'Tarn%medium%')->update(['tack_from_age_min' => -5]), 'K Test fender'];
        yield 'a fact without data' => [fn (self $t) => DB::table('facts')->insert(['part_id' => Part::query()->where('letter', 'K')->sole()->id, 'user_id' => $t->user->id, 'kind' => 'coat_on', 'step' => 'build-2', 'happened_at' => '2027-03-10 15:00:00', 'recorded_at' => '2027-03-10 15:00:00', 'data' => '"x"', 'token' => 'odd']), 'K Test fender'];
        yield 'a fact of no kind' => [fn (self $t) => DB::table('facts')->insert(['part_id' => Part::query()->where('letter', 'K')->sole()->id, 'user_id' => $t->user->id, 'kind' => 'sung', 'step' => 'build-2', 'happened_at' => '2027-03-10 15:00:00', 'recorded_at' => '2027-03-10 15:00:00', 'data' => '{}', 'token' => 'odd']), 'K Test fender'];
        foreach (['9999-12-31 23:59:59', '0001-01-01 00:00:00', 'soon'] as $at) {
            yield "a coat that went on {$at}" => [fn (self $t) => DB::table('facts')->insert(['part_id' => Part::query()->where('letter', 'K')->sole()->id, 'user_id' => $t->user->id, 'kind' => 'coat_on', 'step' => 'build-2', 'happened_at' => $at, 'recorded_at' => '2027-03-10 15:00:00', 'data' => '{}', 'token' => 'odd']), 'K Test fender'];
        }
        yield 'a pin in year 9999' => [fn (self $t) => $t->fact(Part::query()->where('letter', 'K')->sole(), 'decided', 'build-2', self::NOW, ['at' => 4.2e9]), null];
        yield 'a box in year 9999' => [fn (self $t) => $t->fact(Part::query()->where('letter', 'K')->sole(), 'warmed', 'build-2', self::NOW, ['kind' => 'warm_box', 'from' => 4.2e9, 'until' => 4.3e9, 'c' => 35]), null];
    }

    /** @param \Closure(self): mixed $put */
    #[DataProvider('rows')]
    public function testNoRowStopsAPage(\Closure $put, ?string $named): void
    {
        $this->partWithBuildCoat();
        $this->makePart(['letter' => 'L', 'name' => 'Other fender', 'base_resin_id' => $this->otherResin(), 'skin_resin_id' => $this->otherResin()]);
        $this->keep();
        $put($this);
        $this->user->refresh()->load('shop');

        $this->assertPages();
        // Where no part is left out, the plan of one stands for both.
        foreach (Part::query()->when($named !== 'K Test fender', fn (Builder $parts) => $parts->where('letter', 'K'))->get() as $part) {
            foreach ($named === 'K Test fender' ? ['', '/edit', '/film', '/sand', '/clear', '/record', ...(Thorough::isLong() ? ['?priced=1'] : [])] : [''] as $room) {
                $this->assertContains($this->get("/parts/{$part->id}{$room}")->status(), [200, 302, 403, 422], "{$part->letter}{$room}");
            }
        }
        if ($named !== null) {
            $this->get('/')->assertSee(__('bench.left_out'))->assertSee($named);
        }
        $this->post('/air', ['air_c' => '19', 'rh_percent' => '50'])->assertSessionHasNoErrors();
        $this->get('/')->assertSee('Other fender');
    }

    public function testASheetFromWhichNothingCanBeReckonedIsNamedOnItsPage(): void
    {
        $id = $this->otherResin();
        foreach (['hardener_phr' => -1, 'tack_from_age_min' => 1e30, 'reference_c' => 1e30, 'sheet' => '{"a":{"b":[]}}', 'chemistry' => 'x'] as $column => $value) {
            DB::table('resins')->where('id', $id)->update([$column => $value]);
            app()->forgetScopedInstances();
            $this->get("/shelf/resins/{$id}")->assertOk()->assertSee('Nothing can be reckoned from this data sheet');
            $this->get('/parts/choose')->assertOk();
            $this->get('/shelf')->assertOk();
        }
    }

    public function testTypedPointsFarApartLeaveTheDayCurveBetweenThem(): void
    {
        $this->shop->update(['typed_air' => [['at' => '2027-03-10 20:00', 'c' => 5.0], ['at' => '2027-03-14 20:00', 'c' => 5.0], ['at' => '2027-03-14 23:00', 'c' => 5.0]]]);
        $floor = app(Planner::class)->floor($this->shop->refresh());
        self::assertEqualsWithDelta(20.0, $floor->dayCurve->at($this->minute('2027-03-12 14:00')), 1e-9);
        self::assertEqualsWithDelta(5.0, $floor->dayCurve->at($this->minute('2027-03-14 21:30')), 1e-9);
    }

    private function otherResin(): int
    {
        return (int) DB::table('resins')->where('shop_id', $this->shop->id)->where('name', 'not like', 'Tarn%medium%')->where('chemistry', 'epoxy')->orderBy('id')->value('id');
    }

    private function assertPages(): void
    {
        foreach (self::PAGES as $page) {
            app()->forgetScopedInstances();
            self::assertSame(200, $this->get($page)->status(), $page);
        }
        app()->forgetScopedInstances();
    }

    /** @param list<array{float, float}> $windows */
    private function lengthOf(array $windows): float
    {
        return $windows[0][1] - $windows[0][0];
    }
}
