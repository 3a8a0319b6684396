<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Remedies;
use OakGloss\Inspection\Remedy;
use OakGloss\Material\Backing;
use OakGloss\Material\Chemistry;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Opacity;
use OakGloss\Material\Resin;
use OakGloss\Material\Substrate;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Faces;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Held;
use OakGloss\Method\Holding;
use OakGloss\Method\Materials;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Method\ShellFrame;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\FreshWipe;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\Way;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a master would not leave out between one step and the next. */
final class TradeStepsTest extends TestCase
{
    /** @return iterable<string, array{string, PartBrief}> */
    public static function plans(): iterable
    {
        foreach (Methods::all() as $code => $method) {
            foreach (BriefOf::variants($method) as $name => $brief) {
                yield "{$code}, {$name}" => [$code, $brief];
                yield "{$code}, {$name}, with a bare face" => [$code, self::withBareFace($brief)];
            }
        }
    }

    /** What a notice promises the plan has: each of them against the steps, over every way and what it leaves to choose. */
    public function testNothingThatIsPromisedIsMissing(): void
    {
        $has = fn (Role $role): \Closure => fn (FinishPlan $p): bool => $p->first($role) !== null;
        $promises = [
            'layer.full_cure_wash_key' => fn (FinishPlan $p): bool => array_filter($p->steps, fn (PlannedStep $s): bool => $s->step->follow->kind === FollowKind::Cured
                && str_starts_with($s->step->name, 'wash')) !== [],
            'laminate.held' => $has(Role::PostCure), 'laminate.peel_ply' => $has(Role::PeelPly), 'substrate.prime_first' => $has(Role::Prime),
            'fit.prime_and_key' => $has(Role::Prime), 'sent.clear' => $has(Role::BackIn), 'sent.post_cure' => $has(Role::BackIn),
            'method.mist_sections' => fn (FinishPlan $p): bool => count($p->all(Role::Adhesive)) > 1,
        ];
        $kept = [];
        foreach ([...array_values(iterator_to_array(self::plans())), ...self::promising()] as [$code, $brief]) {
            foreach ([new Workshop(20.0, hottestC: 110.0), new Workshop(20.0, sessionMin: 120.0)] as $shop) {
                $plan = self::plan($code, $brief, $shop);
                foreach (array_intersect(self::codes($plan), array_keys($promises)) as $promise) {
                    self::assertTrue($plan->refusals() !== [] || $promises[$promise]($plan), "{$code}: {$promise} promises what there is not");
                    $kept[$promise] = true;
                }
            }
        }
        self::assertSame([], array_values(array_diff(array_keys($promises), array_keys($kept), ['layer.full_cure_wash_key'])), 'each was tried');
        $stuck = self::overEpoxy(Sample::brief(Substrate::GlassFibre, choices: new Choices(top: Top::PolishResin, holding: Holding::Adhesive)));
        self::assertContains('layer.full_cure_wash_key', self::codes($stuck));
        self::assertTrue($promises['layer.full_cure_wash_key']($stuck));
    }

    /** @return list<array{string, PartBrief}> that notices have most to say of */
    private static function promising(): array
    {
        $of = fn (string $code, Choices $choices): array => [$code, BriefOf::usual(Methods::named($code))->with($choices)];
        $usual = fn (string $code): Choices => BriefOf::usual(Methods::named($code))->choices;

        return [
            ['brush_on', Sample::brief(Substrate::Steel, sun: true)],
            ['brush_on', Sample::brief(Substrate::Aluminium, sun: true)],
            ['sheet_metal', Sample::brief(Substrate::Aluminium, sun: true)],
            ['glue_down', BriefOf::shaped(new Panel(900.0, 700.0, 3.0), Substrate::GlassFibre, new Choices(top: Top::PolishResin))],
            $of('flat_sheet', $usual('flat_sheet')->but(plies: 12)),
            $of('bagged', $usual('bagged')->but(sentOut: SentOutWork::Clear)),
            $of('pattern_mould', $usual('pattern_mould')->but(sentOut: SentOutWork::PostCure)),
        ];
    }

