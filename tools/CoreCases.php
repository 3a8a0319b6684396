<?php

declare(strict_types=1);

namespace Tools;

use App\Bench\ClosingTime;
use App\Files\AirCsv;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Planning\OpenParts;
use App\Planning\PlanKeeper;
use App\Planning\Planner;
use App\View\Drawing\SectionDrawing;
use Closure;
use Illuminate\Support\Facades\Cache;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Climate\AirCurve;
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\Activation;
use OakGloss\Cure\CupHeat;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Spread;
use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\FilmEstimate;
use OakGloss\Film\Rheology;
use OakGloss\Film\SkinSection;
use OakGloss\Film\Weave;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Move;
use OakGloss\Practice\Simulation;
use OakGloss\Quantity\Temperature;
use OakGloss\Schedule\Chain;
use OakGloss\Schedule\Crew;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Gap;
use OakGloss\Schedule\PartPlacer;
use OakGloss\Schedule\RunSheetSearch;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\WorkingTime;

/** What of the core is timed: each case with its target in milliseconds, if it has one. */
final class CoreCases
{
    /** @return array<string, array{float|null, Closure}> */
    public function all(): array
    {
        $points = [];
        for ($i = 0; $i <= 14 * 48; $i++) {
            $points[] = [30.0 * $i, 17.0 + 4.0 * sin(2.0 * M_PI * ($i - 18) / 48.0) + 0.6 * sin($i)];
        }
        $air = AirCurve::through($points);
        $reference = Temperature::fromCelsius(20.0);
        $kinetics = new Kinetics(
            $reference,
            Activation::assumed(),
            ['tack_from' => 120.0, 'tack_until' => 260.0, 'sandable' => 900.0, 'full' => 8000.0],
            12.0,
        );
        $rheology = new Rheology(1.1, $reference, 1.2, Activation::given(54000.0), 100.0, Activation::assumed());
        $work = WorkingTime::of(array_map(fn (int $d): array => [$d * 1440.0 + 480.0, $d * 1440.0 + 1080.0], range(0, 13)));
        $steps = [new RunStep('key', 60.0)];
        for ($i = 1; $i < 12; $i++) {
            $steps[] = new RunStep("coat {$i}", 20.0, Gap::age($kinetics, 120.0, 260.0, 900.0), 12.0, 25.0);
        }
        $part = Part::query()->with(Part::PLAN_NEEDS)->where('letter', 'W')->firstOrFail();

        return [
            'cure window, 14 days of half-hourly air' => [null, function () use ($air, $kinetics): void {
                $forecast = new CureForecast(new PartTemperature($air, 12.0), $kinetics, new Spread(), 500.0);
                foreach (array_keys($kinetics->agesMin) as $event) {
                    $forecast->event($event, 500.0);
                }
            }],
            'film, 12 zones × 8 coats' => [null, function () use ($rheology, $reference): void {
                $weave = new Weave(200.0);
                for ($zone = 0; $zone < 12; $zone++) {
                    $skin = SkinSection::wetOut(
                        $weave,
                        new Face(7.0 * $zone, 0.3, null, 'face', [new Face(5.0, 0.2, null, 'top')]),
                        $rheology,
                        new Coat(140.0, $reference),
                    );
                    for ($coat = 0; $coat < 8; $coat++) {
                        $skin = $skin->afterCoat(new Coat(110.0, $reference));
                    }
                }
            }],
            'grit ladder over 23 papers' => [
                null,
                fn () => Ladder::cheapest(SandingMethod::WetBlock, 0.5, array_keys(Grit::MEAN_GRAIN_UM), 40, 5000, 30.0),
            ],
            'film estimate, 12 zones, 8 coats and 8 readings' => [null, function (): void {
                $estimate = FilmEstimate::unmeasured(12)->marked();
                for ($n = 0; $n < 8; $n++) {
                    $estimate = $estimate->afterCoat(array_fill(0, 12, 60.0))->weighed(0.5, array_fill(0, 12, 0.04), 2.0, 1.0);
                }
            }],
            'thinnest cup at the end of its ranges' => [
                2000.0,
                fn () => CupHeat::fitted(
                    Activation::given(300000.0),
                    1.1,
                    1.0,
                    Temperature::fromCelsius(20.0),
                    10000.0 - 0.001 * mt_rand(0, 1000),
                )->batch(0.1, Temperature::fromCelsius(120.0), 2000.0),
            ],
            'an air file of 20 000 lines' => [3000.0, fn () => AirCsv::read($this->airFile(), 'UTC')],
            'practice, one simulated week of 44 acts' => [
                100.0,
                fn () => Simulation::play(42, Lesson::Patience->before(), self::practiceWeek()),
            ],
            'section drawing of one part' => [null, fn () => SectionDrawing::of(app(Planner::class)->plan($part)->plan)],
            'run sheet, 12 steps, 14 days at 15 min' => [
                50.0,
                fn () => (new PartPlacer($air, Diary::alone($work), 480.0, 480.0 + 14 * 1440.0, 15.0, 120.0))->place($steps),
            ],
            'whole replan of one part' => [50.0, function () use ($part): void {
                app()->forgetScopedInstances();
                app(Planner::class)->plan($part);
            }],
            'whole shop, 12 parts × 12 steps, 14 days at 15 min' => [1000.0, fn () => $this->search(12, $air, $work)->plan()],
            'whole shop, 40 parts × 12 steps, 14 days at 15 min' => [5000.0, fn () => $this->search(40, $air, $work)->plan()],
            'run sheet of the demo\'s shop, cold' => [null, function (): void {
                app()->forgetScopedInstances();
                Cache::flush();
                app(Planner::class)->sheet(Shop::query()->firstOrFail());
            }],
            'before you lock up, cold' => [null, function (): void {
                app()->forgetScopedInstances();
                Cache::flush();
                app(ClosingTime::class)->cases(Shop::query()->firstOrFail());
            }],
        ];
    }

