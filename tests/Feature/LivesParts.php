<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Planning\PlannedPart;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Method\StepKind;
use OakGloss\Schedule\ActState;

/** Lives a part: what is next is done when the plan has it, with the acts that its page offers. */
trait LivesParts
{
    private int $acts = 0;

    /** What is next, at the time that the plan has for it, with the acts that its page offers. */
    private function doNext(PlannedPart $planned): void
    {
        $step = $planned->next->step ?? self::fail('nothing is ahead');
        $slot = $planned->schedule->slot($step->step->key) ?? self::fail("{$step->step->key} has no time");
        $this->goTo($slot->startMin);
        if (++$this->acts % 6 === 1) {
            $this->get('/')->assertOk()->assertSee($planned->part->name);
        }
        if ($step->batch !== null && $this->planned($planned->part)->next?->state === ActState::KeyFirst) {
            // The run sheet let the window go by: keyed, a coat goes on as on a fresh surface.
            $this->act($planned->part, 'sanded', $step->step->key, ['grit' => 180])->assertSessionHasNoErrors();
            app()->forgetScopedInstances();
        }
        if ($step->batch !== null) {
            if ($planned->plan->log->last($step->step->key, Ready::class) === null) {
                $this->act($planned->part, 'ready', $step->step->key)->assertSessionHasNoErrors();
            }
            app()->forgetScopedInstances();
            $this->get("/parts/{$planned->part->id}/weigh/{$step->step->key}")->assertOk();
            $this->post("/parts/{$planned->part->id}/weigh/{$step->step->key}", ['component' => 'all', 'token' => Str::random(20)])->assertSessionHasNoErrors();
        }
        $this->goTo($slot->endMin);
        $papers = $step->ladder === null ? [$step->step->grits->to ?? 0] : array_map(fn (LadderStep $s): int => $s->grit->number, $step->ladder->steps);
        match ($step->step->kind) {
            StepKind::Coat => $this->act($planned->part, 'coat_on', $step->step->key)->assertSessionHasNoErrors(),
            StepKind::LeakCheck => $this->leakChecked($planned->part, $step->step->key),
            StepKind::Wipe => $this->act($planned->part, 'wiped', $step->step->key)->assertSessionHasNoErrors(),
            StepKind::Key, StepKind::Flat => array_map(fn (int $grit) => $this->act($planned->part, 'sanded', $step->step->key, ['grit' => $grit])->assertSessionHasNoErrors(), $papers),
            default => $this->act($planned->part, 'done', $step->step->key)->assertSessionHasNoErrors(),
        };
    }

    /** A bag that leaks is tried again; one that holds ends the step. */
    private function leakChecked(Part $part, string $key): void
    {
        $read = fn (int $to): array => ['mbar_from' => 40, 'mbar_to' => $to, 'over_min' => 10];
        $this->act($part, 'leak_tried', $key, $read(30))->assertSessionHasErrors('mbar_to');
        $this->act($part, 'leak_tried', $key, ['mbar_from' => 'x'] + $read(58))
            ->assertSessionHasErrors(['mbar_from' => 'Not read as pressure when clamped: a figure is needed, such as 12 or 12.5.']);
        $this->act($part, 'leak_tried', $key, $read(58))->assertSessionHasNoErrors();
        self::assertSame($key, $this->planned($part)->next?->step->step->key, 'a bag that leaks ends nothing');
        $this->act($part, 'leak_tried', $key, $read(43))->assertSessionHasNoErrors();
    }

    private function goTo(float $minute): void
    {
        config(['oak.frozen_at' => CarbonImmutable::createFromTimestampUTC((int) ceil(60.0 * $minute))->toIso8601String()]);
        app()->forgetScopedInstances();
    }
}