    /** Paper drives amine blush into its scratches: it is washed off before the first one, wherever an epoxy cured. */
    #[DataProvider('plans')]
    public function testBlushIsWashedOffBeforePaper(string $code, PartBrief $brief): void
    {
        $plan = self::plan($code, $brief);
        $cured = null;
        foreach ($plan->steps as $planned) {
            $step = $planned->step;
            if (str_starts_with($step->name, 'wash') || in_array($step->role, [Role::Demould, Role::Unbag, Role::TearPeel], true)) {
                $cured = null;
            }
            self::assertFalse($cured !== null && $step->kind->isSanding(), "{$step->key} goes over the blush of {$cured}");
            if ($step->kind === StepKind::Coat) {
                $isAmine = $plan->materials->resinFor($step)->chemistry === Chemistry::Epoxy;
                $cured = $isAmine ? $step->key : null;
            }
        }
        self::assertNotSame([], $plan->steps);
    }

    /** A bare face is taped before resin or clear, and the tape is off before paper, warmth and the last look. */
    #[DataProvider('plans')]
    public function testEveryMaskComesOff(string $code, PartBrief $brief): void
    {
        $isBare = count($brief->coatedZones()) < count($brief->zones);
        $isMasked = false;
        foreach (self::plan($code, $brief)->steps as $planned) {
            [$role, $kind, $key] = [$planned->step->role, $planned->step->kind, $planned->step->key];
            if (in_array($role, [Role::MaskFaces, Role::UnmaskFaces], true)) {
                self::assertTrue($isMasked === ($role === Role::UnmaskFaces) || $code === 'crack_or_chip', $key);
            }
            $isMasked = $role === Role::MaskFaces || $role === Role::MaskWide || ($isMasked && $role !== Role::UnmaskFaces);
            if ($isBare && in_array($kind, [StepKind::Coat, StepKind::Spray], true)) {
                self::assertTrue($isMasked, "{$key} runs onto the bare face");
            }
            if ($isMasked && $role !== Role::MaskWide && $code !== 'crack_or_chip') {
                self::assertNotContains($kind, [StepKind::Key, StepKind::Flat, StepKind::Polish, StepKind::Inspect, StepKind::PostCure], "{$key} goes over tape");
            }
        }
        self::assertFalse($isMasked, 'what is masked is unmasked');
    }

    /** Never over a coat in its tack, wet on wet, over wax, release film or fresh colour. */
    #[DataProvider('plans')]
    public function testNobodyWipesWhatAWipeWouldSpoil(string $code, PartBrief $brief): void
    {
        $before = null;
        foreach (self::plan($code, $brief)->steps as $planned) {
            $step = $planned->step;
            if ($step->role === Role::Wipe && $before !== null) {
                self::assertNotContains($before->role, [Role::Wax, Role::ReleaseFilm, Role::Adhesive, Role::Stripe, Role::Clear], $step->key);
                self::assertTrue(
                    ! in_array($before->kind, [StepKind::Coat, StepKind::Spray], true) || ! in_array($step->follow->kind, [FollowKind::Minutes, FollowKind::Tacky], true),
                    "{$step->key} wipes {$before->key} before it is hard",
                );
            }
            $before = in_array($step->role, [Role::UnmaskFaces, Role::MaskFaces], true) ? $before : $step;
        }
        self::assertNotNull($before);
    }

    /** What comes out of a bag or a mould, or off an original, is trimmed before the first coat on top; its dust is wiped off. */
    public function testFringeFlangeAndFlashComeOffBeforeACoat(): void
    {
        foreach (['bagged' => Role::Unbag, 'pattern_mould' => Role::Demould, 'lift_off_shell' => Role::Demould] as $code => $out) {
            $roles = array_map(fn (PlannedStep $s): Role => $s->step->role, self::plan($code)->steps);
            $from = max(array_keys($roles, $out, true));
            $next = array_values(array_filter(array_slice($roles, $from + 1), fn (Role $r): bool => in_array($r, [
                Role::Trim, Role::Wipe, Role::Build, Role::FillerClear, Role::Key, Role::Bond,
            ], true)));
            $trim = (int) array_search(Role::Trim, $next, true);
            self::assertContains(Role::Trim, $next, $code);
            self::assertLessThanOrEqual(1, $trim, "{$code}: the release is washed off, no more");
            self::assertSame(Role::Wipe, $next[$trim + 1] === Role::Key ? $next[$trim + 2] : $next[$trim + 1], $code);
        }
        $small = self::plan('bagged')->step('trim-fringe');
        $metres = BriefOf::usual(Methods::named('bagged'))->rimM();
        self::assertEqualsWithDelta(5.0 + 8.0 * $metres, $small?->handsMin, 1e-9, 'eight minutes a running metre, and five to set up');
        self::assertContains(Caution::Dust, $small->step->cautions);
    }

