<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Climate\AirCurve;
use OakGloss\Fact\FactLog;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Patch;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choices;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\Finding;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Ground;
use OakGloss\Method\HardTop;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Role;
use OakGloss\Method\Severity;
use OakGloss\Method\Start;
use OakGloss\Method\StepKind;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use OakGloss\Schedule\PartSchedule;
use PHPUnit\Framework\TestCase;
use Tests\Thorough;

/** Hundred briefs of each of the twelve ways of working (a quarter each time), any of anything: a plan that keeps the contract, or a way out. */
final class RandomBriefsTest extends TestCase
{
    private const BRIEFS_OF_EACH = 100;

    public function testAPlanThatKeepsTheContractOrARefusalWithItsReason(): void
    {
        $words = require dirname(__DIR__, 2).'/lang/en/findings.php';
        $refused = $planned = 0;
        foreach (Methods::all() as $code => $method) {
            foreach (Thorough::seeds(self::BRIEFS_OF_EACH) as $n) {
                mt_srand(crc32("{$code} {$n}"));
                $name = "{$code} {$n}";
                $shop = new Workshop(mt_rand(120, 290) / 10.0, hottestC: mt_rand(0, 1) === 0 ? 45.0 : 110.0);
                $plan = FinishPlan::of($this->brief($method), BriefOf::anyMaterials($method), $method, $shop, FactLog::standing([]));
                foreach ($plan->findings as $finding) {
                    [$group, $key] = explode('.', $finding->code) + [1 => ''];
                    self::assertNotSame('', $words[$group][$key]['what'] ?? '', "{$name}: {$finding->code}");
                    self::assertNotSame('', $words[$group][$key]['tip'] ?? '', "{$name}: {$finding->code} says what to do");
                    self::assertTrue($finding->severity !== Severity::Refuse || $finding->field !== null, "{$name}: {$finding->code} is refused at a field");
                }
                $plan->refusals() === [] ? $planned++ : $refused++;
                $this->assertKeepsTheContract($plan, $name);
                if ($plan->refusals() === [] && $n % 10 === 0) {
                    $this->assertIsPlaced($plan, $name, $shop->workingAirC);
                }
            }
        }
        self::assertGreaterThan(0.4, $planned / ($planned + $refused));
        self::assertGreaterThan(0.1, $refused / ($planned + $refused));
    }

    public function testTheFirstTenOfEachAreWhatWasApproved(): void
    {
        $lines = [];
        foreach (Methods::all() as $code => $method) {
            foreach (range(1, 10) as $n) {
                mt_srand(crc32("{$code} {$n}"));
                $shop = new Workshop(mt_rand(120, 290) / 10.0, hottestC: mt_rand(0, 1) === 0 ? 45.0 : 110.0);
                $plan = FinishPlan::of($this->brief($method), BriefOf::anyMaterials($method), $method, $shop, FactLog::standing([]));
                $lines[] = "{$code} {$n}: ".Approved::value([
                    count($plan->steps), $plan->buildCoats, $plan->totalGrams(), $plan->handsAheadMin(), $plan->worst()?->risk(),
                    array_map(fn (ZoneState $z): float => $z->left()->inMicrometres(), $plan->mostEndangered()),
                    array_map(fn (Finding $f): string => $f->code.' '.Approved::value($f->args), $plan->findings),
                    implode(' ', array_map(fn (PlannedStep $s): string => sprintf('%s:%.1f:%g', $s->step->key, $s->handsMin, $s->step->follow->leastMin), $plan->steps)),
                ]);
            }
        }
        Approved::is('briefs', $lines);
    }

