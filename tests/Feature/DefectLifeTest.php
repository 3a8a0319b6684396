<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Cup;
use App\Inspection\WaysOutOfIt;
use App\Models\Part;
use App\Models\PartFact;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Remedy;
use OakGloss\Method\StepKind;
use OakGloss\Plan\DefectState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Thorough;

/** Each defect raised on a part where it is found, and the first way out that is offered lived to its end. */
final class DefectLifeTest extends ShopCase
{
    use LivesParts;

    private const MOST_ACTS = 200;

    /** Until which step the part is lived, and what is found on it then, on which face. */
    private const MOMENTS = [
        'the cloth is wet' => ['wet-out', ['dry_spot' => 'top', 'floated' => 'top', 'bridged' => 'top', 'skew' => 'top', 'frayed' => 'rim']],
        'a coat is fresh' => ['build-1', ['fisheyes' => 'top', 'bubbles' => 'top', 'runs' => 'flank', 'hair' => 'top', 'blush' => 'top', 'soft' => 'top']],
        'it is flatted' => ['flat', ['pinholes' => 'top', 'low_spots' => 'top', 'burn_through' => 'top', 'bleed' => 'top']],
        'it is polished' => ['polish', [
            'haze' => 'top', 'scratch' => 'top', 'orange_peel' => 'flank', 'delamination' => 'flank', 'print_through' => 'top',
            'yellowing' => 'top', 'polish_burn' => 'top',
        ]],
    ];

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function moments(): iterable
    {
        yield from self::MOMENTS;
    }

    public function testEveryDefectIsRaisedSomewhere(): void
    {
        $raised = array_merge(...array_map(fn (array $m): array => array_keys($m[1]), array_values(self::MOMENTS)));
        $all = array_map(fn (Defect $d): string => $d->value, Defect::cases());
        sort($raised);
        sort($all);
        self::assertSame($all, $raised);
    }

    /** @param array<string, string> $defects face by defect */
    #[DataProvider('moments')]
    public function testTheFirstWayOutOfEachIsLivedToItsEnd(string $until, array $defects): void
    {
        $part = $this->livedUntil($until);
        $frozen = config('oak.frozen_at');
        foreach (Thorough::cases($defects) as $defect => $zone) {
            DB::beginTransaction();
            try {
                $this->raiseAndMend($part, $defect, $zone);
            } finally {
                DB::rollBack();
            }
            config(['oak.frozen_at' => $frozen]);
            app()->forgetScopedInstances();
            $part = $part->fresh() ?? self::fail();
        }
    }

