<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\ClimateKind;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\LeakTried;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Caution;
use OakGloss\Method\Choice;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choices;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Ground;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\Slot;
use OakGloss\Method\Stage;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\Workshop;
use OakGloss\Plan\ChoicesLeft;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\Stages;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** What every method keeps to: whoever adds one adds no line here. */
final class MethodContractTest extends TestCase
{
    /** @return iterable<string, array{Method, PartBrief}> */
    public static function methods(): iterable
    {
        foreach (Methods::all() as $code => $method) {
            foreach (BriefOf::variants($method) as $name => $brief) {
                yield "{$code}, {$name}" => [$method, $brief];
            }
        }
    }

    #[DataProvider('methods')]
    public function testStepsAreToldApartAndSayWhatTheyAre(Method $method, PartBrief $brief): void
    {
        $steps = self::plan($method, $brief)->steps;
        $keys = array_map(fn (PlannedStep $s): string => $s->step->key, $steps);
        self::assertSame($keys, array_unique($keys));
        self::assertGreaterThan(5, count($steps));
        self::assertSame(Role::Inspect, $steps[count($steps) - 1]->step->role, 'a last look');
        foreach ($steps as $step) {
            self::assertGreaterThan(0.0, $step->handsMin, $step->step->key);
        }
    }

    /** A method that always refuses, or takes nobody's time, is none. */
    #[DataProvider('methods')]
    public function testItsExampleIsMade(Method $method, PartBrief $brief): void
    {
        $shop = new Workshop(20.0, hottestC: ClimateKind::Oven->warmestC());
        $plan = FinishPlan::of(BriefOf::usual($method), BriefOf::materials($method), $method, $shop, FactLog::standing([]));
        self::assertSame([], array_map(fn (Finding $f): string => $f->code, $plan->refusals()), $method::code());
        self::assertGreaterThan(60.0, $plan->handsAheadMin());
        self::assertNotNull(Sample::schedule($plan)->readyMin());
    }

    /** A film whose every cup was as planned is the film that was planned, from the first coat to the last. */
    #[DataProvider('methods')]
    public function testCupsAsPlannedMoveNoFilm(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $film = fn (FinishPlan $p): array => array_map(
            fn (ZoneState $z): float => round($z->crownCover($z->after)->inMicrometres(), 3),
            $p->steps[count($p->steps) - 1]->zones,
        );
        [$facts, $at] = [[], 1000.0];
        foreach ($plan->steps as $i => $step) {
            // A turn comes at its moment, all else when there is time.
            $at += $step->step->kind === StepKind::Turn ? 0.5 * ($step->step->follow->leastMin + (float) $step->step->follow->mostMin) : 200.0;
            $content = match ($step->step->kind) {
                StepKind::Coat => new CoatOn($step->batch?->totalG(), only: $step->step->layer?->only),
                StepKind::Key => new Sanded($step->step->grits->to ?? 240),
                default => new Done(),
            };
            if ($step->step->kind === StepKind::Flat) {
                break;
            }
            $facts[] = new Fact($i + 1, $step->step->key, $at, $plan->shop->workingAirC, $content, $step->step->ref());
        }
        $lived = FinishPlan::of($brief, $plan->materials, $method, $plan->shop, FactLog::standing($facts));
        self::assertSame($film($plan), $film($lived));
    }

    #[DataProvider('methods')]
    public function testEveryWaitHasItsGate(Method $method, PartBrief $brief): void
    {
        $seen = [];
        foreach (self::plan($method, $brief)->steps as $planned) {
            $follow = $planned->step->follow;
            self::assertGreaterThanOrEqual(0.0, $follow->leastMin);
            if ($follow->kind !== FollowKind::Minutes) {
                self::assertContains($follow->coat, $seen, "{$planned->step->key} waits for a coat that went on before it");
            }
            $seen = $planned->step->kind === StepKind::Coat ? [...$seen, $planned->step->key] : $seen;
        }
    }

