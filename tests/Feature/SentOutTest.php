<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PartFact;
use App\Money\Billing;
use OakGloss\Cost\CostKind;
use OakGloss\Method\Role;
use OakGloss\Plan\PlannedStep;

/** What somebody else does: chosen in the brief, said on a note that goes with it, waited for, billed; and words that stay of their day. */
final class SentOutTest extends ShopCase
{
    use LivesParts;

    public function testAClearIsSentOutWithItsNoteAndComesBack(): void
    {
        $this->post('/parts', $this->form(['sent_out' => 'clear', 'away_days' => '0']))->assertSessionHasErrors('away_days');
        $this->post('/parts', $this->form(['sent_out' => 'clear', 'away_days' => '6', 'sent_price' => '140', 'openings' => '2', 'opening_mm' => '80']))->assertSessionHasNoErrors();
        $part = $this->shop->parts()->where('letter', 'M')->sole();
        $planned = $this->planned($part);
        $kept = array_intersect_key($part->chosen()->kept(), ['sent_out' => 1, 'away_days' => 1, 'sent_price' => 1, 'openings' => 1]);
        self::assertEquals(['sent_out' => 'clear', 'away_days' => 6.0, 'sent_price' => 140.0, 'openings' => 2], $kept);
        $this->get("/parts/{$part->id}/dispatch")->assertOk()->assertSee('P600')->assertSee(__('dispatch.line.bake'));
        $this->get("/parts/{$part->id}")->assertSee(__('parts.rooms.dispatch'));
        [$line] = app(Billing::class)->quoted($planned)->of(CostKind::SentOut);
        self::assertSame(14000, $line->minor());
        self::assertSame([], app(Billing::class)->actual($planned)->of(CostKind::SentOut), 'nothing is owed before it leaves');
        self::assertSame([], array_filter($planned->plan->steps, fn (PlannedStep $s): bool => $s->step->role === Role::Clear));
        while (($next = $this->planned($part))->next?->step->step->key !== 'send-out') {
            $this->doNext($next);
        }
        app()->forgetScopedInstances();
        $this->get('/')->assertSee(__('dispatch.open'));
        $this->act($part, 'done', 'send-out')->assertSessionHasNoErrors();
        $away = $this->planned($part);
        self::assertSame('back-in', $away->next?->step->step->key);
        self::assertEqualsWithDelta(6.0 * 1440.0, $away->schedule->slot('back-in')->startMin - $away->plan->step('send-out')?->doneAtMin, 1440.0, 'as it is back when hands are');
        self::assertCount(1, app(Billing::class)->actual($away)->of(CostKind::SentOut));
        $other = $this->makePart(['letter' => 'B']);
        $this->get("/parts/{$other->id}/dispatch")->assertNotFound();
    }

    public function testAnOldWipeIsDoneOnceMoreAndTheBenchSaysSo(): void
    {
        $part = $this->makePart();
        foreach ([['done', 'strip', '08:20'], ['wiped', 'wipe-1', '08:25'], ['sanded', 'key', '08:40', ['grit' => 150]], ['wiped', 'wipe-2', '12:10']] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-10 {$row[2]}", $row[3] ?? []);
        }
        $this->get('/')->assertOk()->assertSee('The wipe is too old');
        $this->put('/shop', ['wipe_holds_min' => '300'])->assertSessionHasErrors('wipe_holds_min');
        $this->user->shop->update(['wipe_holds_min' => 240]);
        $this->fact($part, 'wiped', 'wipe-2', '2027-03-10 13:10');
        app()->forgetScopedInstances();
        $this->get('/')->assertOk()->assertDontSee('The wipe is too old');
    }

    public function testARecordKeepsTheWordsOfItsDay(): void
    {
        $part = $this->makePart();
        $this->fact($part, 'wiped', 'wipe-2', '2027-03-10 08:00');
        $this->get("/parts/{$part->id}/record")->assertSee(__('steps.wipe_mask_alcohol.title'));
        $later = $this->makePart(['letter' => 'B']);
        $this->act($later, 'done', 'strip')->assertSessionHasNoErrors();
        self::assertSame('strip', PartFact::query()->where('part_id', $later->id)->sole()->said);
        $this->get("/parts/{$later->id}/record")->assertSee(__('steps.strip.title'));
    }
}