    private function raiseAndMend(Part $part, string $defect, string $zone): void
    {
        $before = $part->facts()->count();
        $this->post("/parts/{$part->id}/found", ['defect' => $defect, 'zone' => $zone, 'along' => '60', 'across' => '3', 'size' => '12', 'count' => '1'])
            ->assertSessionHasNoErrors();
        $fact = PartFact::query()->where('kind', 'found')->sole();
        $page = $this->get("/parts/{$part->id}/defects/{$fact->id}")->assertOk()->assertDontSee('inspect.', false)
        ;
        $planned = $this->planned($part);
        $ways = app(WaysOutOfIt::class)->of($planned, $planned->plan->log->all(\OakGloss\Fact\Kind\Found::class)[0]);
        $fits = array_values(array_filter($ways, fn ($w): bool => $w->fits()));
        self::assertNotSame([], $fits, "{$defect} has a way out");
        $first = $fits[0];
        $page->assertSeeInOrder([__("words.remedy.{$first->offer->remedy->value}"), 'value="'.$first->offer->remedy->value.'"'], false);
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => $first->offer->remedy->value])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $expected = array_map(fn ($s): string => $s->step->key, array_values(array_filter(
            $this->planned($part)->plan->ahead(),
            fn ($s): bool => str_starts_with($s->step->key, 'mend-'),
        )));
        self::assertSame($first->offer->remedy->isLeaving(), $expected === [], "{$defect}: {$first->offer->remedy->value} has steps");
        self::assertCount(count($first->steps), $expected, 'what was offered is what is planned');
        $state = $this->stateOf($part);
        while (! $state->isThrough && ($planned = $this->planned($part))->next !== null) {
            self::assertLessThan(self::MOST_ACTS, $this->acts, "{$defect}: {$planned->next->step->step->key} never ends");
            $this->doNext($planned);
            $state = $this->stateOf($part);
        }
        self::assertTrue($state->isThrough, "{$defect} is mended by {$first->offer->remedy->value}");
        self::assertGreaterThanOrEqual($before + 2, $part->facts()->count(), 'nothing that was recorded is lost');
        $this->get("/parts/{$part->id}/inspect")->assertOk()->assertDontSee('inspect.', false);
        $this->get("/parts/{$part->id}/record")->assertOk();
        self::assertSame([], $part->facts()->whereNull('role')->pluck('step')->all(), 'what was recorded knows its role');
    }

    /** @return iterable<string, array{string}> */
    public static function mishaps(): iterable
    {
        foreach (Thorough::cases(Mishap::cases()) as $mishap) {
            yield $mishap->value => [$mishap->value];
        }
    }

    #[DataProvider('mishaps')]
    public function testEveryMishapHasAWayOutThatIsLived(string $mishap): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 15:50');
        if (in_array($mishap, ['cup_kicked', 'cup_binned', 'wrong_jar'], true)) {
            $this->goTo($this->planned($part)->schedule->slot('build-2')->startMin ?? self::fail());
            $this->act($part, 'ready', 'build-2')->assertSessionHasNoErrors();
            $this->post("/parts/{$part->id}/weigh/build-2", ['component' => 'resin', 'grams' => '18'])->assertSessionHasNoErrors();
        }
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/wrong", ['mishap' => $mishap, 'zone' => in_array($mishap, ['cup_kicked', 'cup_binned'], true) ? '' : 'top'])->assertSessionHasNoErrors();
        $fact = PartFact::query()->where('kind', 'went_wrong')->sole();
        $this->get("/parts/{$part->id}/defects/{$fact->id}")->assertOk()->assertDontSee('inspect.', false);
        $planned = $this->planned($part);
        $way = array_values(array_filter(
            app(WaysOutOfIt::class)->of($planned, $planned->plan->log->all(\OakGloss\Fact\Kind\WentWrong::class)[0]),
            fn ($w): bool => $w->fits(),
        ))[0] ?? self::fail("{$mishap} has no way out");
        $this->post("/parts/{$part->id}/defects/{$fact->id}/way", ['remedy' => $way->offer->remedy->value])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        if ($way->offer->remedy === Remedy::NewCup) {
            self::assertSame(0.0, $this->planned($part)->plan->log->weighedG('build-2', 'resin'), 'the lost cup is in no coat');
            self::assertEqualsWithDelta(18.0, $fact->data['grams'], 0.01, 'what it cost stands');
        }
        for ($n = 0; $n < 8 && ($planned = $this->planned($part))->next !== null; $n++) {
            $this->doNext($planned);
        }
        self::assertSame([], array_filter(
            $this->planned($part)->plan->ahead(),
            fn ($s): bool => str_starts_with($s->step->key, 'mend-'),
        ), 'its steps are through');
    }

    /** A cup that was lost has no clock any more: the new one runs from its own hardener. */
    public function testANewCupHasItsOwnClock(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        foreach ([['ready', '16:20', []], ['weighed', '16:21', ['component' => 'resin', 'grams' => 18.0]], ['weighed', '16:22', ['component' => 'hardener', 'grams' => 6.1]],
            ['went_wrong', '16:25', ['mishap' => 'cup_kicked', 'grams' => 24.1]]] as [$kind, $at, $data]) {
            $this->fact($part, $kind, 'build-2', "2027-03-10 {$at}", $data);
        }
        self::assertNull(Cup::forStep($this->planned($part), 'build-2')?->mixedAtMin());
        $this->fact($part, 'weighed', 'build-2', '2027-03-10 16:30', ['component' => 'hardener', 'grams' => 6.1]);
        app()->forgetScopedInstances();
        $cup = Cup::forStep($this->planned($part->fresh() ?? self::fail()), 'build-2') ?? self::fail();
        self::assertEqualsWithDelta(4.0, $cup->planned->floor->nowMin - ($cup->mixedAtMin() ?? 0.0), 0.01);
        self::assertEqualsWithDelta(6.1, $cup->pour->totalG(), 0.01, 'what was lost is in no cup');
    }

    private function stateOf(Part $part): DefectState
    {
        app()->forgetScopedInstances();

        return DefectState::all($this->planned($part)->plan)[0];
    }

    /** Its facts as the bench would have kept them, each step when the plan has it. */
    private function livedUntil(string $key): Part
    {
        $part = $this->makePart();
        for ($planned = $this->planned($part); $planned->plan->step($key)?->isDone() !== true; $planned = $this->planned($part)) {
            self::assertLessThan(self::MOST_ACTS, ++$this->acts, "{$key} is never done");
            $step = $planned->next->step ?? self::fail("{$key} is no step");
            $slot = $planned->schedule->slot($step->step->key) ?? self::fail("{$step->step->key} has no time");
            $grams = round($step->batch?->totalG() ?? 0.0, 1);
            $papers = $step->ladder === null ? [$step->step->grits->to ?? 0] : array_map(fn ($s): int => $s->grit->number, $step->ladder->steps);
            foreach (match ($step->step->kind) {
                StepKind::Coat => [['coat_on', ['grams' => $grams]]],
                StepKind::Wipe => [['wiped', []]],
                StepKind::Key, StepKind::Flat => array_map(fn (int $grit): array => ['sanded', ['grit' => $grit]], $papers),
                default => [['done', []]],
            } as [$kind, $data]) {
                PartFact::query()->create([
                    'part_id' => $part->id, 'user_id' => $this->user->id, 'kind' => $kind, 'step' => $step->step->key, 'data' => $data, 'air_c' => 20.0,
                    'role' => $step->step->role, 'nth' => $step->step->nth, 'token' => bin2hex(random_bytes(8)),
                    'happened_at' => $at = CarbonImmutable::createFromTimestampUTC((int) round(60.0 * $slot->endMin)), 'recorded_at' => $at,
                ]);
            }
            $this->goTo($slot->endMin);
            $part = $part->fresh() ?? self::fail();
        }

        return $part;
    }
}
