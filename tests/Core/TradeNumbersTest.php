<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\PaperUse;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Tool;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClearKind;
use OakGloss\Material\Resin;
use OakGloss\Material\SprayedClear;
use OakGloss\Material\Substrate;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Covering;
use OakGloss\Method\Finding;
use OakGloss\Method\LayUp;
use OakGloss\Method\Materials;
use OakGloss\Method\Methods;
use OakGloss\Method\Pace;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\Machine;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SandingWay;
use OakGloss\Plan\SandingWays;
use OakGloss\Plan\Taken;
use OakGloss\Plan\ToolNotices;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Minutes, grams and pieces that a master would plan with. */
final class TradeNumbersTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> minutes that hands take, from and to */
    public static function minutes(): iterable
    {
        $pace = new Pace();
        yield 'keying a square metre' => [$pace->keying(1.0), 30.0, 60.0];
        yield 'laying on a small part' => [$pace->laying(0.25), 20.0, 40.0];
        yield 'coating half a square metre' => [$pace->coating(0.5) - $pace->mixMin, 6.0, 12.0];
        yield 'a wipe of a small part' => [$pace->wiping(0.1), 3.0, 4.0];
        yield 'a heavy glass ply of 1.1 m²' => [$pace->innerPly(1.1), 12.0, 15.0];
        yield 'a ply nobody sees, a square metre' => [$pace->innerPly(1.0), 10.0, 15.0];
        yield 'a ply nobody sees, a hand large' => [$pace->innerPly(0.01), 2.0, 2.0];
        yield 'trimming a metre' => [$pace->trimming(1.0) - $pace->trimSetMin, 8.0, 8.0];
        yield 'a door with nothing on it' => [$pace->uncovering(Covering::Nothing, 1.1), 0.0, 0.0];
        foreach ([Covering::Paint, Covering::Vinyl, Covering::Rust, Covering::Lacquer] as $covering) {
            yield "a door with {$covering->value}" => [$pace->uncovering($covering, 1.1), 60.0, 180.0];
        }
        yield 'a mirror cap with remains' => [$pace->uncovering(Covering::Remains, 0.06), 5.0, 10.0];
    }

    #[DataProvider('minutes')]
    public function testHandsTakeAsLongAsTheTradeSays(float $takes, float $from, float $to): void
    {
        self::assertGreaterThanOrEqual($from, $takes);
        self::assertLessThanOrEqual($to, $takes);
    }

    /** Twelve plies of a mould were twelve lifts over two days and a half: hands are quicker than that. */
    public function testAMouldOfGlassIsLaidInFewLifts(): void
    {
        $plan = self::plan('pattern_mould', self::level(1.1, new Choices(plies: 4, mouldPlies: 12)));
        $lifts = $plan->all(Role::Lift);
        self::assertLessThanOrEqual(6, count($lifts));
        self::assertSame(12, array_sum(array_map(fn ($l): int => (int) ($l->step->args['plies'] ?? 0), $lifts)));
        foreach ($lifts as $lift) {
            self::assertLessThanOrEqual($plan->materials->resins['mould_resin']->rheology->gelAt(Temperature::fromCelsius(20.0)), $lift->step->handsMin);
        }
    }

    /** What is on the part decides its strip; where nothing is, nobody strips, and structure is minded at the first step all the same. */
    public function testTheStripIsOfWhatIsOnThePart(): void
    {
        foreach (['brush_on', 'sheet_metal', 'glue_down', 'bagged'] as $way) {
            $usual = BriefOf::usual(Methods::named($way));
            $bare = self::plan($way, $usual->with($usual->choices->but(covering: Covering::Nothing)));
            self::assertNull($bare->first(Role::Strip), $way);
            self::assertContains(Caution::Structure, $bare->steps[0]->step->cautions, $way);
            $painted = self::plan($way, $usual->with($usual->choices->but(covering: Covering::Paint)))->first(Role::Strip);
            self::assertContains(Caution::OldPaint, $painted->step->cautions ?? [], $way);
            self::assertSame('strip_paint', $painted?->step->name);
            self::assertGreaterThan(self::plan($way, $usual)->first(Role::Strip)->step->handsMin ?? INF, $painted->step->handsMin);
        }
    }

    /** Mesh, lines and pot are filled before the part is, and bought with it. */
    public function testAnInfusionMixesWhatMeshLinesAndPotKeep(): void
    {
        $way = 'pattern_mould';
        $usual = BriefOf::usual(Methods::named($way));
        $plan = self::plan($way, $usual->with($usual->choices->but(layUp: LayUp::Infused)));
        $infuse = $plan->first(Role::Infuse);
        $said = array_column($plan->findings, 'args', 'code')['laminate.infusion_fills'];
        $area = $plan->brief->clothAreaM2();
        self::assertEqualsWithDelta(400.0 * $area, $said['mesh'], 0.01);
        $lineM = max($plan->brief->piece()->lengthMm, $plan->brief->piece()->widthMm) / 1000.0 + 1.5;
        self::assertEqualsWithDelta(M_PI * 0.4 ** 2 * 100.0 * $lineM * 1.12, $said['lines'], 0.5, '8 mm bore');
        self::assertEqualsWithDelta(0.1 * $said['all'], $said['pot'], 0.2, 'a tenth of all that is mixed');
        self::assertEqualsWithDelta($said['all'], $said['part'] + $said['mesh'] + $said['lines'] + $said['pot'], 0.2);
        self::assertEqualsWithDelta($infuse?->batch?->totalG(), $said['all'], 0.01);
        self::assertEqualsWithDelta($infuse->laidGM2 * $area, $said['part'], 0.01, 'what lies in the part stays the fibre\'s share');
    }

    public function testOnlySteelRusts(): void
    {
        $rust = new Choices(covering: Covering::Rust);
        $codes = fn (Substrate $of): array => array_column(self::plan('sheet_metal', Sample::brief($of)->with($rust))->findings, 'code');
        self::assertContains('method.rust_on', $codes(Substrate::Aluminium));
        self::assertNotContains('method.rust_on', $codes(Substrate::Steel));
    }

    /** Paper wears by the root of its grain: a bonnet takes a few fine sheets, not a box of them. */
    public function testAFewFineSheetsDoABonnet(): void
    {
        // What P1500 takes after P1000 on 1.6 m², wet.
        $cut = 1.25 * SandingMethod::WetBlock->scratchUm(Grit::p(1000));
        self::assertLessThanOrEqual(4, PaperUse::pieces(SandingMethod::WetBlock, Grit::p(1500), 1.6, $cut));
        $lasts = array_map(fn (int $p): float => PaperUse::lastsM2Um(SandingMethod::WetBlock, Grit::p($p)), array_keys(Grit::MEAN_GRAIN_UM));
        $sorted = $lasts;
        rsort($sorted);
        self::assertSame($sorted, $lasts, 'a finer paper lasts no longer');
        foreach (Grit::MEAN_GRAIN_UM as $p => $um) {
            self::assertEqualsWithDelta(4.0 * sqrt($um / 125.0), PaperUse::lastsM2Um(SandingMethod::WetBlock, Grit::p($p)), 0.06, "P{$p}");
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, array<string, float>}> way, choices, and what is used up on its usual part */
    public static function supplies(): iterable
    {
        yield 'metal' => ['sheet_metal', [], ['primer' => 150.0, 'body_filler' => 500.0, 'cut' => 40.0, 'finish_cut' => 25.0]];
        yield 'glued' => ['glue_down', ['plies' => 2], ['adhesive' => 60.0]];
        yield 'bagged' => ['bagged', [], ['paint' => 120.0]];
        yield 'pattern' => ['pattern_mould', [], ['surfacer' => 600.0]];
    }

    /**
     * @param array<string, mixed> $choices
     * @param array<string, float> $gM2
     */
    #[DataProvider('supplies')]
    public function testWhatIsUsedUpIsPlanned(string $way, array $choices, array $gM2): void
    {
        $usual = BriefOf::usual(Methods::named($way));
        $plan = self::plan($way, $usual->with($usual->choices->but(...$choices)));
        $used = self::used($plan);
        foreach ($gM2 as $supply => $weight) {
            self::assertEqualsWithDelta($weight * $plan->brief->coatedAreaM2(), $used[$supply] ?? 0.0, 1e-6, $supply);
        }
    }

    /** A bag has fabric, breather or mesh, film with pleats and cord around; a shell has a bead of paste, bare faces have tape. */
    public function testWhatGoesByTheMetre(): void
    {
        $usual = BriefOf::usual(Methods::named('pattern_mould'));
        foreach ([LayUp::Hand->value => ['breather', 'mesh'], LayUp::Infused->value => ['mesh', 'breather']] as $way => [$has, $not]) {
            $plan = self::plan('pattern_mould', $usual->with($usual->choices->but(layUp: LayUp::from($way))));
            $used = self::used($plan);
            self::assertArrayHasKey($has, $used);
            self::assertArrayNotHasKey($not, $used);
            self::assertGreaterThan($plan->brief->clothAreaM2(), $used['bag_film']);
            self::assertGreaterThan($plan->brief->rimM(), $used['seal_tape']);
        }
        self::assertEqualsWithDelta(80.0 * ($shell = self::plan('lift_off_shell', BriefOf::usual(Methods::named('lift_off_shell'))))->brief->rimM(), self::used($shell)['bond_paste'] ?? 0.0, 1e-6);
        $zones = [...Sample::brief()->zones, new Zone('seat', ZoneKind::Bare, 0.0, 0.1, 0.01)];
        $plan = self::plan('brush_on', Sample::brief(zones: $zones));
        self::assertEqualsWithDelta(count($plan->all(Role::MaskFaces)) * 1.1 * 0.4, self::used($plan)['tape'] ?? 0.0, 1e-6);
    }

    /** Whatever a step is done with is said where the shop lacks it, over all ways; isocyanate is refused, and no respirator stands for it. */
    public function testNothingIsPlannedInSilenceThatTheShopLacks(): void
    {
        $words = require dirname(__DIR__, 2).'/lang/en/findings.php';
        foreach (Methods::all() as $code => $method) {
            foreach (BriefOf::variants($method) as $name => $brief) {
                $bare = self::plan($code, $brief, new Workshop(20.0, hottestC: 110.0, tools: [], people: 1));
                $wanted = array_merge([], ...array_map(fn (PlannedStep $s): array => array_column(ToolNotices::wanted($bare, $s), 'value'), $bare->ahead()));
                $tools = array_values(array_filter($bare->findings, fn (Finding $f): bool => str_starts_with($f->code, 'tools.')));
                $said = array_merge([], ...array_map(fn (Finding $f): array => explode(',', (string) ($f->args['tools'] ?? '')), $tools));
                self::assertSame([], array_values(array_diff($wanted, $said)), "{$code}, {$name}");
                foreach ($tools as $finding) {
                    self::assertArrayHasKey(substr($finding->code, 6), $words['tools']);
                }
                $with = array_column(self::plan($code, $brief)->findings, 'code');
                self::assertSame([], array_filter($with, fn (string $c): bool => str_starts_with($c, 'tools.')), "{$code}, {$name}: with all of them");
            }
        }
        $way = 'clear_moulding';
        $clear = BriefOf::usual(Methods::named($way));
        $refused = fn (PartBrief $brief, Tool ...$tools): array => array_column(self::plan($way, $brief, new Workshop(20.0, tools: array_values($tools)))->refusals(), 'code');
        self::assertContains('tools.isocyanate', $refused($clear, Tool::SprayGun, Tool::Respirator, Tool::Booth));
        self::assertNotContains('tools.isocyanate', $refused($clear, Tool::SprayGun, Tool::AirFed, Tool::Licence, Tool::Booth));
        self::assertNotContains('tools.isocyanate', $refused($clear->with($clear->choices->but(sentOut: SentOutWork::Clear)), Tool::Respirator), 'sent out');
    }

    /** What is refused already locks no brief; what is new is refused. */
    public function testWhatStoodBeforeIsNotRefusedAnew(): void
    {
        $usual = BriefOf::usual(Methods::named('clear_moulding'));
        $had = self::plan('clear_moulding', $usual);
        $has = self::plan('clear_moulding', $usual, new Workshop(20.0, tools: []));
        self::assertContains('tools.isocyanate', array_column($has->refusedSince($had), 'code'));
        self::assertSame([], $has->refusedSince($has));
        self::assertSame($has->refusals(), $has->refusedSince(null));
    }

    /** A bonnet is a day on a block; the machine takes it in the time of lunch, and says that its cut is known half as well. */
    public function testAMachineStandsBesideTheBlock(): void
    {
        $plan = self::plan('brush_on', Sample::brief(Substrate::GlassFibre, zones: self::bonnet()));
        $flat = $plan->resinFlat() ?? self::fail('no flatting');
        $ways = array_column(array_map(fn (SandingWay $w): array => ["{$w->driven->value}-{$w->from}", $w], SandingWays::of($plan, $flat)), 1, 0);
        [$block, $machine] = [$ways['dry_block-150'], $ways['orbital-150']];
        self::assertTrue($block->isCurrent, 'the block stands where nobody chose');
        self::assertLessThan(0.5 * $block->ladder->minutes, $machine->ladder->minutes);
        self::assertGreaterThan($block->risk, $machine->risk);
        $by = array_column(array_map(fn (Taken $t): array => [$t->driven->value ?? '', $t->quantity], $machine->papers), 1, 0);
        self::assertArrayHasKey('orbital', $by);
        self::assertArrayHasKey('dry_block', $by, 'what it does not reach is blocked');
        self::assertContains('sand.by_machine', array_column($plan->findings, 'code'));

        $without = self::plan('brush_on', Sample::brief(Substrate::GlassFibre, zones: self::bonnet()), new Workshop(20.0, tools: [Tool::Respirator, Tool::Dryer]));
        self::assertNotContains('orbital', array_map(fn (SandingWay $w): string => $w->driven->value, SandingWays::of($without, $without->resinFlat() ?? $flat)));
        self::assertNotContains('sand.by_machine', array_column($without->findings, 'code'));
        $small = self::plan('brush_on', Sample::brief());
        self::assertSame([], array_filter(SandingWays::of($small, $small->resinFlat() ?? $flat), fn (SandingWay $w): bool => $w->driven === SandingMethod::Orbital && Machine::areaM2($small->brief->coatedZones()) <= 0.0));
    }

    /** Steep faces, rims and small ones are cut as on a block; on the others 8 µm of doubt are 16, and the step says what a mains sander must not. */
    public function testAMachineGoesWhereItsPadLiesFlat(): void
    {
        $brief = Sample::brief(Substrate::GlassFibre, zones: self::bonnet());
        $materials = BriefOf::materials(Methods::named('brush_on'));
        $by = fn (SandingMethod $how): PlannedStep => FinishPlan::of($brief, $materials, Methods::named('brush_on'), new Workshop(20.0), FactLog::standing([
            new Fact(1, 'flat', 0.0, 20.0, new Decided(driven: $how, fromGrit: 150)),
        ]))->step('flat') ?? self::fail('no flatting');
        [$block, $machine] = [$by(SandingMethod::DryBlock), $by(SandingMethod::Orbital)];
        foreach ($machine->zones as $i => $state) {
            $was = $block->zones[$i];
            $more = $state->doubtUm() ** 2 - $was->doubtUm() ** 2;
            if (Machine::reaches($state->zone)) {
                self::assertEqualsWithDelta(16.0 ** 2 - 8.0 ** 2, $more, 1e-6, $state->zone->name);
                self::assertGreaterThan($was->left()->inMicrometres(), $state->left()->inMicrometres(), 'its scratch is the finer');
            } else {
                self::assertEqualsWithDelta(0.0, $more, 1e-6, $state->zone->name);
                self::assertEqualsWithDelta($was->left()->inMicrometres(), $state->left()->inMicrometres(), 1e-6, $state->zone->name);
            }
        }
        self::assertSame(['bonnet' => true, 'flank' => false, 'lip' => false, 'rim' => false], array_combine(
            array_map(fn (ZoneState $z): string => $z->zone->name, $machine->zones),
            array_map(fn (ZoneState $z): bool => Machine::reaches($z->zone), $machine->zones),
        ));
        self::assertContains(Caution::Sander, $machine->step->cautions);
        self::assertNotContains(Caution::Sander, $block->step->cautions);
        $heavy = self::plan('heavy_coat', BriefOf::usual(Methods::named('heavy_coat')), new Workshop(20.0, tools: []));
        self::assertSame('block_down', $heavy->step('machine')?->step->name);
        self::assertNotSame(SandingMethod::Orbital, $heavy->step('machine')->ladder?->method);
    }

    /** The fog of P80 is gone before a coat, whatever drives the papers: no flatting under resin ends coarser than P180. */
    public function testNoFlattingLeavesAFogUnderACoat(): void
    {
        foreach (Methods::all() as $code => $method) {
            foreach (BriefOf::variants($method) as $brief) {
                foreach (self::plan($code, $brief)->steps as $step) {
                    if ($step->ladder !== null) {
                        self::assertGreaterThanOrEqual(180, $step->ladder->last()->number, "{$code}: {$step->step->key}");
                    }
                }
            }
        }
    }

    /** What is poured by default stays on its faces, and no finding asks for less; what was chosen stands. */
    public function testDefaultsObeyTheirFindings(): void
    {
        $usual = BriefOf::usual(Methods::named('heavy_coat'));
        $plan = self::plan('heavy_coat', $usual);
        $laid = $plan->first(Role::Pour)->laidGM2 ?? INF;
        self::assertLessThan(300.0, $laid);
        self::assertNotContains('film.runs', array_column($plan->findings, 'code'));
        self::assertSame(300.0, self::plan('heavy_coat', $usual->with($usual->choices->but(buildGM2: 300.0)))->first(Role::Pour)?->laidGM2);
        self::assertContains('film.runs', array_column(self::plan('heavy_coat', $usual->with($usual->choices->but(buildGM2: 300.0)))->findings, 'code'));
        self::assertSame(300.0, self::plan('heavy_coat', $usual->with($usual->choices)->found($usual->film)->with(new Choices(top: Top::PolishResin, buildGM2: 300.0)))->first(Role::Pour)?->laidGM2);
    }

    /** A part that is held warm by its plan is told what that brings, not what shop warmth would. */
    public function testWordsKnowWhatIsChosen(): void
    {
        $brief = Sample::brief(Substrate::GlassFibre, sun: true);
        $usual = Sample::materials();
        $of = $usual->skinResin;
        $late = new Resin($of->name, $of->kinetics, $of->rheology, $of->ratio, $of->potLifeMin, $of->potMassG, $of->potC, $of->minC, true, ultimateTgC: 120.0);
        $hot = new Materials($usual->baseResin, $late, $usual->cloth, $usual->clear, $usual->grits);
        $codes = fn (PrintThrough $against): array => array_values(array_filter(
            array_column(FinishPlan::of($brief->with($brief->choices->but(printThrough: $against)), $hot, Methods::named('brush_on'), new Workshop(20.0), FactLog::standing([]))->findings, 'code'),
            fn (string $code): bool => str_starts_with($code, 'fit.softens'),
        ));
        self::assertSame(['fit.softens_held'], $codes(PrintThrough::PostCure));
        self::assertNotContains('fit.softens_held', $codes(PrintThrough::Flat));
    }

    /** A brushed varnish stays as it dries, or is polished when its sheet says so; a sprayed gloss as before. */
    public function testAVarnishIsPolishedByItsSheetAlone(): void
    {
        $usual = BriefOf::materials(Methods::named('brush_on'));
        $plan = function (?float $polishAfterMin) use ($usual): FinishPlan {
            $varnish = new ClearCoat('varnish', new SprayedClear(55.0, 0.46, 0.95, 0.6, 0.94, 8.0), Finish::Gloss, false, 300.0, 4320.0, 60.0, 12.0, ClearKind::Varnish, recoatUntilMin: 2880.0, polishAfterMin: $polishAfterMin);
            $materials = new Materials($usual->baseResin, $usual->skinResin, $usual->cloth, $varnish, $usual->grits);

            return FinishPlan::of(Sample::brief(), $materials, Methods::named('brush_on'), new Workshop(20.0), FactLog::standing([]));
        };
        $dries = $plan(null);
        self::assertNull($dries->first(Role::ClearFlat));
        self::assertNull($dries->first(Role::Polish));
        self::assertNull($dries->clear?->polish);
        self::assertEqualsWithDelta(4320.0, $dries->first(Role::Inspect)->step->follow->leastMin ?? 0.0, 1.0, 'handled when its sheet says so');
        $polished = $plan(30240.0);
        self::assertEqualsWithDelta(30240.0, $polished->first(Role::ClearFlat)->step->follow->leastMin ?? 0.0, 1.0, 'three weeks');
        self::assertNotNull($polished->first(Role::Polish));
        self::assertGreaterThan($dries->clear->coats - 1, $polished->clear->coats ?? 0, 'what the paper takes is laid on');
        self::assertNotNull(self::plan('brush_on', Sample::brief())->first(Role::Polish));
    }

    /** @return non-empty-list<Zone> 1.6 m² at 8°, a steep flank, a small lip and a rim */
    private static function bonnet(): array
    {
        return [
            new Zone('bonnet', ZoneKind::Level, 8.0, 1.1, 1.6), new Zone('flank', ZoneKind::Flank, 60.0, 0.1, 0.12),
            new Zone('lip', ZoneKind::Slope, 25.0, 0.02, 0.03), new Zone('rim', ZoneKind::Edge, 45.0, 0.01, 0.03, radiusMm: 4.0),
        ];
    }

    /** @return array<string, float> by supply, over all steps */
    private static function used(FinishPlan $plan): array
    {
        $used = [];
        foreach ($plan->steps as $step) {
            foreach (Consumption::whole($plan, $step) as $taken) {
                if ($taken->supply !== null) {
                    $used[$taken->supply->value] = ($used[$taken->supply->value] ?? 0.0) + $taken->quantity;
                }
            }
        }

        return $used;
    }

    private static function plan(string $way, PartBrief $brief, ?Workshop $shop = null): FinishPlan
    {
        $method = Methods::named($way);

        return FinishPlan::of($brief, BriefOf::materials($method), $method, $shop ?? new Workshop(20.0, hottestC: 110.0), FactLog::standing([]));
    }

    /** One level face of so many square metres. */
    private static function level(float $areaM2, Choices $choices): PartBrief
    {
        $side = sqrt($areaM2);

        return Sample::brief(Substrate::Wood, choices: $choices, zones: [
            new Zone('face', ZoneKind::Level, 5.0, $side, $areaM2, Visibility::Show),
        ]);
    }
}