    #[DataProvider('methods')]
    public function testEveryCoatHasItsQuantityAndComesFromASlotThatTheMethodHas(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $slots = [...$method->needs(), ...$method->mayHave()];
        foreach ($plan->steps as $planned) {
            $slot = $planned->step->role->slot();
            if ($slot !== null) {
                self::assertContains($slot, $slots, $planned->step->key);
            }
            if ($planned->step->kind === StepKind::Coat) {
                self::assertSame($slot, $planned->step->layer?->slot);
                self::assertGreaterThan(0.0, $planned->laidGM2, $planned->step->key);
                self::assertGreaterThan($planned->laidGM2 * $plan->brief->areaOf($planned->step->layer?->only) * 0.999, $planned->batch?->totalG());
            }
            if ($planned->step->kind === StepKind::Flat) {
                self::assertNotNull($planned->ladder, $planned->step->key);
            }
        }
    }

    /** What can hurt at a step stands at it, by what hands do there. */
    #[DataProvider('methods')]
    public function testEveryRiskHasItsCaution(Method $method, PartBrief $brief): void
    {
        foreach (self::plan($method, $brief)->steps as $planned) {
            [$key, $cautions] = [$planned->step->key, $planned->step->cautions];
            match ($planned->step->kind) {
                StepKind::Coat => self::assertNotSame([], array_intersect([Caution::Epoxy->value, Caution::Styrene->value], array_column($cautions, 'value')), $key),
                StepKind::Key, StepKind::Flat => self::assertContains(Caution::Dust, $cautions, $key),
                StepKind::Wipe => self::assertSame(in_array($planned->step->role, [Role::Wash, Role::TackRag], true), ! in_array(Caution::SolventRags, $cautions, true), $key),
                StepKind::Spray => self::assertNotSame([], array_intersect(
                    [Caution::SprayMist->value, Caution::Isocyanate->value, Caution::SolventRags->value],
                    array_column($cautions, 'value'),
                ), $key),
                StepKind::Polish => self::assertContains(Caution::PolishHeat, $cautions, $key),
                StepKind::PostCure => self::assertContains(Caution::Heat, $cautions, $key),
                default => self::assertSame(array_unique(array_column($cautions, 'value')), array_column($cautions, 'value'), $key),
            };
        }
    }

    /** Grease is not keyed in, dust is wiped off before a coat, and nothing is coated that neither is clean nor tacky. */
    #[DataProvider('methods')]
    public function testEveryCoatFindsTheSurfaceThatItNeeds(Method $method, PartBrief $brief): void
    {
        $ground = Ground::AsFound;
        foreach (self::plan($method, $brief)->steps as $planned) {
            [$key, $kind, $follow] = [$planned->step->key, $planned->step->kind, $planned->step->follow];
            self::assertContains($ground, $planned->step->role->needs(), $key);
            if ($kind === StepKind::Coat && $ground === Ground::Coat) {
                self::assertTrue($follow->coat !== null || $follow->mostMin !== null, "{$key} goes on a coat in its time");
            }
            $ground = $planned->step->role->leaves($ground);
        }
    }

    /** Every step lies in one of the method's stages, and no stage that it names is empty. */
    #[DataProvider('methods')]
    public function testStagesAreWhole(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $stages = Stages::of($plan);
        self::assertSame(count($plan->steps), array_sum(array_map(fn (array $s): int => count($s['steps']), $stages)));
        self::assertSame($plan->steps, array_merge(...array_column($stages, 'steps')), 'in the order of the work');
        self::assertSame([], array_values(array_filter(array_column($stages, 'stage'), fn (Stage $s): bool => ! in_array($s, $method->stages(), true))));
        foreach ($plan->steps as $planned) {
            if ($planned->step->kind !== StepKind::Wipe && $planned->step->role !== Role::Trim && $planned->step->role !== Role::Inspect) {
                self::assertContains($planned->step->stage, $method->stages(), $planned->step->key);
            }
        }
    }

