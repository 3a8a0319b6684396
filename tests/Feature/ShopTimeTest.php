<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\ClosingTime;
use App\Bench\WindowOption;
use App\Models\Feed;
use App\Models\HourException;
use App\Models\KeptPlan;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Planning\CheckStands;
use App\Planning\PaceBook;
use App\Planning\PlanKeeper;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\Trials;
use App\Words\FreeHands;
use App\Words\Spans;
use Carbon\CarbonImmutable;
use OakGloss\Cure\ShopPace;
use OakGloss\Schedule\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Reader;

/** The run sheet of the whole shop, the evening, the calendar, the window turned round and the shop's pace. */
final class ShopTimeTest extends ShopCase
{
    public function testNoTwoPartsWantTheSameHandsAtOnce(): void
    {
        $this->partWithBuildCoat();
        $this->makePart(['letter' => 'L']);
        $this->makePart(['letter' => 'M', 'priority' => 'high']);
        $taken = [];
        foreach ($this->plans() as $plan) {
            foreach ($plan->schedule->steps() as $step) {
                $taken[] = [$step->startMin, $step->endMin];
            }
        }
        sort($taken);
        self::assertGreaterThan(50, count($taken));
        foreach (array_slice($taken, 1) as $i => [$start]) {
            self::assertGreaterThanOrEqual($taken[$i][1], $start);
        }
        $this->get('/run-sheet?span=2w')->assertOk()->assertSee(__('sheet.as_list'))->assertSee('data-step="polish"', false);
    }

    public function testASecondPairOfHandsBringsPartsSooner(): void
    {
        $parts = array_map(fn (string $letter): Part => $this->makePart(['letter' => $letter]), ['A', 'B', 'C', 'D']);
        $ready = fn (): float => array_sum(array_map(fn (PlannedPart $p): float => $p->schedule->readyMin() ?? INF, $this->plans()));
        $alone = $ready();
        $this->makeUser($this->shop, 'bo@sample.example');
        self::assertLessThan($alone, $ready());
        self::assertCount(4, $parts);
    }

    public function testALargeClothWaitsForTwoOrSaysThatItIsAlone(): void
    {
        $big = $this->makePart(['sizes' => ['length' => 1500, 'top' => 800, 'flank' => 500, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 3]]);
        self::assertContains('schedule.alone', array_map(fn ($f): string => $f->code, $this->planned($big)->schedule->findings()));
        $this->makeUser($this->shop, 'bo@sample.example')->update(['hours' => array_fill(1, 7, [['09:00', '14:00']])]);
        $lay = $this->planned($big)->schedule->slot('lay');
        self::assertCount(2, $lay->people ?? []);
        self::assertGreaterThanOrEqual(9 * 60, (int) (new \App\Time\ShopTime('Europe/Vienna'))->local($lay->startMin ?? 0.0)->secondsSinceMidnight() / 60);
    }

    public function testAStepIsTriedPinnedAndFreedAgain(): void
    {
        $part = $this->partWithBuildCoat();
        $other = $this->makePart(['letter' => 'L']);
        $at = $this->minute('2027-03-11 10:00');
        $before = PartFact::query()->count();
        $this->get("/run-sheet/{$part->id}/build-2/try?at={$at}&span=1d")->assertOk()->assertSee(__('sheet.accept'))->assertSee('Put back')->assertSee('key first');
        self::assertSame($before, PartFact::query()->count(), 'a trial keeps nothing');
        $this->post("/run-sheet/{$part->id}/build-2", ['at' => $at])->assertRedirect()->assertSessionHasNoErrors();
        self::assertSame($at, $this->planned($part)->schedule->slot('build-2')?->startMin);
        app()->forgetScopedInstances();
        $this->get("/run-sheet?step={$part->id}:build-2")->assertSee('Unpin');
        $this->delete("/run-sheet/{$part->id}/build-2")->assertRedirect();
        self::assertLessThan($at, $this->planned($part)->schedule->slot('build-2')?->startMin);
        app()->forgetScopedInstances();
        $this->post("/run-sheet/{$part->id}/build-2", ['at' => $this->minute('2027-03-10 09:00')])->assertSessionHasErrors('act');
        $this->post("/run-sheet/{$part->id}/build-2", ['at' => $this->minute('2031-03-10 09:00')])->assertSessionHasErrors('act');
        $this->post("/run-sheet/{$part->id}/strip", ['at' => $at])->assertSessionHasErrors('act');
        $this->get("/run-sheet/{$other->id}/nothing/range")->assertNotFound();
    }