    /** What is wiped goes under within the hour, or is wiped once more. */
    #[DataProvider('plans')]
    public function testAWipeIsGoodForAnHour(string $code, PartBrief $brief): void
    {
        $plan = self::plan($code, $brief);
        $schedule = Sample::schedule($plan, 940.0);
        $ends = [];
        foreach ($schedule->steps() as $i => $placed) {
            $step = $plan->steps[$i];
            $limit = FreshWipe::limit($plan, $step);
            if ($limit !== null && $placed->way !== Way::Wiped && $ends !== []) {
                self::assertLessThanOrEqual($limit + 1e-6, $placed->startMin - $ends[count($ends) - 1], $step->step->key);
            }
            $ends[] = $placed->endMin;
        }
        self::assertNotSame([], $ends);
    }

    public function testAPartThatWasWipedYesterdayIsWipedOnceMore(): void
    {
        $facts = [
            new Fact(1, 'strip', 480.0, 20.0, new Done()), new Fact(2, 'wipe-1', 490.0, 20.0, new Wiped()),
            new Fact(3, 'key', 500.0, 20.0, new \OakGloss\Fact\Kind\Sanded(150)), new Fact(4, 'wipe-2', 1070.0, 20.0, new Wiped()),
        ];
        $plan = Sample::plan(facts: $facts);
        $soon = Sample::schedule($plan, 1075.0);
        $next = Sample::schedule($plan, 1920.0);
        self::assertSame('base', $next->next()?->step->step->key);
        self::assertTrue($next->next()->wipeAgain);
        self::assertFalse($soon->next()?->wipeAgain);
        self::assertSame(Way::Wiped, $next->steps()[0]->way);
        self::assertEqualsWithDelta($next->next()->step->handsMin + FreshWipe::handsMin($plan), $next->steps()[0]->endMin - $next->steps()[0]->startMin, 1e-9);
        $careful = Sample::plan(facts: $facts, shop: new Workshop(20.0, wipeHoldsMin: 5.0));
        self::assertTrue(Sample::schedule($careful, 1080.0)->next()?->wipeAgain, 'the shop says how long');
    }

    /** Polyester on an epoxy wants full cure, a wash and a key: planned so, or refused where cloth lies between. */
    public function testPolyesterOverAYoungEpoxy(): void
    {
        $usual = BriefOf::usual(Methods::named('brush_on'));
        $laid = self::overEpoxy($usual->with($usual->choices->but(top: Top::PolishResin)));
        self::assertContains('layer.through_cloth', self::codes($laid));
        self::assertNotContains('layer.full_cure_wash_key', self::codes($laid), 'no plan is promised that there is not');
        $stuck = self::overEpoxy(Sample::brief(Substrate::GlassFibre, backing: Backing::Black, choices: new Choices(top: Top::PolishResin, holding: Holding::Adhesive)));
        self::assertSame([], $stuck->refusals());
        self::assertContains('layer.full_cure_wash_key', self::codes($stuck));
        self::assertSame(FollowKind::Cured, $stuck->step('wash-set-base')?->step->follow->kind);
        self::assertNotNull($stuck->step('key-set-base'));
        $schedule = Sample::schedule($stuck);
        $days = ($schedule->slot('wet-out')->startMin - $schedule->slot('base')->endMin) / 1440.0;
        self::assertGreaterThan(4.0, $days, 'not the same day');
    }

