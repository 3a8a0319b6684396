<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Inspection\CausesOf;
use App\Inspection\PricedWay;
use App\Inspection\WaysOutOfIt;
use App\Models\Part;
use App\Models\PartFact;
use App\Money\Billing;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Remedies;
use OakGloss\Inspection\Remedy;
use OakGloss\Plan\ClothNow;
use OakGloss\Plan\Decision;
use PHPUnit\Framework\Attributes\DataProvider;

/** Cloth that lies wrong, a part that was dropped, a cup that is gone, a job that begins again. */
final class BeginAgainTest extends ShopCase
{
    use LivesParts;

    /** @return iterable<string, array{list<array{string, string, string, 3?: array<string, int|float>}>, ClothNow, list<string>}> */
    public static function cloth(): iterable
    {
        $base = [['done', 'strip', '09:00'], ['wiped', 'wipe-1', '09:10'], ['sanded', 'key', '09:30', ['grit' => 150]], ['wiped', 'wipe-2', '09:50']];
        $on = fn (string $at): array => ['coat_on', 'base', $at, ['grams' => 27.0]];
        yield 'laid into a base that is wet still' => [[...$base, $on('16:20'), ['done', 'lay', '16:32']], ClothNow::OnWet, ['shift', 'relay']];
        yield 'laid on a base that holds it' => [[...$base, $on('14:10'), ['done', 'lay', '16:30']], ClothNow::OnTacky, ['new_piece', 'tack_coat']];
        yield 'laid on a base that has set since' => [[...$base, $on('10:00'), ['done', 'lay', '12:10']], ClothNow::OnSet, ['tack_coat']];
        yield 'wetted, the resin wet' => [[...$base, $on('10:00'), ['done', 'lay', '12:10'], ['coat_on', 'wet-out', '16:25', ['grams' => 33.0]]], ClothNow::Wetted, ['shift', 'strip_wet']];
        yield 'resin holds it' => [[...$base, $on('10:00'), ['done', 'lay', '11:40'], ['coat_on', 'wet-out', '11:50', ['grams' => 33.0]]], ClothNow::Fixed, ['start_over', 'accept']];
    }

    /**
     * @param list<array{string, string, string, 3?: array<string, int|float>}> $done
     * @param list<string>                                                      $fit
     */
    #[DataProvider('cloth')]
    public function testCrookedClothHasItsWaysOutByHowItLies(array $done, ClothNow $lies, array $fit): void
    {
        $part = $this->makePart();
        foreach ($done as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-10 {$row[2]}", $row[3] ?? []);
        }
        $this->post("/parts/{$part->id}/found", ['defect' => 'skew', 'zone' => 'top', 'count' => '1'])->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        self::assertSame($lies, ClothNow::of($planned->plan, WaysOutOfIt::filmNow($planned)));
        $ways = array_values(array_filter($this->ways($part), fn (PricedWay $w): bool => $w->fits()));
        self::assertEqualsCanonicalizing($fit, array_map(fn (PricedWay $w): string => $w->offer->remedy->value, $ways));
        $found = PartFact::query()->where('kind', 'found')->sole();
        $this->get('/')->assertOk()->assertSee('Decide first')->assertSee("/parts/{$part->id}/defects/{$found->id}");
        $this->get("/parts/{$part->id}/defects/{$found->id}")->assertOk()->assertDontSee('Nothing fits')->assertDontSee('inspect.', false);
        $kept = $part->facts()->count();
        foreach ($ways as $way) {
            self::assertSame($way->offer->remedy->isLeaving(), $way->steps === [], $way->offer->remedy->value);
        }
        $this->post("/parts/{$part->id}/defects/{$found->id}/way", ['remedy' => $ways[0]->offer->remedy->value])->assertSessionHasNoErrors();
        self::assertGreaterThan($kept, $part->facts()->count());
        $this->get('/')->assertOk()->assertDontSee('Decide first');
        for ($n = 0; $n < 12 && str_starts_with((string) $this->planned($part)->next?->step->step->key, 'mend-'); $n++) {
            $this->doNext($this->planned($part));
        }
        self::assertLessThan(12, $n, 'its steps end');
        self::assertNotNull($this->planned($part)->next);
    }

