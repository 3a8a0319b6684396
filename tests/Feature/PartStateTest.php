<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Models\PartFact;
use App\Planning\Planner;

/** A part that does not go on as planned: on hold, cancelled, taken up again, deleted; and an act that was another part's. */
final class PartStateTest extends ShopCase
{
    private Part $part;

    private Part $other;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
        $this->other = $this->makePart(['letter' => 'L', 'name' => 'Other fender']);
        $this->keep();
    }

    public function testOnHoldItGivesUpItsHandsAndKeepsItsRecord(): void
    {
        $later = $this->planned($this->other)->schedule->readyMin();
        $this->get("/parts/{$this->part->id}")->assertOk()->assertSee(__('parts.state.hold'))->assertSee('Gives up');
        $facts = PartFact::query()->count();
        $this->post("/parts/{$this->part->id}/hold")->assertSessionHasNoErrors();

        app()->forgetScopedInstances();
        self::assertArrayNotHasKey($this->part->id, app(Planner::class)->all($this->shop->refresh()));
        self::assertLessThanOrEqual($later, $this->planned($this->other)->schedule->readyMin());
        self::assertSame($facts + 1, PartFact::query()->count(), 'the record says so');
        foreach (['', '/record', '/film', '/money', '/inspect'] as $room) {
            app()->forgetScopedInstances();
            self::assertContains($this->get("/parts/{$this->part->id}{$room}")->status(), [200, 403], $room);
        }
        $this->get('/parts')->assertSee('On hold');
        $this->act($this->part, 'coat_on', 'build-2')->assertForbidden()->assertSee('take it up again first');
        app()->forgetScopedInstances();
        $this->post("/parts/{$this->part->id}/resume")->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        self::assertArrayHasKey($this->part->id, app(Planner::class)->all($this->shop->refresh()));
    }

    public function testCancelledItsTagIsFreeAndTakenUpItGetsAnother(): void
    {
        $this->post("/parts/{$this->part->id}/cancel")->assertSessionHasNoErrors();
        self::assertNotNull($this->part->refresh()->cancelled_at);
        $new = $this->makePart(['letter' => $this->part->letter, 'name' => 'New one']);
        app()->forgetScopedInstances();
        $this->get("/parts/{$this->part->id}")->assertOk()->assertSee('Cancelled');
        $this->post("/parts/{$this->part->id}/resume")->assertSessionHasNoErrors()->assertSessionHas('notice', fn (string $said): bool => str_contains($said, 'mark cups and part anew'));
        self::assertNotSame($new->letter, $this->part->refresh()->letter);
    }

    public function testDeletedOnlyWhileNothingWasLogged(): void
    {
        $this->delete("/parts/{$this->part->id}")->assertSessionHasErrors('act');
        $this->delete("/parts/{$this->other->id}")->assertRedirect('/parts');
        $this->get("/parts/{$this->other->id}")->assertNotFound();
        self::assertTrue(Part::query()->withTrashed()->whereKey($this->other->id)->exists(), 'and even so nothing is lost');
        app()->forgetScopedInstances();
        $this->get('/parts')->assertOk()->assertDontSee('Other fender');
    }

    public function testAnActOnTheWrongPartIsMovedToTheRightOne(): void
    {
        $this->act($this->other, 'done', 'strip', ['at' => '15:50'])->assertSessionHasNoErrors();
        $third = $this->makePart(['letter' => 'Z', 'name' => 'Right one']);
        $fact = PartFact::query()->where('part_id', $this->other->id)->where('kind', 'done')->sole();
        app()->forgetScopedInstances();
        $this->get("/parts/{$this->other->id}/record")->assertOk()->assertSee(__('parts.state.move'))->assertSee('Z Right one');
        $this->post("/parts/{$this->other->id}/facts/{$fact->id}/move", ['to_part' => (string) $third->id])->assertSessionHasNoErrors();

        self::assertFalse($this->planned($this->other)->plan->step('strip')?->isDone());
        self::assertTrue($this->planned($third)->plan->step('strip')?->isDone());
        $moved = PartFact::query()->where('part_id', $third->id)->where('kind', 'done')->sole();
        self::assertEquals($fact->happened_at, $moved->happened_at, 'at its own time');
        $this->get("/parts/{$this->other->id}/record")->assertSee('was done to Z Right one');
        $this->get("/parts/{$third->id}/record")->assertSee('logged for L Other fender first');
        app()->forgetScopedInstances();
        $this->post("/parts/{$this->other->id}/facts/{$fact->id}/move", ['to_part' => (string) $third->id])->assertSessionHasErrors('strike');
    }
}