    /** Over the sheet's maximum nobody heats the room. */
    public function testTooHotIsNotTooCold(): void
    {
        $usual = BriefOf::usual(Methods::named('glue_down'));
        $plan = self::plan('glue_down', $usual, new Workshop(34.0));
        $hot = Sample::schedule($plan, airC: 34.0);
        $found = array_values(array_filter($hot->findings(), fn (Finding $f): bool => str_starts_with($f->code, 'schedule.too_')));
        self::assertSame(['schedule.too_hot_all_day'], array_map(fn (Finding $f): string => $f->code, $found));
        self::assertSame([34.0, 30.0], [$found[0]->args['air'], $found[0]->args['most']]);
        $night = \OakGloss\Climate\AirCurve::through(array_merge(...array_map(fn (int $d): array => [[$d * 1440.0 + 240.0, 24.0], [$d * 1440.0 + 480.0, 32.0], [$d * 1440.0 + 1200.0, 34.0]], range(0, 39))));
        $cool = \OakGloss\Schedule\PartSchedule::of($plan, $night, Sample::openDaily(), 480.0);
        $found = array_values(array_filter($cool->findings(), fn (Finding $f): bool => str_starts_with($f->code, 'schedule.too_')));
        self::assertContains($found[0]->code, ['schedule.too_hot', 'schedule.too_hot_for_cups']);
        self::assertEqualsWithDelta(24.0, $found[0]->args['cool'], 1.0);
        self::assertGreaterThan(0.0, $found[0]->args['later_span'], 'the cool hour is priced');
    }

    /** What dents is held warm a day, then scraped down to what is hard; paper clogs on it, and a coat seals the fault in. */
    public function testSoftResinIsHeldWarmAndThenScraped(): void
    {
        $ways = Remedies::of(Defect::Soft);
        self::assertSame(Remedy::Hold, Remedies::before(Defect::Soft));
        self::assertContains(Remedy::TakeOff, $ways);
        foreach ([Remedy::SandOut, Remedy::SandAndCoat, Remedy::Flood, Remedy::SpotFill] as $sealsItIn) {
            self::assertNotContains($sealsItIn, $ways);
        }
    }

    /** A gel coat past its tack is a face: what couples to it bonds, or the gel coat begins when it can. */
    public function testWhatCannotBeKeyedIsNotPlannedToBeMissed(): void
    {
        $plan = self::plan('pattern_mould', shop: new Workshop(20.0, hottestC: 110.0));
        for ($now = 480.0; $now < 1080.0; $now += 60.0) {
            $schedule = Sample::schedule($plan, $now);
            $couples = array_values(array_filter($schedule->steps(), fn (\OakGloss\Schedule\PlacedStep $s): bool => $s->step->id === 'coupling'));
            self::assertSame(Way::Bonded, $couples[0]->way, "begun at {$now}");
        }
        $steps = array_map(fn (PlannedStep $s): string => $s->step->key, $plan->steps);
        $facts = [];
        foreach (array_slice($plan->steps, 0, (int) array_search('coupling', $steps, true)) as $i => $step) {
            $facts[] = new Fact($i + 1, $step->step->key, 400.0 + $i, 20.0, $step->step->kind === StepKind::Coat ? new CoatOn() : new Done(), $step->step->ref());
        }
        $lost = FinishPlan::of(BriefOf::usual(Methods::named('pattern_mould')), $plan->materials, $plan->method, $plan->shop, FactLog::standing($facts));
        self::assertSame('coupling', $lost->next()?->step->key);
        self::assertContains('schedule.bond_lost', array_map(fn (Finding $f): string => $f->code, Sample::schedule($lost, 1900.0)->findings()));
    }

    /** A mist holds so long: cloth that takes longer is laid section by section, or held otherwise. */
    public function testClothIsUnrolledBeforeItsMistLetsGo(): void
    {
        foreach ([[350.0, 300.0], [900.0, 700.0], [2000.0, 1400.0]] as $n => [$length, $width]) {
            $large = BriefOf::shaped(new Panel($length, $width, 3.0), Substrate::GlassFibre, new Choices(top: Top::PolishResin, plies: 2));
            $plan = self::plan('glue_down', $large);
            $lays = $plan->all(Role::Lay);
            if ($n === 2) {
                self::assertSame(['method.mist_short'], array_map(fn (Finding $f): string => $f->code, $plan->refusals()), 'no section is small enough');

                continue;
            }
            self::assertSame(in_array('method.mist_sections', self::codes($plan), true), count($lays) > 2, 'it is said why');
            foreach ($lays as $lay) {
                self::assertLessThanOrEqual(40.0 + 1e-9, ($lay->step->follow->mostMin ?? INF) + $lay->handsMin, "{$lay->step->key}: it holds 40 min");
            }
            self::assertCount(count($lays), $plan->all(Role::Adhesive), 'each has a mist of its own');
            self::assertGreaterThan($n === 0 ? 1 : 2, count($lays));
        }
    }