    public function testALiftedPieceIsLaidAgainAndANewOneComesOffTheRoll(): void
    {
        foreach (['relay' => 0, 'new_piece' => 1, 'tack_coat' => 1, 'strip_wet' => 1] as $remedy => $pieces) {
            $case = ['relay' => 'laid into a base that is wet still', 'strip_wet' => 'wetted, the resin wet'][$remedy] ?? 'laid on a base that holds it';
            $part = $this->makePart(['letter' => strtoupper($remedy[0]), 'name' => $remedy]);
            foreach (iterator_to_array(self::cloth())[$case][0] as $row) {
                $this->fact($part, $row[0], $row[1], "2027-03-10 {$row[2]}", $row[3] ?? []);
            }
            $this->post("/parts/{$part->id}/found", ['defect' => 'skew', 'zone' => 'top', 'count' => '1'])->assertSessionHasNoErrors();
            $fact = PartFact::query()->where('kind', 'found')->where('part_id', $part->id)->sole();
            $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => $remedy])->assertSessionHasNoErrors();
            $plan = $this->planned($part)->plan;
            $cloth = array_sum(array_map(fn ($s): int => count(\OakGloss\Plan\Consumption::cloth($plan, $s)), $plan->ahead()));
            self::assertSame($pieces, $cloth, $remedy);
            self::assertSame($remedy !== 'relay' && $remedy !== 'new_piece', $plan->step("mend-{$fact->id}-1-tack") !== null, $remedy);
            self::assertFalse($plan->step('wet-out')?->isDone(), "{$remedy}: it is wetted out after it");
        }
    }

    public function testAJobBegunAgainKeepsItsRecordItsHoursAndWhatItTook(): void
    {
        $part = $this->partWithBuildCoat();
        $before = app(Billing::class)->actual($this->planned($part));
        $this->get("/parts/{$part->id}")->assertOk()->assertSee(__('parts.state.over'));
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'spoilt', 'because' => 'fell into the grit'])->assertSessionHasNoErrors();
        $fact = PartFact::query()->where('kind', 'went_wrong')->sole();
        $page = $this->get("/parts/{$part->id}/defects/{$fact->id}")->assertOk()->assertSee('Begin again?')->assertSee('Strip it');
        $page->assertSee(__('steps.mend_strip_hard.title'))->assertSee('hands');
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => 'start_over'])->assertSessionHasNoErrors();

        $planned = $this->planned($part);
        self::assertSame("mend-{$fact->id}-1-strip", $planned->next?->step->step->key);
        self::assertSame(0, $planned->plan->countDone());
        self::assertSame(0.0, $planned->plan->log->weighedG('build-1', 'resin'));
        $this->get("/parts/{$part->id}/record")->assertOk()->assertSee('Build')->assertSee('strip it, begin again');
        $after = app(Billing::class)->actual($planned);
        self::assertEqualsWithDelta($before->handsMin(), $after->handsMin(), 0.01, 'hours that were worked stay on the bill');
        self::assertEqualsWithDelta($before->sums->costMinor, $after->sums->costMinor, 2, 'and what it took');
        for ($n = 0; $n < 5; $n++) {
            $this->doNext($this->planned($part));
        }
        self::assertTrue($this->planned($part)->plan->step('strip')?->isDone());
        foreach (['', '/film', '/money', '/inspect', "/defects/{$fact->id}"] as $room) {
            app()->forgetScopedInstances();
            $this->get("/parts/{$part->id}{$room}")->assertOk();
        }
    }

    public function testADroppedPartMayBeUnharmedAndALostCupAsks(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'part_dropped', 'zone' => 'top'])->assertSessionHasNoErrors();
        $dropped = PartFact::query()->where('kind', 'went_wrong')->sole();
        $this->get('/')->assertSee('Part dropped')->assertSee('Decide first');
        $this->get("/parts/{$part->id}/defects/{$dropped->id}")->assertSee(__('inspect.ask.part_dropped'))->assertSee(__('inspect.press.unharmed'));
        $this->post("/parts/{$part->id}/defects/{$dropped->id}/way", ['remedy' => 'unharmed'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee('Decide first');

        app()->forgetScopedInstances();
        $this->fact($part, 'ready', 'build-2', '2027-03-10 16:25');
        $this->fact($part, 'weighed', 'build-2', '2027-03-10 16:30', ['component' => 'resin', 'grams' => 18.0]);
        $this->post("/parts/{$part->id}/wrong", ['mishap' => 'cup_kicked'])->assertSessionHasNoErrors();
        $kicked = PartFact::query()->where('kind', 'went_wrong')->orderByDesc('id')->firstOrFail();
        $this->get('/')->assertDontSee('Decide first');
        $page = $this->get("/parts/{$part->id}/defects/{$kicked->id}")->assertSee('Weigh it again now?')->assertSee(__('inspect.press.new_cup'))->assertSee('Not now');
        $page->assertDontSee('>Take it<', false);
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/defects/{$kicked->id}/way", ['remedy' => 'new_cup'])->assertRedirect("/parts/{$part->id}/weigh/build-2");
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/defects/{$kicked->id}/way", ['remedy' => 'later'])->assertSessionHasNoErrors();
        self::assertTrue(Decision::of($this->planned($part)->plan->log, 'build-2')->mustKey, 'the window is let go');
    }

    /** What a cause forbids is not offered, once the record speaks for that cause. */
    public function testAWayThatItsCauseWouldSpoilAgainIsNotOffered(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 09:50');
        foreach ([['weighed', '09:40', ['component' => 'resin', 'grams' => 18.0]], ['weighed', '09:41', ['component' => 'hardener', 'grams' => 7.4]]] as [$kind, $at, $data]) {
            $this->fact($part, $kind, 'build-1', "2027-03-10 {$at}", $data);
        }
        $this->post("/parts/{$part->id}/found", ['defect' => 'soft', 'zone' => 'top', 'count' => '1'])->assertSessionHasNoErrors();
        $planned = $this->planned($part);
        self::assertSame(Cause::RatioOff, CausesOf::surely($planned, $planned->plan->log->all(Found::class)[0]));
        $ways = [];
        foreach ($this->ways($part) as $way) {
            $ways[$way->offer->remedy->value] = $way->fits() ? 'fits' : $way->why();
        }
        self::assertSame('cause', $ways['hold']);
        self::assertArrayNotHasKey('sand_and_coat', $ways, 'a coat on top would seal it in');
        self::assertSame('fits', $ways['take_off']);
    }

    public function testNoCauseForbidsAllWaysOfItsDefect(): void
    {
        foreach (Defect::cases() as $defect) {
            foreach (array_keys($defect->causes()) as $cause) {
                $left = array_filter(Remedies::of($defect), fn (Remedy $r): bool => ! $r->isLeaving() && ! Cause::from($cause)->forbids($r));
                self::assertNotSame([], $left, "{$defect->value} by {$cause}");
            }
        }
        self::assertArrayHasKey(Cause::SandedShort->value, Defect::Scratch->causes(), 'a middle paper cut short');
        self::assertArrayHasKey(Cause::Upright->value, Defect::Runs->causes());
        foreach (Mishap::cases() as $mishap) {
            self::assertGreaterThan(1, count(Remedies::ofMishap($mishap)), "{$mishap->value} asks");
        }
    }

    /** @return list<PricedWay> */
    private function ways(Part $part): array
    {
        $planned = $this->planned($part);

        return app(WaysOutOfIt::class)->of($planned, $planned->plan->log->all(Found::class, WentWrong::class)[0]);
    }
}