    public function testTheRangeIsWhereTheTrialHasAPlace(): void
    {
        $part = $this->partWithBuildCoat();
        $planned = $this->planned($part);
        $ranges = app(Trials::class)->startsOf($planned, 'build-2');
        self::assertContains('bonded', array_column($ranges, 'way'));
        self::assertContains('keyed', array_column($ranges, 'way'));
        foreach (array_slice($ranges, 0, 3) as $range) {
            app()->forgetScopedInstances();
            $this->get("/run-sheet/{$part->id}/build-2/try?at={$range['until']}")->assertDontSee('It has no place there');
        }
        $this->get("/run-sheet/{$part->id}/build-2/try?at={$this->minute('2027-03-10 21:00')}")->assertSee('It has no place there')->assertSee(__('sheet.because.before'));
        $this->get("/run-sheet/{$part->id}/build-2/range?span=1d")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->assertSee('may-start is-bonded', false);
    }

    public function testAnothersPartIsNobodysToMove(): void
    {
        $foreign = $this->makeShop('Other Works');
        $part = $this->makePart();
        $this->actingAs($this->makeUser($foreign, 'eve@other.example'));
        $this->get("/run-sheet/{$part->id}/strip/range")->assertForbidden();
        $this->post("/run-sheet/{$part->id}/strip", ['at' => $this->minute('2027-03-11 10:00')])->assertForbidden();
        $this->post("/parts/{$part->id}/ways", ['way' => 'key'])->assertForbidden();
    }

    public function testAReplanIsNeverSilent(): void
    {
        $part = $this->partWithBuildCoat();
        $this->keep();
        self::assertSame([], app(PlanKeeper::class)->unseen($this->shop));
        $this->shop->update(['working_hours' => array_fill(1, 7, [['10:00', '14:00']])]);
        $this->keep();
        $changes = app(PlanKeeper::class)->unseen($this->shop);
        self::assertSame([[$part->id, 'shop']], array_map(fn (array $c): array => [$c['part'], $c['because']], $changes));
        app()->forgetScopedInstances();
        $this->get('/')->assertSee('What changed')->assertSee('numbers changed');
        $this->post('/changes/seen')->assertRedirect();
        app()->forgetScopedInstances();
        $this->get('/')->assertDontSee('What changed');
        self::assertSame(2, KeptPlan::query()->count());
    }

    /** @return iterable<string, array{\Closure(self): mixed, string, string}> */
    public static function causes(): iterable
    {
        yield 'a coat that is hard already' => [fn (self $t) => $t->act(Part::query()->where('letter', 'K')->firstOrFail(), 'touched', 'build-1', ['touch' => 'hard']), 'K', 'fact'];
        yield 'a person who stays away' => [fn (self $t) => $t->post('/hours', ['day' => '2027-03-11', 'spans' => '']), 'L', 'hours'];
        yield 'a colder night' => [fn (self $t) => $t->post('/air', ['air_c' => 2, 'sure' => 'air_c:2']), 'K', 'colder'];
        yield 'a part that comes in and cannot wait' => [fn (self $t) => $t->makePart(['letter' => 'N', 'priority' => 'high', 'needed_by' => CarbonImmutable::parse('2027-03-13 12:00')]), 'L', 'new'];
    }

