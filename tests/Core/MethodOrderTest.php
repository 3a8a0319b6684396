<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Flawed;
use OakGloss\Fact\Kind\Measured;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Film\Weave;
use OakGloss\Material\Backing;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Substrate;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Holding;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\LaminatePlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SheetPlan;
use PHPUnit\Framework\TestCase;

/** Each way of working step by step: what comes after what, with what wait, with how many grams. */
final class MethodOrderTest extends TestCase
{
    /** Two plies: the lower one is wetted out, the upper one lies in its tack, and both count where a slug is measured. */
    public function testTwoPliesWithResinBetween(): void
    {
        $plan = $this->plan('brush_on', Sample::brief(choices: new Choices(plies: 2)));
        self::assertSame(['base', 'lay', 'inner_wet_out', 'lay', 'wet_out', 'wash', 'nibs'], $this->between($plan, 'base', 'nibs'));
        self::assertSame([FollowKind::Tacky, 'inner-wet-out'], [$plan->step('lay-2')?->step->follow->kind, $plan->step('lay-2')?->step->follow->coat]);
        self::assertSame([FollowKind::Set, 'inner-wet-out'], [$plan->step('wet-out')?->step->follow->kind, $plan->step('wet-out')?->step->follow->coat]);
        self::assertSame([140.0, 140.0], [$plan->step('inner-wet-out')?->laidGM2, $plan->step('wet-out')?->laidGM2]);
        self::assertSame([], $plan->step('inner-wet-out')?->zones, 'no film over the weave that is seen');
        self::assertContains('method.plies', array_column($this->plan('brush_on', Sample::brief(choices: new Choices(plies: 3)))->refusals(), 'code'));
    }

    public function testWhatHoldsTheCloth(): void
    {
        $stuck = $this->plan('brush_on', Sample::brief(choices: new Choices(holding: Holding::Adhesive)));
        self::assertSame(['base', 'wash', 'key', 'wipe', 'adhesive', 'lay', 'wet_out'], $this->between($stuck, 'base', 'wet_out'));
        self::assertSame(FollowKind::Sandable, $stuck->step('key-set-base')?->step->follow->kind, 'adhesive sticks to what is hard');
        self::assertGreaterThan(0.0, $stuck->step('lay')?->step->follow->mostMin, 'the mist does not hold for ever');
        self::assertContains(Caution::SprayMist, $stuck->step('adhesive')?->step->cautions);
        $bare = $this->plan('brush_on', Sample::brief(backing: Backing::Untinted, choices: new Choices(holding: Holding::Adhesive)));
        self::assertNull($bare->first(Role::Base), 'nothing to tint, nothing to hold');
        $hot = $this->plan('brush_on', Sample::brief(sun: true, choices: new Choices(holding: Holding::Adhesive)));
        self::assertContains('method.adhesive_heat', array_column($hot->refusals(), 'code'));
        $wet = $this->plan('brush_on', Sample::brief(choices: new Choices(holding: Holding::WetLay)));
        self::assertSame(['base', 'wet_out', 'lay', 'wash', 'nibs'], $this->between($wet, 'base', 'nibs'));
        self::assertSame([0.0, 20.0], [$wet->step('lay')?->step->follow->leastMin, $wet->step('lay')?->step->follow->mostMin]);
    }

    public function testEveryBacking(): void
    {
        $pigment = fn (Backing $b): ?float => $this->plan('brush_on', Sample::brief(backing: $b))->step('base')?->batch?->pigmentG;
        self::assertGreaterThan(0.0, $pigment(Backing::Black));
        self::assertEqualsWithDelta(0.5, $pigment(Backing::Tinted) / $pigment(Backing::Black), 0.05);
        self::assertSame([0.0, 0.0], [$pigment(Backing::Painted), $pigment(Backing::Untinted)]);
        $painted = $this->plan('brush_on', Sample::brief(backing: Backing::Painted));
        self::assertSame(['prime', 'key', 'wipe', 'base'], $this->between($painted, 'prime', 'base'));
    }

