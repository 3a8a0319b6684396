<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Part;
use App\Planning\PlannedPart;
use App\Planning\Shapes;
use App\View\Page\WithWhat;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Method\Methods;
use OakGloss\Method\StepKind;
use OakGloss\Schedule\ActState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** A part of every method, taken through the bench from its brief to its record. */
final class EveryMethodTest extends ShopCase
{
    private const MOST_ACTS = 120;

    private const SIZES = [
        'bent_panel' => ['length' => 400, 'top' => 200, 'flank' => 100, 'bend_deg' => 50, 'bend_radius' => 12, 'edge_radius' => 3],
        'sheet' => ['length' => 600, 'width' => 400, 'part_length' => 180, 'part_width' => 120],
        'patch' => ['damage_length' => 30, 'damage_width' => 12, 'around' => 40, 'whole_length' => 700, 'whole_width' => 400],
        'two_faces' => ['length' => 620, 'width' => 180, 'filled' => 60, 'edge_radius' => 3],
    ];

    /** Lived to their end in the long run alone; in the short one the bench's and the browser's tests live their like. */
    private const LONG_LIVES = ['brush_on', 'sheet_metal', 'lift_off_shell', 'pattern_mould'];

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
        if (! Thorough::isLong() && in_array($code, self::LONG_LIVES, true)) {
            return;
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
        $method = Methods::named($code);
        $shape = Shapes::of($method)[0];
        // With what the form begins with, as a first-time user would take it.
        $stands = app(WithWhat::class)->of($method, $this->shop, null, null)['stands'];
        $own = ['shape' => $shape, 'sizes' => self::SIZES[$shape]] + array_filter($stands, is_scalar(...));
        $this->post('/parts', ['method' => $code] + $choices + $own + $this->form())->assertSessionHasNoErrors();

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
        if ($step->batch !== null && $this->planned($planned->part)->next?->state === ActState::KeyFirst) {
            // The run sheet let the window go by: keyed, a coat goes on as on a fresh surface.
            $this->act($planned->part, 'sanded', $step->step->key, ['grit' => 180])->assertSessionHasNoErrors();
            app()->forgetScopedInstances();
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
            ->assertSessionHasErrors(['mbar_from' => 'The pressure when clamped field must be a number.']);
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