    /** A lay-up that is longer than a day goes on over peel ply, not over a shiny face. */
    public function testALongLayUpEndsOnPeelPly(): void
    {
        $sheet = new FlatSheet(1200.0, 900.0);
        $usual = BriefOf::usual(Methods::named('flat_sheet'));
        $thick = new PartBrief($sheet->zones(), $sheet->developedMm(), Substrate::Carbon, false, $usual->tone, $usual->backing, $usual->finish, false, false, false, choices: new Choices(plies: 12, faces: Faces::Both), blankMm: ['length' => 180.0, 'width' => 120.0]);
        $plan = self::plan('flat_sheet', $thick, new Workshop(20.0, sessionMin: 200.0));
        $roles = array_map(fn (PlannedStep $s): Role => $s->step->role, $plan->steps);
        self::assertContains(Role::PeelPly, $roles);
        self::assertContains('laminate.peel_ply', self::codes($plan));
        $torn = array_search(Role::TearPeel, $roles, true);
        self::assertSame(FollowKind::Sandable, $plan->steps[$torn]->step->follow->kind);
        self::assertTrue($roles[$torn + 1]->isPly(), 'and the next ply goes on what was under it');
        self::assertSame([], array_filter(Sample::schedule($plan)->findings(), fn (Finding $f): bool => $f->code === 'schedule.window_gone'));
        self::assertNotContains(Role::PeelPly, array_map(fn (PlannedStep $s): Role => $s->step->role, self::plan('flat_sheet', $thick, new Workshop(20.0, sessionMin: 1440.0))->steps));
    }

    /** A measured depth says how many coats fill it; what is deeper than a millimetre is filled flush first. */
    public function testCoatsFollowFromTheDepthOfAChip(): void
    {
        $usual = BriefOf::usual(Methods::named('crack_or_chip'));
        $coats = [];
        foreach ([0.0, 0.2, 0.5, 0.8] as $mm) {
            $plan = self::plan('crack_or_chip', $usual->with($usual->choices->but(damageMm: $mm)));
            $coats[] = count($plan->all(Role::Build));
            $film = $coats[count($coats) - 1] * 110.0 / 1.12;
            self::assertGreaterThan(1000.0 * $mm, $film, "{$mm} mm");
        }
        self::assertSame($coats, array_values(array_unique($coats)), 'deeper, more coats');
        $deep = self::plan('crack_or_chip', $usual->with($usual->choices->but(damageMm: 3.0)));
        self::assertNotNull($deep->first(Role::FillFlush));
        self::assertSame($coats[0], count($deep->all(Role::Build)));
        self::assertNotSame(FollowKind::Cured, $deep->step('block')?->step->follow->kind, 'gentle warmth, not eleven days');
        $cleared = self::plan('crack_or_chip', $usual->with($usual->choices->but(top: Top::Clear)));
        $roles = array_map(fn (PlannedStep $s): string => $s->step->name, $cleared->steps);
        self::assertContains('mask_blend', $roles, 'to a body line, or blended');
        new \OakGloss\Geometry\Patch(3.0, 3.0, 20.0);
    }