    private function assertKeepsTheContract(FinishPlan $plan, string $name): void
    {
        $ground = Ground::AsFound;
        $coats = [];
        foreach ($plan->steps as $planned) {
            [$step, $follow] = [$planned->step, $planned->step->follow];
            self::assertContains($ground, $step->role->needs(), "{$name}: {$step->key}");
            self::assertTrue($follow->kind === FollowKind::Minutes || in_array($follow->coat, $coats, true), "{$name}: {$step->key}");
            self::assertTrue(is_finite($planned->handsMin) && $planned->handsMin > 0.0, "{$name}: {$step->key}");
            if ($step->kind === StepKind::Coat) {
                $coats[] = $step->key;
                self::assertGreaterThan(0.0, $planned->batch?->totalG(), "{$name}: {$step->key}");
            }
            foreach ($planned->zones as $zone) {
                self::assertTrue(is_finite($zone->after->meanUm) && $zone->after->textureUm >= 0.0, "{$name}: {$step->key}");
            }
            $ground = $step->role->leaves($ground);
        }
        self::assertSame(Role::Inspect, $plan->steps[count($plan->steps) - 1]->step->role, $name);
        self::assertLessThanOrEqual(FinishPlan::MOST_BUILD_COATS, count(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role === Role::Build)), $name);
    }

    private function assertIsPlaced(FinishPlan $plan, string $name, float $airC): void
    {
        if ($airC < 17.0) {
            return;
        }
        $schedule = PartSchedule::of($plan, AirCurve::constant($airC), Sample::openDaily(120), 480.0);
        self::assertNotNull($schedule->readyMin(), "{$name} has no place on the clock");
    }

    private function brief(Method $method): PartBrief
    {
        $start = $method->startsFrom();
        $any = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $shape = match ($start) {
            Start::Plate => new FlatSheet(mt_rand(150, 1500), mt_rand(150, 900)),
            Start::Place => new Patch(mt_rand(2, 200), mt_rand(2, 90), mt_rand(15, 80)),
            Start::Piece => mt_rand(0, 9) > 0 ? new TwoFaces(mt_rand(80, 1500), mt_rand(40, 600), mt_rand(20, 100), mt_rand(1, 8)) : $this->shape(),
            default => $this->shape(),
        };
        $choices = new Choices(
            wetOut: $any(WetOut::cases()),
            afterWetOut: $any(AfterWetOut::cases()),
            top: mt_rand(0, 4) > 0 ? $method->usual()->choices->of(TopKind::class) : Top::PolishResin,
            buildCoats: $any([null, null, 2, 5]),
            finishCoats: mt_rand(1, 3),
            stripes: $any([0, 0, 0, 1]),
            secondPasses: $any([0, 0, 1, 2]),
            turned: $any([true, false, false]),
            printThrough: $any(PrintThrough::cases()),
            plies: $start->isBuiltOn() ? $any([...array_fill(0, 9, min($method->usual()->choices->of(PlyCount::class), $method->mostPlies())), 2]) : mt_rand(1, 8),
            faces: $any(Faces::cases()),
            hardTop: $any(HardTop::cases()),
            mouldPlies: mt_rand(4, 24),
            layUp: $any(LayUp::cases()),
            halves: mt_rand(1, 2),
            damage: $any(Damage::cases()),
            holding: $any([Holding::TackyBase, Holding::TackyBase, Holding::Adhesive, Holding::WetLay]),
        );

        return new PartBrief(
            $shape->zones(),
            $shape->developedMm(),
            mt_rand(0, 4) > 0 ? $any($method->substrates()) : $any(Substrate::cases()),
            $any([true, false]),
            $any(Tone::cases()),
            $any([Backing::Black, Backing::Black, ...Backing::cases()]),
            $any([...array_fill(0, 8, Finish::Gloss), Finish::Satin]),
            $any([true, false, false]),
            $any([true, false, false, false]),
            $any([true, false]),
            wrapMm: mt_rand(0, 50),
            holes: $any([0, 0, 4]),
            choices: $choices,
            film: $start->hasFilm() && mt_rand(0, 9) > 0 ? ExistingFilm::known(mt_rand(0, 900), mt_rand(5, 300), $any(FilmSource::cases())) : null,
            sides: $shape instanceof TwoFaces ? $shape->sides() : null,
            wholeM2: $start === Start::Place ? mt_rand(2, 150) / 100.0 : null,
            blankMm: $start === Start::Plate && mt_rand(0, 9) > 0 ? ['length' => mt_rand(40, 400), 'width' => mt_rand(30, 300)] : null,
        );
    }

    private function shape(): Shape
    {
        $mm = fn (int $least, int $most): float => (float) mt_rand($least, $most);

        return match (mt_rand(0, 4)) {
            0 => new Panel($mm(80, 900), $mm(60, 600), $mm(1, 8)),
            1 => new BentPanel($mm(120, 700), $mm(60, 350), $mm(40, 220), $mm(10, 85), $mm(5, 25), $mm(1, 6)),
            2 => new Dome($mm(150, 600), $mm(30, 70), $mm(2, 6)),
            3 => new HalfTube($mm(150, 800), $mm(40, 180), $mm(2, 6)),
            default => new Box($mm(100, 500), $mm(80, 400), $mm(30, 150), $mm(2, 6)),
        };
    }
}