    /** The film that the plan promises is the film that stays when all of it was done as planned. */
    #[DataProvider('methods')]
    public function testTheFilmOfThePlanIsTheFilmOfTheRecord(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $lived = self::plan($method, $brief, self::lived($plan));
        self::assertNull($lived->next());
        self::assertSame(array_map(fn (PlannedStep $s): string => $s->step->key, $plan->steps), array_map(fn (PlannedStep $s): string => $s->step->key, $lived->steps));
        foreach ($plan->steps as $i => $step) {
            foreach ($step->zones as $z => $zone) {
                self::assertEqualsWithDelta($zone->after->meanUm, $lived->steps[$i]->zones[$z]->after->meanUm, 1e-9, "{$step->step->key}, {$zone->zone->name}");
            }
        }
    }

    /** Half-way through, whatever is chosen otherwise: no coat that lies on the part goes from its plan. */
    #[DataProvider('methods')]
    public function testTheZonesTableAndTheWorstZoneAreOneFigure(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $risks = array_map(
            fn (ZoneState $s): float => $s->risk(),
            array_filter($plan->mostEndangered(), fn (ZoneState $s): bool => $s->isShow()),
        );
        self::assertSame($plan->worst()?->risk(), $risks === [] ? null : max($risks));
    }

    #[DataProvider('methods')]
    public function testCoatsThatLieNeverVanish(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $facts = self::lived($plan);
        for ($upTo = 4; $upTo <= count($facts); $upTo += Thorough::isLong() ? 5 : 17) {
            $done = array_slice($facts, 0, $upTo);
            $lain = array_unique(array_map(fn (Fact $f): string => $f->step, array_filter($done, fn (Fact $f): bool => $f->content instanceof CoatOn)));
            foreach (Methods::all() as $other) {
                $now = FinishPlan::of(BriefOf::usual($other), BriefOf::materials($other), $other, new Workshop(20.0), FactLog::standing($done));
                $keys = array_map(fn (PlannedStep $s): string => $s->step->key, $now->steps);
                self::assertSame([], array_values(array_diff($lain, $keys)), "{$upTo} facts, then {$other::code()}");
            }
        }
    }