    /** Pinholes deeper than the filler is thick are filled one by one; others are left to it. */
    public function testPinholesOfARawMouldingAreAsked(): void
    {
        $usual = BriefOf::usual(Methods::named('clear_moulding'));
        $with = fn (int $n, float $um): FinishPlan => self::plan('clear_moulding', $usual->with($usual->choices->but(pinholes: $n, pinholeUm: $um)));
        self::assertNull($with(12, 40.0)->step('dot-pinholes'));
        $deep = $with(12, 900.0);
        self::assertNotNull($deep->step('dot-pinholes'));
        self::assertGreaterThan($with(3, 900.0)->step('dot-pinholes')?->handsMin, $deep->step('dot-pinholes')->handsMin);
        self::assertSame('filler', $deep->steps[(int) array_search('wipe-dots', array_map(fn (PlannedStep $s): string => $s->step->key, $deep->steps), true) + 1]->step->key);
        $hot = self::plan('clear_moulding', new PartBrief($usual->zones, $usual->developedMm, $usual->substrate, true, $usual->tone, $usual->backing, $usual->finish, true, false, false, choices: $usual->choices, film: $usual->film));
        self::assertContains('fit.unseen', self::codes($hot), 'nobody here saw it cure');
        self::assertNotContains('cloth.too_narrow', self::codes(FinishPlan::of($usual, new Materials(
            null,
            $deep->materials->skinResin,
            new \OakGloss\Material\ClothRoll('narrow', new \OakGloss\Film\Weave(200.0), 60.0),
            $deep->materials->clear,
            $deep->materials->grits,
            filler: $deep->materials->filler,
        ), Methods::named('clear_moulding'), new Workshop(20.0), FactLog::standing([]))), 'it uses no cloth');
    }

    /** Openings that the cloth went over are cut free after the last resin and before clear, by the metre of their rims. */
    public function testOpeningsAreCutFreeByTheMetre(): void
    {
        $usual = BriefOf::usual(Methods::named('brush_on'));
        $plan = self::plan('brush_on', $usual->with($usual->choices->but(openings: 3, openingMm: 100.0)));
        self::assertEqualsWithDelta(5.0 + 8.0 * 3 * M_PI * 0.1, $plan->first(Role::OpenUp)?->handsMin, 1e-9);
        $roles = array_map(fn (PlannedStep $s): Role => $s->step->role, $plan->steps);
        self::assertGreaterThan(max(array_keys($roles, Role::Finish, true)), array_search(Role::OpenUp, $roles, true));
        self::assertLessThan(array_search(Role::Clear, $roles, true), array_search(Role::OpenUp, $roles, true));
        self::assertNull(self::plan('brush_on')->first(Role::OpenUp));
    }

    /** Sent out: nobody's hands are taken while it is away, and what another shop sprays comes off no shelf here. */
    public function testAClearIsSentOut(): void
    {
        foreach (Methods::all() as $code => $method) {
            $usual = BriefOf::usual($method);
            if (! isset($method->choices()[\OakGloss\Method\Choice\SentOut::class]) || $code === 'flat_sheet') {
                continue;
            }
            $here = self::plan($code, $usual->with($usual->choices->but(top: Top::Clear)));
            $sent = self::plan($code, $usual->with($usual->choices->but(top: Top::Clear, sentOut: SentOutWork::Clear, awayDays: 5.0)));
            self::assertSame([], $sent->refusals(), $code);
            $roles = array_map(fn (PlannedStep $s): Role => $s->step->role, $sent->steps);
            foreach ([Role::Clear, Role::Varnish, Role::FillerClear, Role::ClearFlat, Role::Polish] as $theirs) {
                self::assertNotContains($theirs, $roles, "{$code}: {$theirs->value}");
            }
            $back = $sent->first(Role::BackIn);
            self::assertSame(5.0 * 1440.0, $back?->step->follow->leastMin, $code);
            self::assertLessThan($here->handsAheadMin(), $sent->handsAheadMin(), $code);
            self::assertNull($sent->clear);
            self::assertSame(0.0, $sent->clearLitres());
            self::assertContains('sent.clear', self::codes($sent));
        }
        $cut = BriefOf::usual(Methods::named('flat_sheet'));
        self::assertNotNull(self::plan('flat_sheet', $cut->with($cut->choices->but(sentOut: SentOutWork::Cutting)))->first(Role::SendOut));
        self::assertContains('sent.nothing', self::codes(self::plan('flat_sheet', $cut->with($cut->choices->but(sentOut: SentOutWork::Clear)))));
    }

