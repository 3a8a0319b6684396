<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Customer;
use App\Models\Part;
use App\Models\PartFact;
use OakGloss\Optics\Finish;

/** A brief changes as long as what it rests on lies ahead; what is done stays, and says what it holds. */
final class BriefChangeTest extends ShopCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
        $this->keep();
    }

    public function testNameCustomerDayPriorityAndTagChangeAtAnyTime(): void
    {
        $done = PartFact::query()->pluck('id')->all();
        $this->change(['name' => 'Bow cowl', 'customer' => 'Nell Ferryman', 'needed_by' => '2027-03-20T12:00', 'priority' => 'high', 'letter' => 'V'])
            ->assertSessionHasNoErrors()->assertSessionHas('notice', fn (string $said): bool => str_contains($said, 'mark cups and part anew'));

        $part = $this->part->refresh();
        self::assertSame(['Bow cowl', 'high', 'V'], [$part->name, $part->priority, $part->letter]);
        self::assertSame('2027-03-20 11:00', $part->needed_by?->format('Y-m-d H:i'));
        self::assertSame('Nell Ferryman', Customer::of($part)?->name);
        self::assertSame($done, PartFact::query()->pluck('id')->all(), 'what is done stays');
        $this->get("/parts/{$part->id}/money")->assertSee('Nell Ferryman');
    }

    public function testFinishAndClearChangeWhileTheirCoatsLieAhead(): void
    {
        $satin = Clear::query()->where('shop_id', $this->shop->id)->current()->where('sheen', 'satin')->firstOrFail();
        $coats = $this->planned($this->part)->plan->countDone();
        $this->change(['finish' => 'satin', 'top' => 'clear', 'clear_id' => (string) $satin->id])->assertSessionHasNoErrors();

        $planned = $this->planned($this->part->refresh());
        self::assertSame(Finish::Satin, $planned->plan->brief->finish);
        self::assertSame($satin->name, $planned->plan->materials->clear?->name);
        self::assertSame($coats, $planned->plan->countDone());
    }

    public function testWhatRestsOnSomethingDoneSaysWhichActHoldsIt(): void
    {
        $before = $this->part->refresh()->getAttributes();
        foreach (['cloth_id' => 'Lay the cloth', 'substrate' => 'Strip to a sound surface', 'wrap_mm' => 'Base coat'] as $field => $act) {
            $other = match ($field) {
                'cloth_id' => (string) \App\Models\Cloth::query()->where('shop_id', $this->shop->id)->current()->whereNot('id', $this->part->getAttribute('cloth_id'))->value('id'),
                'substrate' => 'wood',
                default => '44',
            };
            $this->change([$field => $other])->assertSessionHasErrors($field);
            self::assertStringContainsString($act, session('errors')->first($field), $field);
        }
        self::assertSame($before, $this->part->refresh()->getAttributes());
        $this->get("/parts/{$this->part->id}/edit")->assertOk()->assertSee(__('form.held_title'))->assertSee('by Base coat');
    }

    public function testWhatAChangeCostsIsShownBeforeItIsTaken(): void
    {
        $form = ['editing' => (string) $this->part->id, 'with_for' => 'brush_on', 'method' => 'brush_on', 'sizes_for' => $this->part->shape.'/'.$this->part->unit] + $this->sent();
        app()->forgetScopedInstances();
        $this->post('/parts/answer', $form, ['HX-Request' => 'true'])->assertOk()->assertSee(__('answer.costs_nothing'));
        app()->forgetScopedInstances();
        $this->post('/parts/answer', ['finish_coats' => '3'] + $form, ['HX-Request' => 'true'])->assertOk()->assertSee('in place of')->assertSee('of resin');
        self::assertNotSame(3, $this->part->refresh()->finish_coats);
    }

    public function testAFinishedPartStands(): void
    {
        $this->part->update(['finished_at' => self::NOW]);
        $this->get("/parts/{$this->part->id}/edit")->assertForbidden();
    }

    /** @param array<string, string> $other */
    private function change(array $other): \Illuminate\Testing\TestResponse
    {
        app()->forgetScopedInstances();

        return $this->put("/parts/{$this->part->id}", $other + $this->sent());
    }

    /** @return array<string, mixed> what the form of the part sends untouched */
    private function sent(): array
    {
        app()->forgetScopedInstances();
        $html = (string) $this->get("/parts/{$this->part->id}/edit")->assertOk()->getContent();

        return \Illuminate\Support\Arr::undot(\App\View\FormFields::of($html)->values);
    }
}
