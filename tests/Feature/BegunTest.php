<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Part;
use App\Models\Resin;
use App\Planning\Letters;
use App\Planning\Planner;
use OakGloss\Cure\Milestone;
use Sabre\VObject\Reader;

/** One meaning of begun, one letter a part, and an act that is logged when it comes to mind. */
final class BegunTest extends ShopCase
{
    public function testASlipThatIsStruckOutLeavesTheBriefFree(): void
    {
        $part = $this->makePart();
        $this->act($part, 'done', 'strip')->assertSessionHasNoErrors();
        self::assertTrue($part->isBegun());
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/edit")->assertOk()->assertSee(__('form.held_title'));
        $this->post("/parts/{$part->id}/facts/{$part->facts()->sole()->id}/strike", ['reason' => 'the other part'])->assertSessionHasNoErrors();

        self::assertFalse($part->isBegun());
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}/edit")->assertOk()->assertDontSee(__('form.held_title'));
        $resin = Resin::query()->findOrFail($part->getAttribute('base_resin_id'));
        $this->put("/shelf/resins/{$resin->id}", ['tack_until_age_min' => 500, 'sheet' => $resin->sheet] + collect($resin->getAttributes())->except(['id', 'shop_id', 'created_at', 'updated_at', 'superseded_by_id'])->all())->assertSessionHasNoErrors();
        self::assertSame(500.0, $part->fresh()?->baseResin->tack_until_age_min, 'and it follows a new sheet');
    }

    public function testAPinBeginsNothing(): void
    {
        $part = $this->makePart();
        $this->post("/run-sheet/{$part->id}/strip", ['at_local' => '2027-03-11T10:00'])->assertSessionHasNoErrors();
        self::assertFalse($part->isBegun());
        $this->act($part, 'done', 'strip')->assertSessionHasNoErrors();
        self::assertTrue($part->isBegun());
    }

    public function testAChangedFillerReachesPartsThatAreNotBegun(): void
    {
        $filler = Clear::query()->where('shop_id', $this->shop->id)->where('kind', 'filler')->firstOrFail();
        $waiting = $this->makePart(['filler_id' => $filler->id]);
        $begun = $this->makePart(['filler_id' => $filler->id, 'letter' => 'L']);
        $this->fact($begun, 'done', 'strip', self::NOW);
        $this->put("/shelf/clears/{$filler->id}", ['final_um' => 77] + collect($filler->getAttributes())->except(['id', 'shop_id', 'created_at', 'updated_at', 'superseded_by_id'])->all())->assertSessionHasNoErrors();

        $new = Clear::query()->where('final_um', 77)->sole();
        self::assertSame([$new->id, $filler->id], [$waiting->fresh()?->filler_id, $begun->fresh()?->filler_id]);
    }

    public function testNoTwoOpenPartsCarryOneLetterAndAfterZComesAA(): void
    {
        $this->makePart(['letter' => 'M']);
        $this->from('/parts/new')->post('/parts', $this->form())->assertSessionHasErrors('letter');
        foreach (array_diff(range('A', 'Z'), ['M']) as $letter) {
            // Held parts carry their letters and want no plan.
            $this->makePart(['letter' => $letter, 'held_at' => now()]);
        }
        self::assertSame('AA', Letters::free($this->shop)[0]);
        $this->post('/parts', $this->unmadeForm(['letter' => 'AA']))->assertSessionHasNoErrors();
        self::assertSame('AB', Letters::free($this->shop)[0]);
        $this->get('/parts')->assertSee('AA');
    }

    public function testAPartThatIsOpenedAgainGoesOnUnderAFreeLetter(): void
    {
        $done = $this->makePart(['letter' => 'D']);
        $slip = $this->fact($done, 'done', 'strip', self::NOW);
        $done->update(['finished_at' => now()]);
        $this->makePart(['letter' => 'D']);
        $this->post("/parts/{$done->id}/facts/{$slip->id}/strike", ['reason' => 'slip'])->assertSessionHas('notice', fn (string $n): bool => str_contains($n, 'Another part carries D by now'));
        self::assertNull($done->refresh()->finished_at);
        self::assertNotSame('D', $done->letter);
        self::assertSame(1, Part::query()->whereNull('finished_at')->where('letter', 'D')->count());
    }

    public function testAnActIsLoggedLateOnTheSameMinuteAndOnOtherDays(): void
    {
        $part = $this->makePart();
        config(['oak.frozen_at' => '2027-03-10T15:34:40Z']);
        $this->act($part, 'done', 'strip')->assertSessionHasNoErrors();
        $this->act($part, 'wiped', 'wipe-1', ['at' => '16:34'])->assertSessionHasNoErrors();
        $other = $this->makePart(['letter' => 'L']);
        $this->act($other, 'done', 'strip', ['at' => '17:10'])->assertSessionHasErrors(['at' => __('acts.ahead', ['at' => '17:10', 'now' => '16:34'])]);
        $this->act($other, 'done', 'strip', ['at' => '17:10', 'days_ago' => 1])->assertSessionHasNoErrors();
        self::assertSame('2027-03-09 17:10', $other->facts()->sole()->happened_at->setTimezone('Europe/Vienna')->format('Y-m-d H:i'));
        $this->act($other, 'wiped', 'wipe-1', ['at' => '17:00', 'days_ago' => 1])->assertSessionHasErrors('at');
        $this->act($other, 'wiped', 'wipe-1', ['at' => '17:10', 'days_ago' => 1])->assertSessionHasNoErrors();
        $this->act($other, 'sanded', 'key', ['grit' => 150, 'at' => '17:00', 'days_ago' => 9])->assertSessionHasErrors('days_ago');
    }

    public function testTheCalendarSpeaksTheShopsZone(): void
    {
        $this->partWithBuildCoat();
        app()->forgetScopedInstances();
        $text = (string) $this->get('/run-sheet.ics')->getContent();
        self::assertMatchesRegularExpression('/DTSTART;TZID=Europe\/Vienna:2027\d{4}T\d{6}\r/', $text);
        $calendar = Reader::read($text);
        self::assertSame([], array_map(fn (array $w): string => $w['message'], $calendar->validate()));
        $zone = $calendar->select('VTIMEZONE')[0];
        $summer = array_values(array_filter($zone->select('DAYLIGHT'), fn ($c): bool => (string) $c->DTSTART === '20270328T020000'));
        self::assertSame(['+0100', '+0200'], [(string) $summer[0]->TZOFFSETFROM, (string) $summer[0]->TZOFFSETTO]);
        $winter = array_values(array_filter($zone->select('STANDARD'), fn ($c): bool => (string) $c->DTSTART === '20271031T030000'));
        self::assertSame(['+0200', '+0100'], [(string) $winter[0]->TZOFFSETFROM, (string) $winter[0]->TZOFFSETTO]);
        $events = $calendar->select('VEVENT');
        $step = app(Planner::class)->all($this->shop);
        self::assertSame(array_values($step)[0]->schedule->slot('build-2')?->startMin, $events[0]->DTSTART->getDateTime()->getTimestamp() / 60.0);
    }

    public function testTwoResinsOfOneNameKeepTheirOwnClocks(): void
    {
        $part = $this->partWithBuildCoat();
        $slow = Resin::query()->findOrFail($part->getAttribute('skin_resin_id'))->replicate()->fill(['tack_from_age_min' => 400, 'tack_until_age_min' => 600]);
        $slow->save();
        $part->update(['base_resin_id' => $slow->id]);
        $plan = $this->planned($part);
        self::assertSame($plan->plan->materials->baseResin->name, $plan->plan->materials->skinResin->name);
        $clocks = $plan->schedule->clocks;
        $of = fn (string $key): float => $clocks->forecastOf($plan->plan->step($key) ?? self::fail($key))->event(Milestone::TackFrom, $this->minute('2027-03-08 09:10'))->expectedMin ?? 0.0;
        self::assertGreaterThan($of('build-1') + 100.0, $of('base'));
    }

    public function testAReadingOfTheYear2031SilencesNothing(): void
    {
        $this->shop->update(['probe_url' => 'http://probe.test/air']);
        $this->shop->airReadings()->create(['source' => 'probe', 'measured_at' => '2031-01-01 00:00:00', 'air_c' => 20.0]);
        \Illuminate\Support\Facades\Http::fake(['probe.test/*' => function (\Illuminate\Http\Client\Request $request) {
            self::assertStringContainsString('since=2027-03-10', urldecode($request->url()));

            return \Illuminate\Support\Facades\Http::response([['air_c' => 17.0, 'measured_at' => '2027-03-10T15:30:00Z'], ['air_c' => 18.0, 'measured_at' => '1970-01-01T00:00:07Z']]);
        }]);
        $this->post('/air/poll')->assertSessionHas('notice', '2 new readings.');
        app()->forgetScopedInstances();
        self::assertEqualsWithDelta(17.0, app(Planner::class)->floor($this->shop->refresh())->airNowC(), 0.3);
        $this->get('/air')->assertSee('long past');
    }

    public function testAProbeThatNobodyAsksIsSeenOnAir(): void
    {
        $this->shop->update(['probe_url' => 'http://probe.test/air', 'probe_asked_at' => now()->setDateTime(2027, 3, 10, 14, 0)]);
        $this->user->refresh();
        $this->get('/air')->assertSee('Not asked')->assertSee('seems to have stopped');
        \Illuminate\Support\Facades\Http::fake(['probe.test/*' => \Illuminate\Support\Facades\Http::response(['air_c' => 17.0])]);
        \App\Models\AirReading::creating(fn () => throw new \PDOException('database is locked'));
        $this->artisan('oak:poll-probe')->expectsOutputToContain('not this time')->assertSuccessful();
    }

    /**
     * The form of a part that is none yet.
     *
     * @param array<string, mixed> $other
     *
     * @return array<string, mixed>
     */
    private function unmadeForm(array $other): array
    {
        Part::query()->where('letter', 'Z')->update(['letter' => 'ZZ']);
        $form = $this->form($other);
        Part::query()->where('letter', 'ZZ')->update(['letter' => 'Z']);

        return $form;
    }
}