    /** Both faces from bare: one, turned onto it in its window, the other; no zone's film is counted twice or not at all. */
    public function testBothFacesFromBare(): void
    {
        $plan = self::plan('both_faces');
        $keys = array_map(fn (PlannedStep $s): string => $s->step->key, $plan->steps);
        self::assertSame(['base-1', 'lay-1', 'wet-out-1', 'base-2', 'lay-2', 'wet-out-2'], array_slice($keys, (int) array_search('base-1', $keys, true), 6));
        $turned = $plan->step('base-2')?->step;
        self::assertTrue($turned->isLainOn);
        self::assertSame([FollowKind::Tacky, 'wet-out-1'], [$turned->follow->kind, $turned->follow->coat]);
        self::assertContains('rim', $plan->step('wet-out-1')->step->layer->only ?? []);
        $means = array_map(fn (\OakGloss\Plan\ZoneState $z): float => $z->after->meanUm, $plan->step('wet-out-2')->zones);
        self::assertEqualsWithDelta($means[0], $means[1], 1e-9, 'each face is wetted out once');
        self::assertSame([], array_filter($plan->findings, fn (Finding $f): bool => $f->code === 'film.dry_wet_out'));
        self::assertNotNull(Sample::schedule($plan)->readyMin());
    }

    /** What is seen, and what it is seen through, goes by the sheets: no gel coat, nothing opaque, no glass; a tint is named. */
    public function testWhatIsSeenIsSeen(): void
    {
        $method = Methods::named('brush_on');
        $usual = BriefOf::materials($method);
        $codes = fn (Resin $skin, ?ClothRoll $cloth = null): array => self::codes(FinishPlan::of(BriefOf::usual($method), new Materials(
            $usual->baseResin,
            $skin,
            $cloth ?? $usual->cloth,
            $usual->clear,
            $usual->grits,
        ), $method, new Workshop(20.0), FactLog::standing([])));
        $resin = fn (Opacity $opacity, bool $isFace = false): Resin => new Resin(
            'seen',
            $usual->skinResin->kinetics,
            $usual->skinResin->rheology,
            $usual->skinResin->ratio,
            35.0,
            150.0,
            23.0,
            15.0,
            true,
            opacity: $opacity,
            isFace: $isFace,
        );
        self::assertContains('seen.gel_coat', $codes($resin(Opacity::Opaque, true)));
        self::assertContains('seen.opaque', $codes($resin(Opacity::Opaque)));
        self::assertContains('seen.tinted', $codes($resin(Opacity::Tinted)));
        self::assertContains('seen.glass', $codes($usual->skinResin, new ClothRoll('glass', new \OakGloss\Film\Weave(200.0, fibre: \OakGloss\Film\Fibre::Glass), 1000.0)));
        self::assertSame([], array_filter($codes($resin(Opacity::Clear)), fn (string $c): bool => str_starts_with($c, 'seen.')));
        self::assertSame(Opacity::Opaque, \OakGloss\Material\Blend::of($resin(Opacity::Opaque), $resin(Opacity::Clear), 0.3)->opacity);
        self::assertSame(Opacity::Tinted, $resin(Opacity::Tinted)->paced(\OakGloss\Cure\ShopPace::of(0.1, 0.1, 0.08))->opacity);
    }

    /** A shell says what takes it, and how far its edges stand out by their own thickness. */
    public function testAShellSaysWhatTakesIt(): void
    {
        $usual = BriefOf::usual(Methods::named('lift_off_shell'));
        $mm = [];
        foreach (ShellFrame::cases() as $frame) {
            $plan = self::plan('lift_off_shell', $usual->with($usual->choices->but(frame: $frame)));
            $found = array_values(array_filter($plan->findings, fn (Finding $f): bool => $f->code === "method.shell_{$frame->value}"));
            self::assertCount(1, $found);
            $mm[] = $found[0]->args['mm'];
            self::assertSame($frame === ShellFrame::Own, $plan->step('free-frame') !== null);
        }
        self::assertSame([$mm[0], $mm[0], $mm[0]], $mm);
        self::assertGreaterThan(0.8, $mm[0]);
        $more = self::plan('lift_off_shell', $usual->with($usual->choices->but(plies: 6)));
        self::assertGreaterThan($mm[0], array_values(array_filter($more->findings, fn (Finding $f): bool => $f->code === 'method.shell_spare'))[0]->args['mm']);
    }