    public function testSheetMetal(): void
    {
        $plan = $this->plan('sheet_metal', Sample::brief(Substrate::Steel));
        self::assertSame([
            'strip', 'wipe', 'key', 'wipe', 'prime', 'key', 'wipe', 'body_fill', 'key', 'wipe', 'base', 'lay', 'wet_out',
        ], $this->between($plan, 'strip', 'wet_out'));
        $builds = array_fill(0, $plan->buildCoats, 'build');
        self::assertSame([
            'wet_out', ...$builds, 'trim', 'wash', 'resin_flat', 'last_flat', 'wipe', 'filler_clear', 'filler_wash', 'filler_flat', 'wipe', 'clear',
            'clear_flat', 'polish', 'inspect',
        ], $this->between($plan, 'wet_out', 'inspect'));
        self::assertSame([FollowKind::Set, 'base'], [$plan->step('wet-out')?->step->follow->kind, $plan->step('wet-out')?->step->follow->coat], 'no resin on the cloth before the base has set');
        self::assertSame([FollowKind::Tacky, 'wet-out'], [$plan->step('build-1')?->step->follow->kind, $plan->step('build-1')?->step->follow->coat]);
        self::assertSame(960.0, $plan->step('key-primer')?->step->follow->leastMin);
        self::assertContains(Caution::Styrene, $plan->step('body-fill')?->step->cautions);
        self::assertGreaterThan(0.0, $plan->step('base')?->batch?->pigmentG);
        $primed = $this->plan('sheet_metal', Sample::brief(Substrate::Aluminium, primed: true));
        self::assertNull($primed->first(Role::Prime));
        $level = $this->plan('sheet_metal', Sample::brief(Substrate::Steel, zones: array_slice(Sample::brief()->zones, 0, 1)));
        self::assertSame(['veil', 'base', 'lay'], $this->between($level, 'veil', 'lay'), 'cut edges of a nearly flat piece');
        self::assertNull($plan->first(Role::Veil));
        foreach ([['method.metal_only', Sample::brief(Substrate::Abs)], ['method.base_pigment', Sample::brief(Substrate::Steel, backing: Backing::Untinted)]] as [$code, $brief]) {
            self::assertContains($code, array_column($this->plan('sheet_metal', $brief)->refusals(), 'code'));
        }
    }

    public function testFlatSheet(): void
    {
        $method = Methods::named('flat_sheet');
        $brief = BriefOf::usual($method);
        $plan = $this->plan('flat_sheet', $brief);
        self::assertSame([
            'wipe', 'wax', 'wax', 'wax', 'release_film', 'cut_plies', 'laminate', 'inner_ply', 'laminate', 'cover', 'demould', 'wipe', 'look',
            'trim', 'inspect',
        ], array_map(fn (PlannedStep $s): string => $s->step->role->value, $plan->steps));
        self::assertSame([15.0, 60.0, 30.0], [
            $plan->step('wax-2')?->step->follow->leastMin, $plan->step('release-film')?->step->follow->leastMin,
            $plan->step('ply-1')?->step->follow->leastMin,
        ]);
        self::assertSame(30.0, $plan->step('ply-2')?->step->follow->mostMin, 'while the ply below is wet');
        self::assertSame(200.0, $plan->step('ply-2')?->laidGM2, 'as much resin as cloth');
        self::assertSame([FollowKind::Sandable, 'ply-3'], [$plan->step('demould')?->step->follow->kind, $plan->step('demould')?->step->follow->coat]);
        self::assertNull($this->plan('flat_sheet', $brief->with(new Choices(plies: 2)))->first(Role::Cover));
        $sheet = SheetPlan::of($plan) ?? self::fail('no sheet');
        $laminate = LaminatePlan::all($plan)[0]->laminate;
        // 200/1.78 of fibre and 200/1.12·0.98 of resin for each of three plies.
        self::assertEqualsWithDelta(3.0 * (200.0 / 1.78 + 200.0 / 1.12 * (1.0 - Sample::resin()->rheology->shrinkage)), $laminate->thicknessUm(), 0.5);
        self::assertSame(9, $sheet->planned->count());
        $heavy = FinishPlan::of($brief, BriefOf::materials($method, inner: new ClothRoll('heavy twill', new Weave(400.0), 1000.0)), $method, new Workshop(20.0), FactLog::standing([]));
        self::assertSame([200.0, 400.0, 200.0], array_map(fn (int $n): ?float => $heavy->step("ply-{$n}")?->laidGM2, [1, 2, 3]), 'as much resin as its own cloth');
        self::assertEqualsWithDelta(4.0 / 3.0 * $laminate->thicknessUm(), LaminatePlan::all($heavy)[0]->laminate->thicknessUm(), 0.5);
        $flawed = $this->plan('flat_sheet', $brief, [new Fact(1, 'look', 900.0, 20.0, new Flawed(90.0, 60.0, 8.0), $plan->step('look')?->step->ref())]);
        self::assertLessThan(9, SheetPlan::of($flawed)?->yield->count());
        self::assertContains('method.no_blank', array_column($this->plan('flat_sheet', Sample::brief())->refusals(), 'code'));
    }

