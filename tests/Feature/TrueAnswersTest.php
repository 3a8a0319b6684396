<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Cup;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Planning\OpenChoices;
use App\Planning\PricedChoice;
use App\Words\Formatter;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Schedule\ActState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** Nothing on a screen that a finisher would not believe. */
final class TrueAnswersTest extends ShopCase
{
    public function testTheBenchSaysWhichWindowAMixOpensAndThatNobodyIsThere(): void
    {
        $part = $this->readyForBase();
        $planned = $this->planned($part);
        self::assertSame(['base', ActState::Ready], [$planned->next?->step->step->key, $planned->next?->state]);
        self::assertNull($planned->mixAhead()?->atMin, 'begun at 16:34 the cloth would be due after closing');
        $this->get('/')->assertSee(__('bench.mix_opens'))->assertSee('nobody is there')->assertDontSee('any time</p>', false);
        $this->get("/parts/{$part->id}/weigh/base")->assertSee('Ready check')->assertSee(__('bench.mix_opens'))->assertSee('Begin this coat');
    }

    public function testPastItsWindowAPhoneLeftOnTheScaleGetsNoHardenerIn(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 11:00');
        $this->nowIs($this->at('2027-03-10 15:00'));
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee('goes into a window that')->assertSee('data-until', false)->assertSee('data-when-over', false);
        $this->act($part, 'ready', 'build-2');
        $this->nowIs($this->at('2027-03-10 18:03'));
        self::assertSame(ActState::MissedWait, $this->planned($part)->next?->state);
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee(__('weigh.late'))->assertSee('No hardener now')->assertDontSee('name="grams"', false);
        $this->pour($part, 'build-2', 'hardener', 7.0)->assertSessionHasErrors('grams');
        $this->pour($part, 'build-2', 'all')->assertSessionHasErrors('grams');
        self::assertSame(0, $part->facts()->where('kind', 'weighed')->count());
        $this->nowIs($this->at('2027-03-11 09:00'));
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee(__('bench.keyed'));
        $this->act($part, 'sanded', 'build-2', ['grit' => 180])->assertSessionHasNoErrors();
        $this->pour($part, 'build-2', 'all')->assertSessionHasNoErrors();
        self::assertSame(2, $part->facts()->where('kind', 'weighed')->count());
    }

    public function testACupThatWasMixedInTimeIsStillLoggedAfterTheWindow(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 11:00');
        $this->nowIs($this->at('2027-03-10 15:25'));
        $this->act($part, 'ready', 'build-2');
        $this->pour($part, 'build-2', 'all')->assertSessionHasNoErrors();
        $this->nowIs($this->at('2027-03-10 15:50'));
        self::assertSame(ActState::MissedWait, $this->planned($part)->next?->state);
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee('with this cup mixed')->assertSee('Coat is on')->assertDontSee('No hardener now.</b> The coat below', false);
        $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors();
    }

