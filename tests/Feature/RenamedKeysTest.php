<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\View\Drawing\CutScale;
use App\View\Drawing\FilmScale;
use App\View\Drawing\LaminateDrawing;
use App\View\Drawing\SectionDrawing;
use App\View\Page\BenchCall;
use App\View\Page\PlanNotices;
use App\Words\Formatter;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\LaminatePlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SheetPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\PartSchedule;
use OakGloss\Schedule\StepsAhead;
use Tests\Core\RenamedMethod;

/** Pages ask what a step is: with every key at random they are the same but for the key. */
final class RenamedKeysTest extends ShopCase
{
    public function testNoPageChangesButInTheKey(): void
    {
        $part = $this->partWithBuildCoat();
        $rename = fn (string $key): string => 'k'.substr(md5("some {$key}"), 0, 10);
        $plain = $this->planned($part);
        $floor = app(Planner::class)->floor($this->shop);
        $renamed = $this->renamed($plain, $rename, $floor);
        $this->actingAs($this->user);
        $names = array_combine(
            array_map(fn (PlannedStep $s): string => $rename($s->step->key), $plain->plan->steps),
            array_map(fn (PlannedStep $s): string => $s->step->key, $plain->plan->steps),
        );
        // Of the same floor and kept places: what is next is placed anew for both.
        $plain = $this->renamed($plain, fn (string $key): string => $key, $floor);
        foreach ([false, true] as $isInLayers) {
            self::assertSame($this->page($plain, $isInLayers), strtr($this->page($renamed, $isInLayers), $names));
        }
        self::assertEquals(FilmScale::of($plain->plan), FilmScale::of($renamed->plan));
        self::assertEquals(FilmAnswer::of($plain->plan), FilmAnswer::of($renamed->plan));
        self::assertEquals(
            CutScale::of($plain->plan->resinFlat() ?? self::fail('no flatting'), 0.01),
            CutScale::of($renamed->plan->resinFlat() ?? self::fail('no flatting'), 0.01),
        );
    }

    /** @param \Closure(string): string $rename */
    private function renamed(PlannedPart $planned, \Closure $rename, ShopFloor $floor): PlannedPart
    {
        $plan = $planned->plan;
        $facts = array_map(fn (Fact $f): Fact => new Fact($f->id, $rename($f->step), $f->atMin, $f->airC, $f->content, $f->ref), $plan->log->facts);
        $plan = FinishPlan::of($plan->brief, $plan->materials, new RenamedMethod($plan->method, $rename), $plan->shop, FactLog::standing($facts));

        return PlannedPart::by($planned->part, PartSchedule::within(new StepsAhead($plan, $floor->air, $floor->nowMin), Diary::of($floor->crew)), $floor);
    }

    private function page(PlannedPart $planned, bool $isInLayers): string
    {
        \Illuminate\Support\Facades\View::share('errors', new \Illuminate\Support\ViewErrorBag());

        return (string) preg_replace('/name="token" value="[^"]*"|name="_token" value="[^"]*"/', '', view('parts.show', [
            'planned' => $planned,
            'drawing' => SectionDrawing::of($planned->plan),
            'sheet' => SheetPlan::of($planned->plan),
            'laminates' => array_map(LaminateDrawing::of(...), LaminatePlan::all($planned->plan)),
            'hasSkin' => true,
            'call' => new BenchCall($planned, app(Formatter::class)),
            'isInLayers' => $isInLayers,
            'groups' => [],
            'newHere' => ['resins' => [], 'names' => []],
            'notices' => new PlanNotices($planned, []),
        ])->render());
    }
}