    /** Hours that change so that parts lose their places: what is mended then, the parts' own plans being known. */
    public function mendingOf(int $parts): Closure
    {
        $shop = Shop::query()->firstOrFail();
        foreach ($shop->parts()->whereNull('finished_at')->with(['facts', 'slots'])->get() as $n => $part) {
            for ($copy = 0; $shop->parts()->whereNull('finished_at')->count() < $parts && $copy < $parts / 4; $copy++) {
                $other = $part->replicate();
                $other->save();
                foreach ($part->facts as $fact) {
                    PartFact::query()->create(
                        ['part_id' => $other->id, 'token' => "copy-{$n}-{$copy}-{$fact->id}"] + $fact->only([
                            'user_id',
                            'kind',
                            'step',
                            'role',
                            'nth',
                            'happened_at',
                            'recorded_at',
                            'air_c',
                            'data',
                        ]),
                    );
                }
            }
        }
        app()->forgetScopedInstances();
        app(PlanKeeper::class)->keep($shop);
        $planner = app(Planner::class);
        $floor = $planner->floor($shop);
        $crew = new Crew(
            array_map(
                fn (WorkingTime $w): WorkingTime => WorkingTime::of(array_values(array_map(
                    fn (array $h): array => $h[0] > $floor->nowMin ? [$h[0] + 60.0, $h[1]] : $h,
                    array_filter($w->windows, fn (array $h): bool => $h[1] - $h[0] > 90.0),
                ))),
                $floor->crew->people,
            ),
            $floor->crew->things,
        );

        return fn () => CurrentPlan::of(
            $planner->chains($shop),
            $planner->keptPlaces($shop),
            $crew,
            $floor->nowMin,
            app(OpenParts::class)->weights($shop),
        );
    }

    /** Parts like the trade's: keys, coats in windows, cures; three pairs of hands for each dozen and a half of parts. */
    public function search(int $parts, AirCurve $air, WorkingTime $work, ?int $effort = null): RunSheetSearch
    {
        $kinetics = new Kinetics(Temperature::fromCelsius(20.0), Activation::assumed(), []);
        $chains = [];
        for ($p = 0; $p < $parts; $p++) {
            $steps = [new RunStep("{$p}-0", 20.0 + 5.0 * ($p % 5))];
            for ($i = 1; $i < 12; $i++) {
                $gap = $i % 4 === 0 ? Gap::age($kinetics, 900.0) : Gap::age($kinetics, 110.0 + 10.0 * ($p % 3), 270.0, 900.0);
                $steps[] = new RunStep("{$p}-{$i}", 10.0 + 5.0 * (($p + $i) % 4), $gap, 12.0, 20.0);
            }
            $chains[] = new Chain("part {$p}", $steps, $air, null, 1.0 + ($p % 7 === 0 ? 1.0 : 0.0), $p % 5 === 0 ? 9000.0 : null);
        }

        return new RunSheetSearch(
            $chains,
            new Crew(array_fill(0, (int) ceil($parts / 18), $work)),
            480.0,
            480.0 + 14 * 1440.0,
            15.0,
            180.0,
            $effort,
        );
    }

    private function airFile(): string
    {
        static $file = null;
        if ($file === null) {
            $file = (string) tempnam(sys_get_temp_dir(), 'oak-air');
            file_put_contents(
                $file,
                "Temperatur (°C);Zeit;Feuchte\n".implode(
                    "\n",
                    array_map(fn (int $i): string => '18,4;'.gmdate('d.m.Y H:i:s', 1778000000 + 1300 * $i).';55', range(1, 19998)),
                ),
            );
        }

        return $file;
    }

    /** @return list<Move> a week of a learner who tries everything */
    private static function practiceWeek(): array
    {
        $moves = [Move::wait(1440.0)];
        foreach ([150, 240, 320, 400, 600, 1000] as $grit) {
            array_push(
                $moves,
                Move::sand(Grit::p($grit), SandingMethod::WetBlock, 10.0, 'top'),
                Move::sand(Grit::p($grit), SandingMethod::WetBlock, 6.0, 'flank'),
                Move::wipe(),
                Move::look(),
            );
        }
        for ($coat = 0; $coat < 4; $coat++) {
            array_push(
                $moves,
                Move::mix(26.0),
                Move::coat(),
                Move::wait(1440.0),
                Move::sand(Grit::p(240), SandingMethod::WetBlock, 4.0),
                Move::wipe(),
            );
        }

        return $moves;
    }
}
