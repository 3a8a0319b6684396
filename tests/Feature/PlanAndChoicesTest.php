<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Planning\OpenChoices;
use App\Planning\PricedChoice;
use App\View\Drawing\CutScale;
use App\View\Drawing\RiskClass;
use App\View\Drawing\SectionDrawing;
use OakGloss\Plan\PlannedStep;

final class PlanAndChoicesTest extends ShopCase
{
    public function testEveryStepOfThePlanSaysWhenHowMuchCueAndCaution(): void
    {
        $part = $this->partWithBuildCoat();
        $page = $this->get("/parts/{$part->id}?priced=1")->assertOk();
        foreach ([
            ['Strip to a sound surface', 'Nothing lifts under a scraper held flat.'],
            ['Lay the cloth', 'A touch leaves a print and takes nothing away.'],
            ['Build coat 2 of 3', 'Touch the witness patch with a glove: a print, and nothing lifts.'],
            ['Flat the build', 'Stop when uniformly matt. A faint pattern of the weave means stop now.'],
            ['Cut and polish', 'No haze in the reflected lamp.'],
        ] as [$title, $cue]) {
            $page->assertSee($title)->assertSee($cue);
        }
        self::assertSame(count($this->planned($part)->plan->steps), substr_count((string) $page->getContent(), '<li class="coat-row'));
        $page->assertSee('Uncured epoxy')->assertSee('come first')->assertSee('resin +')->assertSee('sure ')->assertSee('the number is what stays over the weave');
    }

    public function testAChoiceChangesThePlanAndStaysInTheRecord(): void
    {
        $part = $this->makePart();
        $before = $this->planned($part);
        $this->put("/parts/{$part->id}/choice", ['field' => 'after_wet_out', 'value' => 'second_at_tack'])->assertSessionHasNoErrors();
        $after = $this->planned($part);
        self::assertNull($before->plan->step('second'));
        self::assertNotNull($after->plan->step('second'));
        self::assertLessThan($before->plan->buildCoats, $after->plan->buildCoats, 'the second coat builds too');
        $this->get("/parts/{$part->id}/record")->assertSee('cure_then_key → second_at_tack');
    }

    public function testCoatsMayBeSetByHandAndTheRiskFollows(): void
    {
        $part = $this->makePart();
        $fewest = $this->planned($part)->plan->buildCoats;
        $this->put("/parts/{$part->id}/choice", ['field' => 'build_coats', 'value' => $fewest - 1])->assertSessionHasNoErrors();
        self::assertSame($fewest - 1, $this->planned($part)->plan->buildCoats);
        $this->get("/parts/{$part->id}?priced=1")->assertSee('would burn through')->assertSee(__('parts.by_hand'));
    }

    public function testWrongChoicesAreRefusedAndNothingChanges(): void
    {
        $part = $this->makePart(['sun' => true]);
        foreach ([['field' => 'colour', 'value' => '3'], ['field' => 'wet_out', 'value' => 'never'], ['field' => 'build_coats', 'value' => '11'], ['field' => 'build_coats', 'value' => 'many']] as $bad) {
            $this->put("/parts/{$part->id}/choice", $bad)->assertSessionHasErrors();
        }
        $this->put("/parts/{$part->id}/choice", ['field' => 'top', 'value' => 'polish_resin'])->assertSessionHasErrors('choice');
        self::assertEquals($part->getAttributes(), $part->fresh()?->getAttributes());
        self::assertSame(0, $part->facts()->count());
    }

    public function testWhatWasDoneSettlesAChoice(): void
    {
        $part = $this->partWithBuildCoat();
        $this->put("/parts/{$part->id}/choice", ['field' => 'wet_out', 'value' => 'at_once'])->assertSessionHasErrors('choice');
        $this->get("/parts/{$part->id}?priced=1")->assertDontSee(__('words.wet_out.at_once'))->assertSee('Build coats');
    }

    public function testEveryPriceIsWhatTakingTheChoiceComesTo(): void
    {
        $part = $this->makePart();
        $prices = app(OpenChoices::class)->of($this->planned($part));
        self::assertGreaterThanOrEqual(8, count($prices));
        foreach ($prices as $price) {
            $fields = $price->field === 'pair' ? PricedChoice::pair($price->value) : [$price->field => $price->value];
            $before = array_combine(array_keys($fields), array_map($part->getAttribute(...), array_keys($fields)));
            $part->update($fields);
            $taken = $this->planned($part);
            $part->update($before);
            self::assertEquals($price->refusal, $taken->plan->refusals()[0] ?? null, "{$price->field} {$price->value}");
            self::assertEqualsWithDelta($price->grams, $taken->plan->totalGrams(), 1e-9, "{$price->field} {$price->value}");
            self::assertSame($price->readyMin, $taken->schedule->readyMin(), "{$price->field} {$price->value}");
        }
    }

