<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Clear;
use App\Models\Part;
use App\Planning\PlannedPart;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Method\Methods;
use OakGloss\Method\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** A part of every method, taken through the bench from its brief to its record. */
final class EveryMethodTest extends ShopCase
{
    private const MOST_ACTS = 120;

    private int $acts = 0;

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function methods(): iterable
    {
        foreach (array_keys(Methods::all()) as $code) {
            yield $code => [$code, []];
        }
        if (! Thorough::isLong()) {
            return;
        }
        yield 'two plies into wet resin over black paint' => ['brush_on', ['plies' => '2', 'holding' => 'wet_lay', 'backing' => 'painted', 'after_wet_out' => 'second_at_tack']];
    }

    /** @param array<string, mixed> $choices */
    #[DataProvider('methods')]
    public function testIsPlannedFromItsFormAndLivedToItsEnd(string $code, array $choices): void
    {
        $part = $this->planned($this->made($code, $choices))->part;
        foreach (['', '/film', '/sand', '/clear', '/record'] as $page) {
            $this->get("/parts/{$part->id}{$page}")->assertOk()->assertDontSee('steps.', false)->assertDontSee('words.', false);
        }
        while (($planned = $this->planned($part))->next !== null) {
            self::assertLessThan(self::MOST_ACTS, $this->acts, "{$planned->next->step->step->key} never ends");
            $this->doNext($planned);
        }
        self::assertNotNull($part->refresh()->finished_at);
        $this->get("/parts/{$part->id}/record")->assertOk()->assertDontSee('steps.', false);
        self::assertSame([], $part->facts()->whereNull('role')->pluck('step')->all(), 'what was recorded knows its role');
    }

    /** @param array<string, mixed> $choices */
    private function made(string $code, array $choices): Part
    {
        $filler = Clear::query()->where('shop_id', $this->shop->id)->where('kind', 'filler')->value('id');
        $own = match ($code) {
            'sheet_metal' => ['substrate' => 'steel', 'filler_id' => $filler],
            'flat_sheet' => ['shape' => 'sheet', 'sizes' => ['length' => 600, 'width' => 400, 'part_length' => 180, 'part_width' => 120], 'plies' => '2', 'faces' => 'both'],
            'rescue' => ['substrate' => 'carbon', 'film_um' => '150', 'film_relief_um' => '80', 'film_known_by' => 'gauged'],
            default => [],
        };
        $this->post('/parts', ['method' => $code] + $this->form($choices + $own))->assertSessionHasNoErrors();

        return Part::query()->where('letter', 'M')->sole();
    }

    /** What is next, at the time that the plan has for it, with the acts that its page offers. */
    private function doNext(PlannedPart $planned): void
    {
        $step = $planned->next->step ?? self::fail('nothing is ahead');
        $slot = $planned->schedule->slot($step->step->key) ?? self::fail("{$step->step->key} has no time");
        $this->goTo($slot->startMin);
        if (++$this->acts % 6 === 1) {
            $this->get('/')->assertOk()->assertSee($planned->part->name);
        }
        if ($step->batch !== null) {
            $this->act($planned->part, 'ready', $step->step->key)->assertSessionHasNoErrors();
            app()->forgetScopedInstances();
            $this->get("/parts/{$planned->part->id}/weigh/{$step->step->key}")->assertOk();
            $this->post("/parts/{$planned->part->id}/weigh/{$step->step->key}", ['component' => 'all', 'token' => Str::random(20)])->assertSessionHasNoErrors();
        }
        $this->goTo($slot->endMin);
        $papers = $step->ladder === null ? [$step->step->grits->to ?? 0] : array_map(fn (LadderStep $s): int => $s->grit->number, $step->ladder->steps);
        match ($step->step->kind) {
            StepKind::Coat => $this->act($planned->part, 'coat_on', $step->step->key)->assertSessionHasNoErrors(),
            StepKind::Wipe => $this->act($planned->part, 'wiped', $step->step->key)->assertSessionHasNoErrors(),
            StepKind::Key, StepKind::Flat => array_map(fn (int $grit) => $this->act($planned->part, 'sanded', $step->step->key, ['grit' => $grit])->assertSessionHasNoErrors(), $papers),
            default => $this->act($planned->part, 'done', $step->step->key)->assertSessionHasNoErrors(),
        };
    }

    private function goTo(float $minute): void
    {
        config(['oak.frozen_at' => CarbonImmutable::createFromTimestampUTC((int) ceil(60.0 * $minute))->toIso8601String()]);
        app()->forgetScopedInstances();
    }
}