    /** Choices are kept and read by name; what is none, out of its range or can't be read is refused, never taken as usual. */
    public function testChoicesAreKeptAndReadAsTheyWere(): void
    {
        $made = new Choices(top: Top::PolishResin, plies: 3, turned: true, buildGM2: 85.0);
        self::assertEquals($made, Choices::read((array) json_decode((string) json_encode($made->kept()), true)));
        self::assertEquals(new Choices(), Choices::read([]));
        self::assertSame(4, $made->with('plies', '4')->of(PlyCount::class));
        foreach ([fn () => new Choices(plise: 3), fn () => new Choices(plies: 'three'), fn () => new Choices(plies: 13), fn () => Choices::read(['top' => 'rust']), fn () => Choices::read(['plies' => 99])] as $n => $wrong) {
            try {
                $wrong();
                self::fail("{$n} is taken");
            } catch (\InvalidArgumentException|\UnexpectedValueException|OutOfRange $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    /** Every choice is open at the start, and none is when all is done. */
    #[DataProvider('methods')]
    public function testChoicesSettle(Method $method, PartBrief $brief): void
    {
        $plan = self::plan($method, $brief);
        $hasCoat = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->layer?->builds === true) !== [];
        self::assertSame(
            array_values(array_filter(array_keys($method->choices()), fn (string $c): bool => $hasCoat || ! $c::IS_OF_A_COAT)),
            ChoicesLeft::of($plan),
        );
        self::assertSame([], ChoicesLeft::of(self::plan($method, $brief, self::lived($plan))));
    }

    /** Roles are declared: with other keys the same plan, in words, quantities, waits and film, and in what facts do to it. */
    #[DataProvider('methods')]
    public function testNothingHangsOnTheNameOfAKey(Method $method, PartBrief $brief): void
    {
        $rename = fn (string $key): string => substr(md5("{$method::code()} {$key}"), 0, 9);
        $renamed = new RenamedMethod($method, $rename);
        $facts = self::lived(self::plan($method, $brief));
        foreach ([0, 11, count($facts)] as $upTo) {
            $done = array_slice($facts, 0, $upTo);
            $plain = self::plan($method, $brief, $done);
            $other = self::planOf($renamed, $method, $brief, array_map(fn (Fact $f): Fact => new Fact($f->id, $rename($f->step), $f->atMin, $f->airC, $f->content, $f->ref), $done));
            self::assertSame(array_map(self::told(...), $plain->steps), array_map(self::told(...), $other->steps), "after {$upTo} facts");
            self::assertSame(ChoicesLeft::of($plain), ChoicesLeft::of($other));
            self::assertEquals($plain->findings, $other->findings);
            self::assertSame(Sample::schedule($plain, 9000.0)->readyMin(), Sample::schedule($other, 9000.0)->readyMin());
        }
    }

    public function testAMissingSlotIsNamedAtItsField(): void
    {
        foreach (Methods::all() as $method) {
            foreach (array_intersect(array_column($method->needs(), 'value'), [Slot::Base->value, Slot::FillerClear->value]) as $slot) {
                $plan = FinishPlan::of(BriefOf::usual($method), BriefOf::materials($method, without: Slot::from($slot)), $method, new Workshop(20.0), FactLog::standing([]));
                self::assertContains(Slot::from($slot)->field(), array_column($plan->refusals(), 'field'), $method::code());
            }
        }
        self::assertArrayHasKey(BuildCoats::class, (new BrushOnSkin())->choices());
    }

    /** @return list<Fact> every step done as it is planned, an hour apart */
    private static function lived(FinishPlan $plan): array
    {
        $facts = [];
        $at = 480.0;
        foreach ($plan->steps as $planned) {
            $step = $planned->step;
            $kept = match ($step->kind) {
                StepKind::Coat => [new CoatOn(only: $step->layer?->only)],
                StepKind::Wipe => [new Wiped()],
                StepKind::LeakCheck => [new LeakTried(30.0, 33.0, 10.0)],
                StepKind::Key, StepKind::Flat => array_map(
                    fn (int $grit): Sanded => new Sanded($grit),
                    $planned->ladder === null ? [$step->grits->to ?? 0] : array_map(fn ($s): int => $s->grit->number, $planned->ladder->steps),
                ),
                default => [new Done()],
            };
            foreach ($kept as $content) {
                // A turn falls half-way through the flow.
                $at += $step->role === Role::Turn ? $step->follow->leastMin + 5.0 : 60.0;
                $facts[] = new Fact(count($facts) + 1, $step->key, $at, 20.0, $content, $step->ref());
            }
        }

        return $facts;
    }

    /** @return array<string, mixed> all that a step says but its key */
    private static function told(PlannedStep $planned): array
    {
        $step = $planned->step;

        return [
            'role' => $step->role, 'nth' => $step->nth, 'name' => $step->name, 'args' => $step->args, 'cautions' => $step->cautions,
            'follow' => [$step->follow->kind, $step->follow->leastMin, $step->follow->mostMin], 'hands' => $planned->handsMin,
            'laid' => $planned->laidGM2, 'grams' => $planned->batch?->totalG(), 'done' => $planned->doneAtMin, 'skipped' => $planned->skipped,
            'film' => array_map(fn (ZoneState $z): array => [$z->after->meanUm, $z->after->textureUm, $z->risk()], $planned->zones),
        ];
    }

    /** @param list<Fact> $facts */
    private static function plan(Method $method, PartBrief $brief, array $facts = []): FinishPlan
    {
        return self::planOf($method, $method, $brief, $facts);
    }

    /** @param list<Fact> $facts */
    private static function planOf(Method $method, Method $like, PartBrief $brief, array $facts): FinishPlan
    {
        return FinishPlan::of($brief, BriefOf::materials($like), $method, new Workshop(20.0), FactLog::standing($facts));
    }
}