    /** What lies under a skin that is there already asks for nothing any more. */
    public function testAFilmThatLiesAsksNothingOfWhatIsUnderIt(): void
    {
        $codes = fn (string $method, Substrate $of, ?ExistingFilm $film): array => array_map(
            fn (Finding $f): string => $f->code,
            $this->plan($method, Sample::brief($of, film: $film))->findings,
        );
        $film = ExistingFilm::known(140.0, 90.0, FilmSource::Gauged);
        self::assertContains('substrate.prime_first', $codes('sheet_metal', Substrate::Steel, null));
        self::assertNotContains('substrate.prime_first', $codes('rescue', Substrate::Steel, $film));
        self::assertContains('substrate.wont_hold', $codes('brush_on', Substrate::Polypropylene, null));
        self::assertNotContains('substrate.wont_hold', $codes('rescue', Substrate::Polypropylene, $film));
    }

    public function testARescueOfOneRound(): void
    {
        $plan = $this->plan('rescue', $this->found(140.0, 90.0, FilmSource::Gauged));
        self::assertSame([
            'wipe', 'resin_flat', 'wipe', 'build', 'build', 'wash', 'resin_flat', 'last_flat', 'wipe', 'clear', 'clear_flat', 'polish', 'inspect',
        ], array_map(fn (PlannedStep $s): string => $s->step->role->value, $plan->steps));
        self::assertSame([FollowKind::Tacky, FollowKind::Cured], [$plan->step('coat-2')?->step->follow->kind, $plan->step('block-2')?->step->follow->kind]);
        self::assertTrue($plan->step('block-1')?->step->grits?->ridgesOnly);
        self::assertGreaterThan(600, $plan->step('last-flat')?->step->grits?->to, 'finer than P600 before a tie coat');
        foreach ($plan->step('block-1')->zones as $zone) {
            self::assertLessThanOrEqual($plan->shop->targetBurnThrough + 1e-9, $zone->risk(), 'and no further');
            // Of a rim nobody cuts a plane.
            $zone->zone->face->easedUm === null
                ? self::assertLessThan($zone->before->textureUm, $zone->after->textureUm)
                : self::assertSame($zone->before->textureUm, $zone->after->textureUm);
        }
    }