    public function testTheSectionIsDrawnToScaleFromTheCoresNumbers(): void
    {
        $plan = $this->planned($this->partWithBuildCoat())->plan;
        $drawing = SectionDrawing::of($plan);
        self::assertSame('flat', $drawing->flat?->step->key);
        self::assertCount(5, $drawing->columns);
        // Two ticks give the scale; every plane must lie where it says.
        [$low, $high] = [$drawing->ticks[0], $drawing->ticks[count($drawing->ticks) - 1]];
        $perUm = ($low['y'] - $high['y']) / ((float) $high['label'] - (float) $low['label']);
        foreach ($drawing->columns as $i => $column) {
            self::assertEqualsWithDelta($plan->step('flat')?->zones[$i]->left()->inMicrometres(), $column['leftUm'], 1e-9);
            self::assertEqualsWithDelta($column['leftUm'] * $perUm, $drawing->crownsY - (float) $column['planeY'], 0.05, $column['state']->zone->name);
            self::assertCount($plan->buildCoats + 1, $column['layers']);
            self::assertSame([true, true, false], array_map(fn (array $l): bool => $l['isDone'], array_slice($column['layers'], 0, 3)));
        }
    }

    public function testTheSectionMayBeSeenAfterAnyCoat(): void
    {
        $part = $this->partWithBuildCoat();
        self::assertCount(2, SectionDrawing::of($this->planned($part)->plan, 'build-1')->columns[0]['layers']);
        $this->get("/parts/{$part->id}?after=build-1")->assertSee('after build coat 1 of');
        $this->get("/parts/{$part->id}?after=nonsense")->assertOk();
        $this->get('/parts/'.$this->makePart(['letter' => 'B'])->id)->assertOk();
    }

    public function testTheCutScaleEndsWhereTheFlattingEnds(): void
    {
        $flat = $this->planned($this->partWithBuildCoat())->plan->step('flat');
        self::assertNotNull($flat);
        $scale = CutScale::of($flat, 0.01);
        self::assertCount(6, $scale->rows);
        foreach ($scale->rows as $row) {
            $last = $row['bars'][count($row['bars']) - 1];
            self::assertEqualsWithDelta($row['leftUm'], $last['leftUm'], 1e-9);
            self::assertSame($row['leftX'], $last['fromX']);
            self::assertCount($row['byHand'] ? 1 : count($flat->ladder->steps ?? []), $row['bars']);
        }
    }

    public function testARiskIsColouredByWhatTheShopAllows(): void
    {
        self::assertSame(['safe', 'near', 'near', 'stop'], array_map(fn (float $share): string => RiskClass::of($share, 0.01), [0.005, 0.006, 0.01, 0.011]));
        self::assertSame('safe', RiskClass::of(0.011, 0.05));
    }

    public function testTheSandRoomShowsEveryLadderAndWhatStays(): void
    {
        $part = $this->partWithBuildCoat();
        $page = $this->get("/parts/{$part->id}/sand")->assertOk()->assertSee('by hand')->assertSee('Stop when uniformly matt');
        foreach (array_filter($this->planned($part)->plan->steps, fn (PlannedStep $s): bool => $s->ladder !== null) as $step) {
            foreach ($step->ladder->steps ?? [] as $rung) {
                $page->assertSee("P{$rung->grit->number}");
            }
        }
    }

    public function testOneReplanTakesTheShelfAsItStandsForPartsNotBegun(): void
    {
        $part = $this->makePart();
        \App\Models\Paper::query()->where('grit', 240)->update(['sheets' => 0]);
        app()->forgetScopedInstances();
        $this->get("/parts/{$part->id}")->assertSee('Not on the shelf: P240');
        self::assertSame(1, Part::query()->count());
    }

    /** Choices that can't be read, however they came there, are named with their part; nothing usual takes their place. */
    public function testChoicesThatCantBeReadAreNamed(): void
    {
        $part = $this->partWithBuildCoat();
        foreach (['{"top":"rust"}', '{"plies":99}', 'broken'] as $kept) {
            \Illuminate\Support\Facades\DB::table('parts')->where('id', $part->id)->update(['choices' => $kept]);
            app()->forgetScopedInstances();
            $this->get("/parts/{$part->id}")->assertStatus(422)->assertSee($part->name);
            app()->forgetScopedInstances();
            $this->get('/')->assertOk()->assertSee($part->name);
        }
    }
}
