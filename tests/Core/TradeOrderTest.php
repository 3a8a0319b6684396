<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cure\Milestone;
use OakGloss\Fact\FactLog;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Material\Substrate;
use OakGloss\Method\Caution;
use OakGloss\Method\Choices;
use OakGloss\Method\Damage;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\HardTop;
use OakGloss\Method\LayUp;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\FreeLaminate;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\Temperature;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Glued down, bagged, lifted off, moulded, cleared, mended, turned and poured: each as the trade tells it. */
final class TradeOrderTest extends TestCase
{
    /** What comes after what; coats that the film counts stand once. */
    private const ORDER = [
        'glue_down' => 'strip wipe key wipe adhesive lay adhesive lay trim wet_out build resin_flat wipe hard_top top_wash last_flat polish inspect',
        'bagged' => 'strip wipe key wipe prime key wipe cut_plies bagged_ply bag leak_check unbag trim wipe build wash resin_flat last_flat wipe clear clear_flat polish inspect',
        'lift_off_shell' => 'strip wipe wax release_film cut_plies stack inner_wet_out inner_ply wet_out trim build wash key wipe build wash resin_flat last_flat wipe clear '
            .'clear_flat polish demould wipe trim key wipe bond hang inspect',
        'pattern_mould' => 'strip wipe surface form_flat wipe parting_line wax release_film gel_coat coupling lift post_cure demould gauge wipe wax release_film '
            .'cut_plies laminate inner_ply bag leak_check post_cure unbag demould trim wipe key wipe filler_clear pinholes filler_wash filler_flat wipe clear clear_flat polish inspect',
        'clear_moulding' => 'wipe key wipe filler_clear pinholes filler_wash filler_flat wipe clear clear_flat polish inspect',
        'crack_or_chip' => 'wipe mask_wide key wipe build mask_wide build unmask_faces wash resin_flat last_flat polish inspect',
        'two_sided' => 'wipe resin_flat open_blisters wipe dot_fill build wipe resin_flat wipe build wipe last_flat wipe clear clear_flat polish inspect',
        'heavy_coat' => 'wipe resin_flat wipe flash_off pour warm wash resin_flat last_flat polish inspect',
    ];

    /** @return iterable<string, array{string}> */
    public static function methods(): iterable
    {
        foreach (array_keys(self::ORDER) as $code) {
            yield $code => [$code];
        }
    }

    #[DataProvider('methods')]
    public function testStepsComeInTheirOrderAndInNoOthers(string $code): void
    {
        self::assertSame(self::ORDER[$code], self::told(self::plan($code)));
        foreach (array_diff(array_keys(Methods::all()), [$code]) as $other) {
            self::assertNotSame(self::ORDER[$code], self::told(self::plan($other)), "{$other} tells {$code}'s steps");
        }
    }