    /** Each round decides the next: lows that were seen ask for one, an evenly matt block for none, a better reading for fewer. */
    public function testEachRoundDecidesTheNext(): void
    {
        $brief = $this->found(200.0, 120.0, FilmSource::Measured);
        $block = fn (float $at, int $n, string $end): array => array_map(
            fn (string $zone): Fact => Fact::read(1000 * $n + (int) $at + crc32($zone) % 100, Sanded::KIND, "block-{$n}", $at, 20.0, ['grit' => 240, 'zone' => $zone, 'end' => $end], $this->plan('rescue', $brief)->step('block-1')?->step->ref()),
            array_map(fn ($z): string => $z->name, $brief->coatedZones()),
        );
        $matt = $this->plan('rescue', $brief, $block(500.0, 1, 'matt'));
        self::assertSame([0, 'last-flat'], [$matt->buildCoats, $matt->next()?->step->key], 'no low is left: no coat is wanted');
        $thin = $this->plan('rescue', $this->found(110.0, 90.0, FilmSource::Gauged), $block(500.0, 1, 'matt'));
        self::assertSame(2, $thin->buildCoats, 'matt, but the last paper might go through');
        $lows = $this->plan('rescue', $brief, $block(500.0, 1, 'lows'));
        self::assertSame([2, 'wipe-1'], [$lows->buildCoats, $lows->next()?->step->key]);
        $coat = fn (int $n, float $at): Fact => new Fact($n, "coat-{$n}", $at, 20.0, new CoatOn(), $lows->step("coat-{$n}")?->step->ref());
        $coated = [...$block(500.0, 1, 'lows'), $coat(1, 700.0), $coat(2, 900.0)];
        $again = $this->plan('rescue', $brief, [...$coated, ...$block(9000.0, 2, 'lows')]);
        self::assertSame([4, 'wipe-2'], [$again->buildCoats, $again->next()?->step->key], 'lows once more, one more round');
        $done = $this->plan('rescue', $brief, [...$coated, ...$block(9000.0, 2, 'matt')]);
        self::assertSame([2, 'last-flat'], [$done->buildCoats, $done->next()?->step->key]);
        $slug = new Fact(9, 'wash', 400.0, 20.0, new Measured('top', 'cut_face', 330.0, 5, 5.0), $lows->step('wash')?->step->ref());
        $gauged = $this->found(170.0, 150.0, FilmSource::Gauged);
        self::assertSame([2, 0], [$this->plan('rescue', $gauged)->buildCoats, $this->plan('rescue', $gauged, [$slug])->buildCoats], 'a slug says that there is more than the gauge said');
    }

    public function testAFilmThatNobodyKnowsIsScuffedNotBlocked(): void
    {
        self::assertSame(FilmAnswer::SCUFF, FilmAnswer::of($this->plan('rescue', $this->found(70.0, 70.0, FilmSource::Guessed)))->code);
        self::assertSame(FilmAnswer::GO_ON, FilmAnswer::of($this->plan('rescue', $this->found(140.0, 90.0, FilmSource::Gauged)))->code);
    }

    public function testStripIt(): void
    {
        $codes = fn (PartBrief $brief): array => array_column($this->plan('rescue', $brief)->findings, 'code');
        self::assertContains('rescue.brittle', $codes($this->found(1100.0, 40.0, FilmSource::Measured)));
        self::assertContains('rescue.measure', $codes($this->found(300.0, 200.0, FilmSource::Guessed)));
        self::assertNotContains('rescue.brittle', $codes($this->found(140.0, 90.0, FilmSource::Gauged)));
        self::assertContains('method.no_film', array_column($this->plan('rescue', Sample::brief(Substrate::Carbon))->refusals(), 'code'));
    }

    private function found(float $overUm, float $reliefUm, FilmSource $by): PartBrief
    {
        return Sample::brief(Substrate::Carbon, finish: Finish::Gloss, film: ExistingFilm::known($overUm, $reliefUm, $by));
    }

    /** @return list<string> roles from the first of one to the next of another */
    private function between(FinishPlan $plan, string $from, string $to): array
    {
        $roles = array_map(fn (PlannedStep $s): string => $s->step->role->value, $plan->steps);
        $start = (int) array_search($from, $roles, true);
        $end = (int) array_search($to, array_slice($roles, $start), true);

        return array_slice($roles, $start, $end + 1);
    }

    /** @param list<Fact> $facts */
    private function plan(string $code, PartBrief $brief, array $facts = []): FinishPlan
    {
        $method = Methods::named($code);

        return FinishPlan::of($brief, BriefOf::materials($method), $method, new Workshop(20.0), FactLog::standing($facts));
    }
}