    public function testACupWeighedToTheMarksIsOnePressAndEachPourStaysItsOwnFact(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'ready', 'build-2');
        $cup = Cup::forStep($this->planned($part), 'build-2') ?? self::fail('no cup');
        $token = Str::random(16);
        foreach ([1, 2] as $ignored) {
            $this->pour($part, 'build-2', 'all', token: $token)->assertSessionHasNoErrors();
        }
        $pours = $part->facts()->where('kind', 'weighed')->get()->mapWithKeys(fn (PartFact $f): array => [(string) $f->data['component'] => (float) $f->data['grams']])->all();
        self::assertSame(['resin', 'hardener'], array_keys($pours));
        self::assertEqualsWithDelta($cup->batch->resinG, $pours['resin'], 1e-6);
        self::assertEqualsWithDelta($cup->batch->hardenerG, $pours['hardener'], 0.051);
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee('Mix two minutes')->assertSee('Coat is on');
        $fact = $part->facts()->where('kind', 'weighed')->reorder('id', 'desc')->firstOrFail();
        $this->post("/parts/{$part->id}/facts/{$fact->id}/strike");
        self::assertSame('hardener', Cup::forStep($this->planned($part), 'build-2')?->next(), 'it can be taken back');
    }

    public function testTheReadyCheckIsWholeOnceADayAndShortAfterwards(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee('Tools laid out');
        $this->act($part, 'ready', 'build-2');
        $this->act($part, 'coat_on', 'build-2');
        $this->get("/parts/{$part->id}/weigh/build-3")->assertSee('stood ready today')->assertSee('Witness patch')->assertDontSee('Tools laid out');
        $this->nowIs($this->at('2027-03-11 08:00'));
        $this->get("/parts/{$part->id}/weigh/build-3")->assertDontSee('stood ready today');
    }

    public function testAWholePartTakesFewPresses(): void
    {
        $part = $this->makePart();
        $presses = $this->live($part);
        self::assertNull($this->planned($part)->next);
        // It was 115: fifteen for a base coat, eleven for a build coat.
        self::assertLessThanOrEqual(57, $presses['all'], json_encode($presses) ?: '');
        self::assertLessThanOrEqual(7, $presses['base']);
        self::assertLessThanOrEqual(5, $presses['build-2']);
    }

    public function testChoicesArePricedPairedAndTaken(): void
    {
        $part = $this->makePart();
        $priced = app(OpenChoices::class)->of($this->planned($part));
        $fields = array_values(array_unique(array_map(fn (PricedChoice $p): string => $p->field, $priced)));
        self::assertSame('build_coats', $fields[0], 'the trade of the last coat stands first');
        self::assertSame([], array_diff(['tilted', 'wet_out', 'after_wet_out', 'print_through'], $fields));
        $current = array_values(array_filter($priced, fn (PricedChoice $p): bool => $p->field === 'after_wet_out'));
        $mixes = array_column(array_map(fn (PricedChoice $p): array => [$p->value, $p->mixes], $current), 1, 0);
        self::assertSame(count(array_filter($this->planned($part)->plan->ahead(), fn ($s): bool => $s->batch !== null)), $mixes['cure_then_key']);
        foreach ([['second_passes', '1'], ['turned', '1'], ['tilted', '1'], ['build_g_m2', '75'], ['print_through', 'wait'], ['pair', 'wet_out=at_once&after_wet_out=second_at_tack']] as [$field, $value]) {
            app()->forgetScopedInstances();
            $this->put("/parts/{$part->id}/choice", ['field' => $field, 'value' => $value])->assertSessionHasNoErrors();
        }
        $plan = $this->planned($part)->plan;
        self::assertEqualsWithDelta(75.0, $plan->step('build-1')?->laidGM2, 1e-9);
        self::assertNotNull($plan->step('turn-build-1'));
        self::assertNotNull($plan->step('second'));
        $this->get("/parts/{$part->id}?priced=1")->assertOk()->assertSee(__('steps.turn.title'))->assertSee(__('words.print_through.wait'));
        foreach ([['pair', 'letter=X'], ['pair', ''], ['second_passes', '9'], ['build_g_m2', '12']] as [$field, $value]) {
            $this->put("/parts/{$part->id}/choice", ['field' => $field, 'value' => $value])->assertSessionHasErrors();
        }
    }

    public function testACoatKeepsHowItLayWhenTheChoiceChangesLater(): void
    {
        $part = $this->partWithBuildCoat();
        $part->update(['tilted' => true]);
        $this->act($part, 'coat_on', 'build-2');
        $film = fn (): float => $this->planned($part)->plan->step('build-2')?->zones[2]->after->lastRetainedUm ?? 0.0;
        $tilted = $film();
        $part->update(['tilted' => false]);
        self::assertSame($tilted, $film());
    }

    public function testAPostCureIsPlannedLoggedAndItsWarmthCounted(): void
    {
        $part = $this->makePart(['print_through' => 'post_cure']);
        $box = $this->planned($part)->plan->step('post-cure')?->step->args;
        self::assertGreaterThanOrEqual(40, $box['c'] ?? 0);
        $this->live($part, until: 'post-cure');
        $this->act($part, 'done', 'post-cure')->assertSessionHasNoErrors();
        $warmed = $part->facts()->where('kind', 'warmed')->sole();
        self::assertEqualsWithDelta(60.0 * $box['hours'], (float) $warmed->data['until'] - (float) $warmed->data['from'], 1.0);
        self::assertSame(['wash-wet-flat', ActState::Waiting], [$this->planned($part)->next?->step->step->key, $this->planned($part)->next?->state]);
    }

    public function testTheWaitForASetBaseWishesForAHardTouch(): void
    {
        $part = $this->readyForBase();
        $this->fact($part, 'coat_on', 'base', '2027-03-10 12:30', ['grams' => 27.0]);
        $this->fact($part, 'done', 'lay', '2027-03-10 15:00');
        $this->get('/')->assertSee(__('words.touch_says_set.hard'))->assertDontSee('key first</small>', false);
    }

    public function testClothThatWasLaidInItsWindowMayBeLoggedAfterIt(): void
    {
        $part = $this->readyForBase();
        $this->fact($part, 'coat_on', 'base', '2027-03-10 10:00', ['grams' => 27.0]);
        $this->nowIs($this->at('2027-03-10 15:30'));
        self::assertSame('wash-key-base-1', $this->planned($part)->next?->step->step->key);
        $this->get("/parts/{$part->id}")->assertSee('The cloth was laid in its window');
        $this->act($part, 'done', 'lay')->assertSessionHasErrors('act');
        $this->act($part, 'done', 'lay', ['at' => '14:40'])->assertSessionHasNoErrors();
        self::assertSame('wet-out', $this->planned($part)->next?->step->step->key);
    }

    public function testAReplySpeaksOfTheStepThatWasLogged(): void
    {
        $part = $this->partWithBuildCoat();
        $this->act($part, 'coat_on', 'build-2');
        self::assertStringStartsWith('Build coat 2 of', session('notice'));
    }

    public function testADayBeyondSixHasItsDate(): void
    {
        $format = app(Formatter::class);
        self::assertSame('Tue 11:00', $format->day($this->minute('2027-03-16 11:00')));
        self::assertSame('Wed 17 Mar 11:00', $format->day($this->minute('2027-03-17 11:00')));
        self::assertSame('Wed 17 Mar 11:00', $format->when($this->minute('2027-03-17 11:00')));
    }

    public function testABlendOfTwoHardenersIsWeighedAsTwo(): void
    {
        $part = $this->partWithBuildCoat();
        $id = fn (string $like): int => (int) Resin::query()->where('shop_id', $this->shop->id)->where('name', 'like', $like)->value('id');
        $this->fact($part, 'decided', 'build-2', '2027-03-10 15:00', ['resin_id' => $id('Tarn%medium%'), 'fast_id' => $id('Tarn%fast%'), 'fast_share' => 0.5]);
        $this->act($part, 'ready', 'build-2');
        $cup = Cup::forStep($this->planned($part), 'build-2') ?? self::fail('no cup');
        self::assertCount(2, $cup->resin->hardenerParts);
        $this->get("/parts/{$part->id}/weigh/build-2")->assertSee('Hardener is two')->assertSee('fast hardener');
        self::assertLessThan(Cup::forStep($this->planned($this->partWithBuildCoat()), 'build-2')?->potLifeMin(), $cup->potLifeMin(), 'the faster cup is used sooner');
    }

    public function testTheClearStepShowsItsMixItsCoatsAndItsReadyCheck(): void
    {
        $part = $this->makePart();
        $this->live($part, until: 'clear');
        $clear = $this->planned($part)->plan->clear;
        self::assertNotNull($clear);
        self::assertGreaterThanOrEqual(0.1, $clear->litres, 'nobody mixes 37 ml for a gun');
        $planned = $this->planned($part);
        self::assertSame('clear', $planned->next?->step->step->key);
        $this->nowIs($planned->floor->time->local($planned->schedule->slot('clear')->startMin ?? 0.0));
        $this->get('/')->assertSee(__('clear.mix'))->assertSee('µm wet, flash')->assertSee('coat 2')->assertSee('Booth or licensed sprayer');
        $this->act($part, 'ready', 'clear')->assertSessionHasNoErrors();
        $this->act($part, 'done', 'clear')->assertSessionHasNoErrors();
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function briefs(): iterable
    {
        yield from Thorough::cases(self::everyBrief());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    private static function everyBrief(): iterable
    {
        yield 'half tube' => [['shape' => 'half_tube', 'sizes' => ['length' => 600, 'tube_radius' => 105, 'edge_radius' => 2]]];
        yield 'sharp panel' => [['shape' => 'panel', 'sizes' => ['length' => 400, 'width' => 300, 'edge_radius' => 1]]];
        yield 'wooden dome in the sun' => [['shape' => 'dome', 'substrate' => 'wood', 'sun' => true, 'sizes' => ['diameter' => 400, 'height' => 90, 'edge_radius' => 4]]];
        yield 'waiting box' => [['shape' => 'box', 'print_through' => 'wait', 'sizes' => ['length' => 300, 'width' => 200, 'height' => 90, 'edge_radius' => 3]]];
    }

    /** @param array<string, mixed> $brief */
    #[DataProvider('briefs')]
    public function testNoPageContradictsAnother(array $brief): void
    {
        $part = $this->makePart($brief);
        $planned = $this->planned($part);
        $format = app(Formatter::class);
        $ready = $format->day($planned->schedule->readyMin());
        foreach (["/parts/{$part->id}", "/parts/{$part->id}/film", "/parts/{$part->id}/sand", "/parts/{$part->id}/clear", '/parts'] as $page) {
            app()->forgetScopedInstances();
            $this->get($page)->assertOk()->assertSee($page === '/parts' ? $format->date($planned->schedule->readyMin()) : $ready);
        }
        app()->forgetScopedInstances();
        $preview = $this->form(array_diff_key($this->typed($part, ['substrate', 'tone', 'backing', 'shape', 'unit', 'sizes', 'finish', 'wrap_mm', 'holes', 'wet_out', 'after_wet_out', 'top', 'finish_coats', 'base_resin_id', 'skin_resin_id', 'cloth_id', 'clear_id', 'print_through']), []) + ($part->sun ? ['sun' => '1'] : []));
        $part->delete();
        app()->forgetScopedInstances();
        $this->post('/parts/answer', $preview)->assertOk()->assertSee($format->date($planned->schedule->readyMin()));
        $answer = (string) $this->post('/parts/answer', $preview)->getContent();
        self::assertSame($planned->plan->buildCoats > 2, str_contains($answer, "{$planned->plan->buildCoats} coats leave"), 'the trade of the last coat');
    }

    private function readyForBase(): Part
    {
        $part = $this->makePart();
        foreach ([['done', 'strip', '08:20'], ['wiped', 'wipe-1', '08:25'], ['sanded', 'key', '08:40', ['grit' => 150]], ['wiped', 'wipe-2', '09:00']] as $row) {
            $this->fact($part, $row[0], $row[1], "2027-03-10 {$row[2]}", $row[3] ?? []);
        }

        return $part;
    }

    /**
     * Lives a part as its own run sheet has it, by the presses that the screens ask for.
     *
     * @return array<string, int> presses by step, and all of them
     */
    private function live(Part $part, string $until = ''): array
    {
        $presses = ['all' => 0];
        for ($n = 0; $n < 90; $n++) {
            $planned = $this->planned($part);
            $step = $planned->next?->step;
            if ($step === null || $step->step->key === $until) {
                break;
            }
            $key = $step->step->key;
            $this->nowIs($planned->floor->time->local(max($planned->floor->nowMin, $planned->schedule->slot($key)->startMin ?? 0.0)));
            $acts = match (true) {
                $step->batch !== null => $this->coatActs($part, $key),
                $step->step->kind->isSanding() => [['sanded', ['grit' => $step->nextGrit()]]],
                $step->step->kind->value === 'wipe' => [['wiped', []]],
                $step->step->kind->value === 'spray' => [['ready', []], ['done', []]],
                default => [['done', []]],
            };
            foreach ($acts as [$kind, $more]) {
                $kind === 'all' ? $this->pour($part, $key, 'all')->assertSessionHasNoErrors() : $this->act($part, $kind, $key, $more)->assertSessionHasNoErrors();
            }
            // To the scale is a press too, and each tick of a whole check.
            $count = count($acts) + ($step->batch !== null ? 1 + $this->ticks : 0);
            $presses[$key] = ($presses[$key] ?? 0) + $count;
            $presses['all'] += $count;
        }

        return $presses;
    }

    private int $ticks = 0;

    /** @return list<array{string, array<string, mixed>}> */
    private function coatActs(Part $part, string $key): array
    {
        $cup = Cup::forStep($this->planned($part), $key) ?? self::fail("no cup for {$key}");
        $isShort = $cup->check()->wasWholeToday();
        $this->ticks = $isShort ? 0 : count($cup->check()->asks());

        return [['ready', $isShort ? ['short' => '1'] : []], ['all', []], [CoatOn::KIND, []]];
    }

    private function pour(Part $part, string $step, string $component, ?float $grams = null, ?string $token = null): TestResponse
    {
        app()->forgetScopedInstances();

        return $this->post("/parts/{$part->id}/weigh/{$step}", ['component' => $component, 'token' => $token ?? Str::random(16)] + ($grams === null ? [] : ['grams' => (string) $grams]));
    }

    private function nowIs(\Carbon\CarbonImmutable $moment): void
    {
        config(['oak.frozen_at' => $moment->utc()->format('Y-m-d\TH:i:s\Z')]);
        app()->forgetScopedInstances();
    }

    private function at(string $local): \Carbon\CarbonImmutable
    {
        return \Carbon\CarbonImmutable::parse($local, 'Europe/Vienna');
    }
}