    /** Grease under the tape lifts the stripe, and solvent over fresh colour takes it off: the tack rag is the wipe then. */
    public function testColourGoesOnACleanPartAndNoSolventFollowsIt(): void
    {
        $told = 0;
        foreach (Methods::all() as $code => $method) {
            $usual = BriefOf::usual($method);
            $plan = self::plan($code, $usual->with($usual->choices->but(stripes: 2, top: Top::Clear)));
            // A bare face or a repair is taped before any line is.
            $steps = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role !== Role::MaskFaces));
            $first = array_key_first(array_filter($steps, fn (PlannedStep $s): bool => $s->step->role === Role::MaskLine));
            if ($first === null) {
                continue;
            }
            $told++;
            $top = array_key_first(array_filter($steps, fn (PlannedStep $s): bool => in_array($s->step->role, [Role::Clear, Role::Varnish], true)));
            self::assertSame('wipe mask_line stripe unmask mask_line stripe unmask tack_rag', implode(' ', array_map(fn (PlannedStep $s): string => $s->step->role->value, array_slice($steps, $first - 1, $top - $first + 1))), $code);
            foreach (array_slice($steps, $first, $top - $first) as $over) {
                self::assertNotContains(Caution::SolventRags, $over->step->cautions, "{$code}: {$over->step->key}");
            }
        }
        self::assertGreaterThan(6, $told);
    }

    /** PETG and PLA bear no styrene without a trial; acid of an etch primer lifts filler and epoxy. */
    public function testWhatASubstrateBearsAndIsPrimedWith(): void
    {
        foreach ([Substrate::Petg, Substrate::Pla] as $printed) {
            self::assertFalse($printed->bearsStyrene());
        }
        $steps = require dirname(__DIR__, 2).'/lang/en/steps.php';
        foreach ($steps as $name => $said) {
            self::assertStringNotContainsStringIgnoringCase('etch primer', $said['do'] ?? '', $name);
        }
    }

    /** Prime is said only where the plan primes; glass fibre and carbon are keyed deep instead. */
    public function testPrimeIsSaidWhereThePlanPrimesAlone(): void
    {
        foreach (Substrate::cases() as $substrate) {
            foreach ([true, false] as $primed) {
                $plan = Sample::plan(Sample::brief($substrate, primed: $primed, sun: true));
                $primes = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role === Role::Prime) !== [];
                foreach ($plan->findings as $finding) {
                    self::assertFalse(in_array($finding->code, ['fit.prime_and_key', 'fit.score'], true) && ! $primes, "{$substrate->value}: {$finding->code}");
                    self::assertFalse(in_array($finding->code, ['fit.key_deep', 'fit.score_deep'], true) && $primes, "{$substrate->value}: {$finding->code}");
                }
            }
        }
    }

    public function testGluedDownWithPolyester(): void
    {
        $plan = self::plan('glue_down');
        $laying = (float) $plan->step('unroll-1')?->handsMin;
        self::assertSame([10.0, 40.0 - $laying], self::waits($plan, 'unroll-1'), 'the mist is tacky, and does not hold for ever');
        self::assertSame([10.0, 40.0 - $laying], self::waits($plan, 'unroll-2'));
        self::assertSame(280.0, $plan->step('wet-out')?->laidGM2, 'seven tenths of both plies, that lie dry');
        $one = self::plan('glue_down', BriefOf::usual(Methods::named('glue_down'))->with(new Choices(top: Top::PolishResin)));
        self::assertSame(140.0, $one->step('wet-out')?->laidGM2);
        $film = static fn (FinishPlan $of): float => $of->step('wet-out')->zones[0]->after->meanUm ?? 0.0;
        self::assertEqualsWithDelta($film($one), $film($plan), 1e-9, 'what the lower ply drinks is no film');
        foreach ($plan->steps as $step) {
            if ($step->batch !== null) {
                self::assertContains(Caution::Styrene, $step->step->cautions, $step->step->key);
                self::assertContains(Caution::Catalyst, $step->step->cautions, $step->step->key);
                self::assertGreaterThanOrEqual(1, $step->batch->drops, 'whole drops');
                self::assertEqualsWithDelta(1.5, 100.0 * $step->batch->hardenerG / $step->batch->resinG, 50.0 * 1.18 / 22.0 / $step->batch->resinG * 100.0 / 50.0, 'within half a drop of the sheet');
            }
        }
        $cold = self::plan('glue_down', shop: new Workshop(14.0));
        self::assertGreaterThan($plan->step('wet-out')->batch?->drops, $cold->step('wet-out')?->batch?->drops, 'colder air, more catalyst');
        self::assertTrue($plan->step('highs')?->step->grits?->ridgesOnly, 'highs, and no further');
        self::assertSame([FollowKind::Sandable, 'hard-top'], self::gate($plan, 'top-wash'));
        $filmed = self::plan('glue_down', BriefOf::usual(Methods::named('glue_down'), new Choices(hardTop: HardTop::Film)));
        self::assertSame([0.0, 5.0], self::waits($filmed, 'film-top'), 'while it is wet');
        self::assertContains('method.polyester_only', self::codes(FinishPlan::of(BriefOf::usual(Methods::named('glue_down')), Sample::materials(), Methods::named('glue_down'), new Workshop(20.0), FactLog::standing([]))));
        self::assertContains('layer.styrene', self::codes(self::plan('glue_down', Sample::brief(Substrate::Abs, choices: new Choices(top: Top::PolishResin)))));
        self::assertContains('method.glue_heat', self::codes(self::plan('glue_down', Sample::brief(Substrate::GlassFibre, sun: true, choices: new Choices(top: Top::PolishResin)))));
        self::assertContains('method.seal_first', self::codes(self::plan('glue_down', Sample::brief(Substrate::Wood))));
    }

    public function testBaggedIntoHollows(): void
    {
        $three = self::plan('bagged', BriefOf::usual(Methods::named('bagged'), new Choices(plies: 3)));
        self::assertSame(['inner_ply', 'inner_ply', 'bagged_ply'], array_map(fn (int $n): ?string => $three->step("wet-ply-{$n}")?->step->role->value, [1, 2, 3]));
        self::assertSame([[0.0, 25.0], [0.0, 25.0], [5.0, 25.0]], [self::waits($three, 'wet-ply-2'), self::waits($three, 'bag'), self::waits($three, 'leak-check')], 'before it gels');
        self::assertSame([FollowKind::Sandable, 'wet-ply-3'], self::gate($three, 'unbag'), 'vacuum held through cure');
        self::assertSame(720.0, $three->step('key-paint')?->step->follow->leastMin, 'paint is keyed once it is hard');
        self::assertContains(Caution::Vacuum, $three->step('leak-check')?->step->cautions);
        foreach ($three->step('wet-ply-3')->zones as $zone) {
            self::assertEqualsWithDelta(-0.5 * $zone->after->textureUm, $zone->after->meanUm, 2.0, 'what is over saturation is in the breather');
        }
        self::assertNull($three->first(Role::Base), 'black paint is the backing');
    }

    public function testAShellOffItsPanel(): void
    {
        $plan = self::plan('lift_off_shell');
        self::assertSame([[15.0, null], [60.0, null], [30.0, null]], [self::waits($plan, 'wax-2'), self::waits($plan, 'release-film'), self::waits($plan, 'first-ply')], 'by their sheets');
        self::assertSame([140.0, 200.0, 140.0], array_map(fn (string $k): ?float => $plan->step($k)?->laidGM2, ['inner-wet-out', 'ply-2', 'wet-out']));
        self::assertSame([0.0, 30.0], self::waits($plan, 'trim-rim'), 'trimmed while it is wet');
        self::assertSame([FollowKind::Tacky, 'wet-out'], self::gate($plan, 'rich-1'));
        self::assertSame([FollowKind::Sandable, 'rich-1'], self::gate($plan, 'key-rich'));
        self::assertSame(360.0, $plan->step('hang')?->step->follow->leastMin, 'clamped as long as the paste asks');
        self::assertContains(Caution::Clamp, $plan->step('bond')?->step->cautions);
        self::assertContains(Caution::Structure, $plan->step('hang')->step->cautions);
        self::assertContains('method.shell_plies', self::codes(self::plan('lift_off_shell', Sample::brief(Substrate::Painted))));
    }

    public function testAMouldInLiftsThatItsPatternBears(): void
    {
        $plan = self::plan('pattern_mould');
        $lifts = $plan->all(Role::Lift);
        self::assertSame(14, array_sum(array_map(fn (PlannedStep $s): int => $s->step->args['plies'], $lifts)), 'every ply of the mould');
        $air = Temperature::fromCelsius(20.0);
        $slab = FreeLaminate::slab($plan->materials->resins['mould_resin'], 450.0, $plan->shop);
        foreach ($lifts as $i => $lift) {
            self::assertLessThanOrEqual(60.0, $slab->of($lift->step->args['plies'], $air)['peakC'], $lift->step->key);
            self::assertSame([FollowKind::Tacky, $i === 0 ? 'coupling' : "lift-{$i}"], self::gate($plan, $lift->step->key));
            self::assertEqualsWithDelta(450.0 * $lift->step->args['plies'], $lift->laidGM2, 1e-9, 'as much resin as glass');
            self::assertContains(Caution::Lift, $lift->step->cautions);
        }
        self::assertGreaterThan(60.0, $slab->of(14, $air)['peakC'], 'all at once it would cook itself');
        self::assertSame([FollowKind::Tacky, 'gel-coat'], self::gate($plan, 'coupling'));
        self::assertSame([500.0, 160.0], [$plan->step('gel-coat')?->laidGM2, $plan->step('coupling')?->laidGM2]);
        // In the sun: 80 + 10 − 22.
        self::assertSame([68, 68], array_map(fn (PlannedStep $s): int => $s->step->args['c'], $plan->all(Role::PostCure)));
        self::assertSame(60.0 * $plan->step('post-cure-1')?->step->args['hours'], $plan->step('mould-off')?->step->follow->leastMin);
        self::assertContains(Caution::Heat, $plan->step('post-cure-2')?->step->cautions);
        foreach ($plan->step('part-off')->zones as $zone) {
            self::assertEqualsWithDelta(30.0, $zone->after->meanUm, 5.0, 'the weave lies just under');
        }
        self::assertSame(320, $plan->step('key-hand')?->step->grits?->to);
        self::assertSame(320, $plan->step('filler-flat')?->step->grits?->to);
        self::assertSame(400, $plan->step('pattern-flat')?->step->grits?->to, 'no finer than its parts need');
        $cold = self::plan('pattern_mould', shop: new Workshop(20.0));
        self::assertContains('laminate.softens_oven', self::codes($cold), 'nothing in the shop holds it warm enough');
        $cool = self::plan('pattern_mould', BriefOf::shaped(new Panel(400.0, 300.0, 4.0), Substrate::Steel, new Choices(plies: 4, mouldPlies: 8, layUp: LayUp::Infused, halves: 2)));
        self::assertSame([], $cool->all(Role::PostCure));
        self::assertSame('cut_plies stack bag leak_check infuse unbag demould trim wipe key wipe join key wipe key', self::part($cool, Role::CutPlies, 'key-hand'));
        self::assertSame(800.0, $cool->step('infuse')?->laidGM2, 'as much resin as four plies');
        self::assertSame([5.0, 240.0], self::waits($cool, 'infuse'), 'while it is known to be tight');
        self::assertContains('laminate.infusion', self::codes($cool));
    }

    public function testARawMouldingIsKeyedByHand(): void
    {
        $plan = self::plan('clear_moulding');
        self::assertSame(['wipe_release', 'key_hand', 'wipe_white', 'filler_heavy'], array_map(fn (PlannedStep $s): string => $s->step->name, array_slice($plan->steps, 0, 4)));
        self::assertSame([], $plan->all(Role::LastFlat), 'no machine and no block on a face that thin');
        self::assertLessThan(0.05, $plan->step('key-hand')?->keyedThrough()[1], 'by hand it bears P320');
        self::assertSame(15.0, $plan->step('pinholes')?->step->follow->leastMin, 'while it is soft');
        self::assertContains('method.no_film', self::codes(self::plan('clear_moulding', Sample::brief(Substrate::Carbon))));
    }

    public function testAChipAndAHole(): void
    {
        $plan = self::plan('crack_or_chip');
        self::assertLessThan(25.0, $plan->step('proud-1')?->batch?->totalG(), 'small cups');
        self::assertSame([FollowKind::Tacky, 'proud-1'], self::gate($plan, 'proud-2'));
        self::assertSame([FollowKind::Tacky, 'proud-1'], self::gate($plan, 'mask-out-2'), 'moved out between coats');
        self::assertSame(15.0, $plan->step('mask-off')?->step->follow->leastMin, 'off while the last coat gives');
        self::assertContains('repair.worth', self::codes($plan));
        $through = self::plan('crack_or_chip', BriefOf::usual(Methods::named('crack_or_chip'), new Choices(damage: Damage::Through)));
        self::assertSame('mask_wide cut_out key wipe splice fill_flush wash key', self::part($through, Role::MaskWide, 'feather'));
        self::assertSame([FollowKind::Sandable, 'fill-flush'], self::gate($through, 'feather'));
        self::assertContains(Caution::Structure, $through->step('cut-out')?->step->cautions);
        self::assertContains('repair.through', self::codes($through));
        self::assertGreaterThan($plan->handsAheadMin(), $through->handsAheadMin());
        $small = FinishPlan::of(
            BriefOf::shaped(new \OakGloss\Geometry\Patch(250.0, 200.0, 40.0), Substrate::Carbon, new Choices(top: Top::PolishResin), ExistingFilm::known(150.0, 120.0, FilmSource::Gauged), wholeM2: 0.1),
            BriefOf::materials(Methods::named('crack_or_chip')),
            Methods::named('crack_or_chip'),
            new Workshop(20.0),
            FactLog::standing([]),
        );
        $worth = fn (FinishPlan $p): float => array_values(array_filter($p->findings, fn (Finding $f): bool => str_starts_with($f->code, 'repair.')))[0]->args['share'];
        self::assertGreaterThan($worth($plan), $worth($small), 'the larger the share of the part, the less it is worth');
    }

    public function testBothFacesAndTheirRim(): void
    {
        $plan = self::plan('two_sided');
        [$first, $second] = [$plan->step('face-1'), $plan->step('face-2')];
        self::assertSame([['first face', 'rim'], ['second face', 'rim']], [$first?->step->layer?->only, $second?->step->layer?->only], 'rims are coated twice');
        self::assertTrue($first->step->isLainOn);
        $gained = fn (string $zone): array => array_map(function (PlannedStep $s) use ($zone): float {
            $state = array_values(array_filter($s->zones, fn (ZoneState $z): bool => $z->zone->name === $zone))[0];

            return $state->after->meanUm - $state->before->meanUm;
        }, [$first, $second]);
        self::assertGreaterThan(20.0, $gained('first face')[0]);
        self::assertEqualsWithDelta(0.0, $gained('first face')[1], 1e-9);
        self::assertGreaterThan(20.0, $gained('second face')[1]);
        self::assertGreaterThan(10.0, min($gained('rim')));
        // Opens between the tack's ends, and closes with the bond of the rim.
        $window = Sample::schedule($plan)->slot('face-2')?->window;
        $tack = $plan->materials->skinResin->kinetics;
        $lain = $tack->lainOn();
        self::assertGreaterThan($tack->age(Milestone::TackFrom), $lain->age(Milestone::TackFrom));
        self::assertLessThan($tack->age(Milestone::TackUntil), $lain->age(Milestone::TackFrom));
        self::assertGreaterThan(180.0, ($window?->opens->expectedMin ?? 0.0) - Sample::schedule($plan)->slot('face-1')?->endMin, 'later than a glove would say');
        // Two rounds of 110 g/m² at 1.12 g/cm³.
        self::assertSame((int) round(intdiv($plan->buildCoats, 2) * 110.0 / 1.12), $plan->step('dot-fill')?->step->args['um'], 'a shallower pit is left to what still comes');
        self::assertContains('method.two_faces', self::codes(self::plan('two_sided', Sample::brief(Substrate::Wood, primed: true, film: ExistingFilm::known(25.0, 90.0, FilmSource::Guessed)))));
        self::assertSame('first face', (new TwoFaces(400.0, 100.0, 60.0, 2.0))->zones()[0]->name);
    }

    public function testAnotherHeavyCoat(): void
    {
        $plan = self::plan('heavy_coat');
        self::assertTrue($plan->step('machine')?->step->grits?->ridgesOnly, 'stop at the first fibre');
        foreach ($plan->step('machine')->zones as $zone) {
            self::assertLessThanOrEqual($plan->shop->targetBurnThrough + 1e-9, $zone->risk());
        }
        self::assertSame([15.0, null], self::waits($plan, 'flash-off'), 'nothing is poured on a wipe that still smells');
        self::assertSame(205.0, $plan->step('pour-1')?->laidGM2, 'as much as its faces hold');
        $face = $plan->step('pour-1')->zones[0];
        self::assertLessThan($face->before->textureUm * 0.25, $face->after->textureUm, 'poured, it takes more of the texture than a brush leaves');
        self::assertContains(Caution::HotAir, $plan->step('warm-1')?->step->cautions);
        self::assertContains('method.pour_level', self::codes(self::plan('heavy_coat', BriefOf::shaped(new Panel(300.0, 200.0, 3.0, 70.0), Substrate::Carbon, new Choices(), ExistingFilm::known(160.0, 60.0, FilmSource::Gauged)))));
    }

    private static function plan(string $code, ?PartBrief $brief = null, ?Workshop $shop = null): FinishPlan
    {
        $method = Methods::named($code);

        return FinishPlan::of($brief ?? BriefOf::usual($method), BriefOf::materials($method), $method, $shop ?? new Workshop(20.0, hottestC: 110.0), FactLog::standing([]));
    }

    /** Its roles in their order, each run of one role told once. */
    private static function told(FinishPlan $plan): string
    {
        return self::runs(array_map(fn (PlannedStep $s): string => $s->step->role->value, $plan->steps));
    }

    private static function part(FinishPlan $plan, Role $from, string $until): string
    {
        $roles = [];
        foreach ($plan->steps as $step) {
            if ($roles !== [] || $step->step->role === $from) {
                $roles[] = $step->step->role->value;
            }
            if ($step->step->key === $until) {
                break;
            }
        }

        return self::runs($roles);
    }

    /** @param list<string> $roles */
    private static function runs(array $roles): string
    {
        return implode(' ', array_values(array_filter($roles, fn (string $r, int $i): bool => $i === 0 || $roles[$i - 1] !== $r, ARRAY_FILTER_USE_BOTH)));
    }

    /** @return array{float|null, float|null} */
    private static function waits(FinishPlan $plan, string $key): array
    {
        return [$plan->step($key)?->step->follow->leastMin, $plan->step($key)?->step->follow->mostMin];
    }

    /** @return array{FollowKind|null, string|null} */
    private static function gate(FinishPlan $plan, string $key): array
    {
        return [$plan->step($key)?->step->follow->kind, $plan->step($key)?->step->follow->coat];
    }

    /** @return list<string> */
    private static function codes(FinishPlan $plan): array
    {
        return array_column($plan->findings, 'code');
    }
}