    /** @param \Closure(self): mixed $happens */
    #[DataProvider('causes')]
    public function testADifferenceSaysWhatItComesFrom(\Closure $happens, string $letter, string $because): void
    {
        // So many coats that one more on a day costs a day.
        $this->partWithBuildCoat()->update(['build_coats' => 7]);
        $this->makePart(['letter' => 'L']);
        $this->keep();
        $happens($this);
        $this->keep();
        $found = array_column(app(PlanKeeper::class)->unseen($this->shop), 'because', 'letter');
        self::assertSame($because, $found[$letter] ?? null, json_encode($found) ?: '');
    }

    public function testWhoWentHomeHasNoStepTodayAndComesBackWhenItIsWithdrawn(): void
    {
        $part = $this->makePart(['covering' => 'vinyl']);
        self::assertSame('2027-03-10', $this->startOf($part, 'strip'));
        $this->post("/hours/home/{$this->user->id}")->assertRedirect('/');
        self::assertSame('2027-03-11', $this->startOf($part, 'strip'));
        $exception = HourException::query()->sole();
        self::assertSame('08:00-16:34', Spans::words($exception->spans));
        app()->forgetScopedInstances();
        $this->delete("/hours/{$exception->id}");
        self::assertSame('2027-03-10', $this->startOf($part, 'strip'));
        self::assertSame(1, HourException::query()->count(), 'withdrawn, not deleted');
    }