    /** A tank that held fuel is gas-free first, and says so wherever something sparks or warms; rust is steel's alone. */
    public function testATankAndRust(): void
    {
        $usual = BriefOf::usual(Methods::named('sheet_metal'));
        $tank = self::plan('sheet_metal', $usual->with($usual->choices->but(held: Held::Fuel)));
        self::assertSame(Role::Purge, $tank->steps[0]->step->role);
        foreach ($tank->steps as $planned) {
            $burns = array_intersect([Caution::Rotary->value, Caution::HotAir->value, Caution::Heat->value], array_column($planned->step->cautions, 'value'));
            self::assertSame($burns !== [] || $planned->step->role === Role::Purge || $planned->step->kind === StepKind::Polish, in_array(Caution::Fuel, $planned->step->cautions, true), $planned->step->key);
        }
        self::assertNull(self::plan('sheet_metal')->first(Role::Purge));
        $words = require dirname(__DIR__, 2).'/lang/en/steps.php';
        $aluminium = self::plan('sheet_metal', Sample::brief(Substrate::Aluminium))->first(Role::Strip);
        self::assertStringNotContainsString('rust', $words[$aluminium?->step->name]['do'].$words[$aluminium->step->name]['cue']);
        self::assertContains('openings.relief', self::codes(self::plan('brush_on', BriefOf::usual(Methods::named('brush_on'))->with(new Choices(openings: 2)))));
    }

    /** Epoxy's caution stands only where there is epoxy. */
    public function testCautionsAreOfWhatIsThere(): void
    {
        foreach (self::plan('glue_down')->steps as $planned) {
            self::assertNotContains(Caution::Epoxy, $planned->step->cautions, $planned->step->key);
        }
        self::assertContains(Caution::Epoxy, self::plan('brush_on')->step('lay')?->step->cautions);
    }

    /** What lifts paint or crazes a print is not wiped over it. */
    public function testAWipeIsWhatThePartBears(): void
    {
        foreach ([Substrate::Petg, Substrate::Pla, Substrate::Abs, Substrate::Painted] as $bears) {
            foreach (self::plan('brush_on', Sample::brief($bears))->all(Role::Wipe) as $wipe) {
                if (in_array($wipe->step->key, ['wipe-1', 'wipe-2'], true)) {
                    self::assertSame('wipe_alcohol', $wipe->step->name, $bears->value);
                }
            }
        }
    }

    private static function withBareFace(PartBrief $brief): PartBrief
    {
        return new PartBrief(
            [...$brief->zones, new Zone('bearing face', ZoneKind::Bare, 0.0, 0.05, 0.0025, Visibility::Hidden)],
            $brief->developedMm,
            $brief->substrate,
            $brief->primed,
            $brief->tone,
            $brief->backing,
            $brief->finish,
            $brief->sun,
            $brief->heat,
            $brief->wear,
            choices: $brief->choices,
            film: $brief->film,
            blankMm: $brief->blankMm,
            sides: $brief->sides,
            wholeM2: $brief->wholeM2,
        );
    }

    private static function plan(string $code, ?PartBrief $brief = null, ?Workshop $shop = null): FinishPlan
    {
        $method = Methods::named($code);

        return FinishPlan::of($brief ?? BriefOf::usual($method), BriefOf::materials($method), $method, $shop ?? new Workshop(20.0, hottestC: 110.0), FactLog::standing([]));
    }

    private static function overEpoxy(PartBrief $brief): FinishPlan
    {
        $method = Methods::named('brush_on');
        $usual = BriefOf::materials($method);
        $materials = new Materials($usual->baseResin, BriefOf::polyester(), $usual->cloth, $usual->clear, $usual->grits);

        return FinishPlan::of($brief, $materials, $method, new Workshop(20.0), FactLog::standing([]));
    }

    /** @return list<string> */
    private static function codes(FinishPlan $plan): array
    {
        return array_map(fn (Finding $f): string => $f->code, $plan->findings);
    }
}