    public function testPeopleAndThingsAreKeptFromTheShopsForm(): void
    {
        $bo = $this->makeUser($this->shop, 'bo@sample.example');
        $form = fn (array $people): array => ['hours' => array_fill(1, 7, [['08:00', '18:00'], [null, null]]), 'air' => $this->shop->day_curves, 'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1, 'things' => ['booth' => 2, 'kiln' => 3], 'cool_place_c' => 6, 'people' => $people];
        $this->put('/shop', $form([$this->user->id => ['id' => $this->user->id], $bo->id => ['id' => $bo->id]]))->assertSessionHasErrors('people');
        $this->put('/shop', $form([$bo->id => ['id' => $bo->id, 'at_bench' => '1', 'own' => '1', 'days' => [2 => '9 to 5']]]))->assertSessionHasErrors("people.{$bo->id}.days.2");
        $this->put('/shop', $form([$this->user->id => ['id' => $this->user->id, 'at_bench' => '1'], $bo->id => ['id' => $bo->id, 'at_bench' => '1', 'own' => '1', 'days' => [2 => '09:00-12:00, 13:00 to 16:30']]]))->assertSessionHasNoErrors();
        self::assertSame('09:00-12:00, 13:00-16:30', Spans::words($bo->refresh()->hours[2] ?? null));
        self::assertNull($this->user->refresh()->hours);
        self::assertSame([2, 6.0, false], [$this->shop->refresh()->things['booth'], $this->shop->cool_place_c, isset($this->shop->things['kiln'])]);
        $this->get('/shop?section=hands')->assertSee('09:00-12:00, 13:00-16:30');
    }

    public function testADayWithOtherHoursIsTypedAndRefusedAtItsField(): void
    {
        $part = $this->makePart();
        $this->post('/hours', ['day' => '2027-03-10', 'spans' => '08:00-12:00, 11:00-13:00'])->assertSessionHasErrors('spans');
        $this->post('/hours', ['day' => '2027-03-10', 'spans' => 'all day'])->assertSessionHasErrors('spans');
        $this->post('/hours', ['day' => '2027-03-10', 'spans' => '', 'because' => 'fair'])->assertSessionHasNoErrors();
        self::assertSame('2027-03-11', $this->startOf($part, 'strip'));
    }

    /** @return iterable<string, array{string}> */
    public static function ways(): iterable
    {
        foreach (['warm', 'stay', 'cool', 'key', 'tomorrow'] as $way) {
            yield $way => [$way];
        }
    }

    #[DataProvider('ways')]
    public function testEachWayOutOfTheNightIsPricedAndTaken(string $code): void
    {
        $part = match ($code) {
            'cool' => $this->coolEvening(),
            'tomorrow' => $this->evening('13:50'),
            default => $this->evening(),
        };
        $case = app(ClosingTime::class)->cases($this->shop)[0] ?? self::fail('no window falls into the night');
        self::assertGreaterThan($this->minute('2027-03-10 18:00'), $case['opens']);
        $way = app(ClosingTime::class)->way($part->setRelation('shop', $this->shop), $code);
        self::assertInstanceOf(WindowOption::class, $way, "{$code} is not offered");
        $this->get('/bench/evening')->assertSee(__('bench.before_closing', ['at' => '18:00']));
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/ways", ['way' => $code])->assertRedirect('/')->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        $time = $planned->schedule->slot($case['step']) ?? self::fail('no slot');
        self::assertSame($code === 'key' ? Way::Keyed : Way::Bonded, $time->way);
        self::assertEqualsWithDelta($way->atMin, $time->startMin, 15.0);
        self::assertEqualsWithDelta($way->readyMin, $planned->schedule->readyMin(), 60.0);
        match ($code) {
            'warm' => self::assertLessThanOrEqual($this->minute('2027-03-10 18:00'), $time->endMin),
            'stay' => self::assertSame('08:00-'.(new \App\Time\ShopTime('Europe/Vienna'))->local($way->untilMin ?? 0.0)->format('H:i'), Spans::words(HourException::query()->sole()->spans)),
            default => self::assertGreaterThanOrEqual($this->minute('2027-03-11 08:00'), $time->startMin),
        };
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/record")->assertOk();
    }

    public function testAFullWarmBoxIsNotOffered(): void
    {
        $part = $this->evening();
        $this->shop->update(['things' => ['warm_box' => 0, 'heat_lamp' => 0] + $this->shop->things]);
        app()->forgetScopedInstances();
        self::assertNull(app(ClosingTime::class)->way($part->setRelation('shop', $this->shop->refresh()), 'warm'));
        $this->post("/parts/{$part->id}/ways", ['way' => 'warm'])->assertSessionHasErrors('act');
    }

    public function testAnotherAirIsPlannedWithinWhatThePartBears(): void
    {
        $part = $this->evening();
        $part->update(['substrate' => 'pla']);
        $opens = fn (): float => $this->planned($part)->next->window->opens->expectedMin ?? INF;
        $before = $opens();
        $form = ['kind' => 'heat_lamp', 'from' => '2027-03-10T16:35', 'until' => '2027-03-10T18:00', 'c' => '44'];
        $this->post("/run-sheet/{$part->id}/build-2/climate", $form)->assertSessionHasErrorsIn('climate', 'c');
        $this->post("/run-sheet/{$part->id}/build-2/climate", ['until' => '2027-03-10T16:00'] + $form)->assertSessionHasErrorsIn('climate', 'until');
        $this->post("/run-sheet/{$part->id}/build-2/climate", ['c' => '34'] + $form)->assertSessionHasNoErrors();
        self::assertLessThan($before - 15.0, $opens());
        app()->forgetScopedInstances();
        $other = $this->partWithBuildCoat('2027-03-10 16:00');
        $this->post("/run-sheet/{$other->id}/build-2/climate", ['c' => '34'] + $form)->assertSessionHasErrorsIn('climate', 'kind');
        $this->get("/run-sheet?step={$part->id}:build-2")->assertSee('Heat lamp, to 40 °C');
        $this->get("/parts/{$part->id}/record")->assertSee('heat lamp at 34 °C');
    }

    public function testTheNightSaysWhatItsColdDoes(): void
    {
        $this->shop->update(['day_curves' => array_fill(1, 7, ['coldest_c' => 8.0, 'coldest_at' => '05:00', 'warmest_c' => 18.0, 'warmest_at' => '14:00'])]);
        $this->evening();
        $this->get('/bench/evening')->assertSee('if it stayed at 20 °C')->assertSee('Full cure')->assertSee('it stands still');
    }

    public function testTheCalendarIsValidAndAlarmed(): void
    {
        $this->partWithBuildCoat();
        $this->makePart(['letter' => 'L']);
        app()->forgetScopedInstances();
        $file = $this->get('/run-sheet.ics')->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $calendar = Reader::read((string) $file->getContent());
        self::assertSame([], array_map(fn (array $w): string => $w['message'], $calendar->validate()));
        $events = $calendar->select('VEVENT');
        self::assertGreaterThan(20, count($events));
        $windows = array_values(array_filter($events, fn ($e): bool => str_starts_with((string) $e->UID, 'part-') && str_contains((string) $e->UID, '-window-')));
        self::assertCount(2, $windows[0]->select('VALARM'));
        self::assertSame(count($events), count(array_unique(array_map(fn ($e): string => (string) $e->UID, $events))));
    }

    public function testAPrivateFeedIsReadWithoutALoginUntilItIsRevoked(): void
    {
        $this->partWithBuildCoat();
        $this->post('/feeds')->assertSessionHas('feed');
        $address = session('feed');
        $path = (string) parse_url((string) $address, PHP_URL_PATH);
        self::assertStringNotContainsString(substr($path, 10, 40), json_encode(Feed::query()->sole()->getAttributes()) ?: '');
        auth()->logout();
        app()->forgetScopedInstances();
        self::assertSame([], Reader::read((string) $this->get($path)->assertOk()->getContent())->validate());
        $feed = Feed::query()->sole();
        self::assertNotNull($feed->last_read_at);
        $this->actingAs($this->makeUser($this->shop, 'bo@sample.example'))->delete("/feeds/{$feed->id}")->assertForbidden();
        $this->actingAs($this->user)->delete("/feeds/{$feed->id}")->assertRedirect();
        auth()->logout();
        $this->get($path)->assertNotFound();
        $this->get('/calendar/'.str_repeat('a', 40).'.ics')->assertNotFound();
    }

    /** @return iterable<string, array{string, list<array{string, string}>}> */
    public static function freeHands(): iterable
    {
        yield 'two spans of a day' => ['tomorrow 13:00 to 14:30 and after 16:00', [['03-11 13:00', '03-11 14:30'], ['03-11 16:00', '03-11 22:00']]];
        yield 'now is not before now' => ['today 16:00-18:00', [['03-10 16:34', '03-10 18:00']]];
        yield 'weekdays' => ['Fri from 9:00 till 10:00, sat before 9.30', [['03-12 09:00', '03-12 10:00'], ['03-13 06:00', '03-13 09:30']]];
        yield 'a weekday that is today' => ['wed after 20:00', [['03-10 20:00', '03-10 22:00']]];
    }

    /** @param list<array{string, string}> $spans */
    #[DataProvider('freeHands')]
    public function testFreeHandsAreReadAsTheyAreSaid(string $words, array $spans): void
    {
        $time = new \App\Time\ShopTime('Europe/Vienna');
        self::assertSame($spans, array_map(fn (array $s): array => [$time->local($s[0])->format('m-d H:i'), $time->local($s[1])->format('m-d H:i')], FreeHands::read($words, $time, $this->minute(self::NOW))));
    }

    public function testWhatCantBeReadIsSaidAndKeptInItsField(): void
    {
        $this->partWithBuildCoat();
        foreach (['when I can', 'today 18:00 to 17:00', 'today 25:00 to 26:00', 'today 9:00 to 10:00'] as $words) {
            app()->forgetScopedInstances();
            $this->get('/run-sheet/turn?'.http_build_query(['free' => $words]))->assertOk()->assertSee($words)->assertSee('is-wrong', false);
        }
    }

    public function testAWayThatTurnsTheWindowIsTakenWithOneTap(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 14:30');
        $query = ['free' => 'today 16:30 to 17:30 and 19:00 to 20:00', 'part' => $part->id];
        $this->get('/run-sheet/turn?'.http_build_query($query))->assertOk()->assertSee('Take it')->assertSee('sure');
        app()->forgetScopedInstances();
        $this->post('/run-sheet/turn', $query + ['way' => 0])->assertRedirect()->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        self::assertSame(Way::Bonded, $planned->schedule->slot('build-3')?->way);
        self::assertGreaterThanOrEqual($this->minute('2027-03-10 19:00'), $planned->schedule->slot('build-3')->startMin);
        self::assertLessThanOrEqual($this->minute('2027-03-10 20:00'), $planned->schedule->slot('build-3')->endMin);
        self::assertSame('comes for a window', HourException::query()->sole()->because);
        $this->post('/run-sheet/turn', ['free' => 'now and then', 'part' => $part->id, 'way' => 0])->assertSessionHasErrors('act');
    }

    public function testPartsAtTheSameStageShareACup(): void
    {
        $one = $this->partWithBuildCoat('2027-03-10 14:30');
        $two = $this->partWithBuildCoat('2027-03-10 14:40');
        $two->update(['letter' => 'P']);
        app()->forgetScopedInstances();
        $query = ['free' => 'today 16:30 to 17:40 and 19:00 to 21:00', 'part' => $one->id, 'pool' => 1];
        $this->get('/run-sheet/turn?'.http_build_query($query))->assertSee(__('turn.pool', ['letters' => 'K, P']));
        app()->forgetScopedInstances();
        $this->post('/run-sheet/turn', $query + ['way' => 0])->assertSessionHasNoErrors();
        [$a, $b] = array_map(fn (Part $p): float => $this->planned($p)->schedule->slot('build-2')->startMin ?? INF, [$one, $two]);
        self::assertGreaterThan(0.0, $b - $a);
        self::assertLessThan(30.0, $b - $a);
    }

    public function testChecksAtTheBenchSetTheResinsPace(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $row = $part->skinResin;
        self::assertNull(app(PaceBook::class)->pace($row));
        $this->act($part, 'touched', 'build-1', ['touch' => 'too_wet'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $check = app(PaceBook::class)->checks($row)[0];
        self::assertSame(CheckStands::Counts, $check->stands);
        self::assertGreaterThan(1.0, $this->pace($row)->factor, 'still wet: slower than the sheet');
        $this->get("/shelf/resins/{$row->id}")->assertSee('slower than its data sheet')->assertSee('one check');
        $this->post("/parts/{$part->id}/facts/{$check->fact->id}/judge", ['counts' => 0])->assertSessionHasErrors('reason');
        $this->post("/parts/{$part->id}/facts/{$check->fact->id}/judge", ['counts' => 0, 'reason' => 'wrong patch'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertSame(CheckStands::LeftOut, app(PaceBook::class)->checks($row)[0]->stands);
        self::assertEqualsWithDelta(1.0, $this->pace($row)->factor, 1e-9);
        $this->get("/shelf/resins/{$row->id}")->assertSee('left out: wrong patch');
    }

    private function pace(Resin $row): ShopPace
    {
        return app(PaceBook::class)->pace($row) ?? self::fail('no pace');
    }

    public function testACheckThatIsFarOffAsksAndCountsOnlyWhenToldTo(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:00');
        $row = $part->skinResin;
        $this->act($part, 'touched', 'build-1', ['touch' => 'too_wet'])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $check = app(PaceBook::class)->checks($row)[0];
        self::assertSame(CheckStands::Asks, $check->stands);
        self::assertLessThan(0.002, $check->likelihood);
        self::assertEqualsWithDelta(1.0, app(PaceBook::class)->pace($row)?->factor, 1e-9);
        $this->get("/shelf/resins/{$row->id}")->assertSee('Is the ratio, the mix or the probe wrong?');
        $this->post("/parts/{$part->id}/facts/{$check->fact->id}/judge", ['counts' => 1]);
        app()->forgetScopedInstances();
        self::assertGreaterThan(1.1, app(PaceBook::class)->pace($row)?->factor);
    }

    public function testWindowsTightenAsChecksComeIn(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 14:20');
        $width = fn (): float => ($e = $this->planned($part)->next?->window?->opens) === null ? INF : $e->lateMin - $e->earlyMin;
        $before = $width();
        $old = $this->makePart(['letter' => 'O', 'finished_at' => CarbonImmutable::parse('2027-03-01')]);
        foreach ([['too_wet', 112.0], ['print', 136.0], ['too_wet', 115.0], ['print', 140.0], ['print', 150.0], ['too_wet', 110.0], ['hard', 300.0], ['print', 255.0]] as $i => [$touch, $age]) {
            $this->fact($old, 'touched', "build-{$i}", "2027-03-02 1{$i}:00", ['touch' => $touch, 'age_min' => $age, 'resin_id' => $part->skinResin->id]);
        }
        self::assertLessThan($before, $width());
    }

    public function testPaperThatClogsHoldsTheFlattingBackAndDustLetsItGo(): void
    {
        $part = $this->makePart(['build_coats' => 2]);
        foreach ($this->partWithBuildCoat('2027-03-09 20:00')->facts as $fact) {
            PartFact::query()->create(['part_id' => $part->id, 'token' => "x{$fact->id}"] + $fact->only(['user_id', 'kind', 'step', 'happened_at', 'recorded_at', 'air_c', 'data']));
        }
        $this->fact($part, 'coat_on', 'build-2', '2027-03-09 20:10', ['grams' => 32.0]);
        self::assertSame('ready', $this->planned($part)->next?->state->value);
        $this->act($part, 'tried', 'build-2', ['paper' => 'clogs'])->assertSessionHasNoErrors();
        self::assertSame('waiting', $this->planned($part)->next?->state->value);
        $this->act($part, 'tried', 'build-2', ['paper' => 'dusts'])->assertSessionHasNoErrors();
        self::assertSame('ready', $this->planned($part)->next?->state->value);
    }

    public function testALargeShopShowsItsProgressFirst(): void
    {
        foreach (array_slice(range('A', 'Z'), 0, 14) as $letter) {
            $this->makePart(['letter' => $letter, 'build_coats' => 2]);
        }
        app()->forgetScopedInstances();
        $this->get('/run-sheet')->assertOk()->assertSee(__('sheet.reckoning'))->assertSee('<progress', false);
        app()->forgetScopedInstances();
        $streamed = $this->get('/run-sheet/reckon')->assertOk()->streamedContent();
        self::assertStringContainsString("data: 0\n\n", $streamed);
        self::assertStringEndsWith("data: done\n\n", $streamed);
        app()->forgetScopedInstances();
        $this->get('/run-sheet')->assertOk()->assertDontSee('Reckoning')->assertSee(__('sheet.as_list'));
    }

    /** The same with a resin that cures on in the cool place. */
    private function coolEvening(): Part
    {
        Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', 'Tarn%slow%')->update(['stall_c' => 8.0]);

        return $this->evening('16:20', 'Tarn%slow%');
    }

    /** A part whose next window opens after closing: the coat below went on late. */
    private function evening(string $at = '16:20', string $resin = 'Tarn%medium%'): Part
    {
        $part = $this->partWithBuildCoat("2027-03-10 {$at}");
        $part->update(['skin_resin_id' => Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', $resin)->value('id')]);
        app()->forgetScopedInstances();
        $this->shop = $this->shop->refresh();

        return Part::query()->findOrFail($part->id);
    }

    private function startOf(Part $part, string $step): string
    {
        return (new \App\Time\ShopTime('Europe/Vienna'))->local($this->planned($part)->schedule->slot($step)->startMin ?? 0.0)->toDateString();
    }

    /** @return array<int, PlannedPart> */
    private function plans(): array
    {
        app()->forgetScopedInstances();

        return app(Planner::class)->all($this->shop->refresh());
    }
}
