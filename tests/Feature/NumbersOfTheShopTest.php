<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Paper;
use App\Models\Part;
use App\Models\ShopVersion;
use App\Shelf\ShelfPapers;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;

/** What was done keeps the shop's numbers that it was done under. */
final class NumbersOfTheShopTest extends ShopCase
{
    public function testAnotherCupLossLeavesWhatLiesOnThePartAsItIs(): void
    {
        $part = $this->partWithBuildCoat();
        $before = $this->step($part, 'build-1');
        $ahead = $this->step($part, 'build-2');

        $this->change(['cup_loss_g' => 15]);

        $after = $this->step($part, 'build-1');
        self::assertSame($before->laidGM2, $after->laidGM2);
        self::assertEquals(array_map(fn ($z): float => $z->left()->inMicrometres(), $before->zones), array_map(fn ($z): float => $z->left()->inMicrometres(), $after->zones));
        self::assertGreaterThan(($ahead->batch?->totalG() ?? 0.0) + 7.5, $this->step($part, 'build-2')->batch?->totalG(), 'what is ahead is weighed by the new one');
        self::assertSame(7.0, (float) ShopVersion::query()->sole()->numbers['cup_loss_g']);
    }

    public function testTwoChangesEachKeepTheirTime(): void
    {
        $part = $this->partWithBuildCoat();
        $this->change(['cup_loss_g' => 15]);
        $was = $this->step($part, 'build-1')->laidGM2;
        config(['oak.frozen_at' => '2027-03-10T15:40:00Z']);
        app()->forgetScopedInstances();
        $this->act($part, 'coat_on', 'build-2', ['grams' => 30])->assertSessionHasNoErrors();
        $second = $this->step($part, 'build-2')->laidGM2;
        config(['oak.frozen_at' => '2027-03-10T15:50:00Z']);
        app()->forgetScopedInstances();
        $this->change(['cup_loss_g' => 1]);

        self::assertSame($was, $this->step($part, 'build-1')->laidGM2);
        self::assertSame($second, $this->step($part, 'build-2')->laidGM2);
        self::assertCount(2, ShopVersion::query()->get());
    }

    public function testWhatIsNotChangedMakesNoVersion(): void
    {
        $this->change(['cup_loss_g' => '7']);
        $this->change(['unrest_min' => '45']);

        self::assertSame(0, ShopVersion::query()->count());
    }

    public function testAFlattingThatIsDoneKeepsThePapersOfItsDay(): void
    {
        $part = $this->flatted();
        $was = $this->step($part, 'flat')->ladder?->steps ?? self::fail('no ladder');
        self::assertContains(240, array_map(fn (LadderStep $s): int => $s->grit->number, $was));
        $paper = Paper::query()->where('shop_id', $this->shop->id)->where('grit', 240)->where('form', 'wet sheet')->firstOrFail();

        $this->put("/shelf/papers/{$paper->id}", ['name' => $paper->name, 'grit' => 240, 'form' => 'wet sheet', 'sheets' => 0])->assertSessionHasNoErrors();

        self::assertNotSame([], ShopVersion::query()->sole()->numbers['papers']);
        self::assertEquals($was, $this->step($part, 'flat')->ladder?->steps);
        self::assertNotContains(240, ShelfPapers::by($this->shop->id)['wet_block']);
    }

    public function testVersionsCantBeRewritten(): void
    {
        $this->change(['cup_loss_g' => 15]);
        $this->expectExceptionMessage('append-only');
        ShopVersion::query()->update(['stood_until' => now()]);
    }

    /** A part whose build coats are on and flatted. */
    private function flatted(): Part
    {
        $part = $this->partWithBuildCoat('2027-03-03 13:50');
        for ($minute = 0; ! $this->step($part, 'flat')->isDone(); $minute += 10) {
            $next = $this->planned($part)->plan->next() ?? self::fail('nothing is next');
            $at = (new \DateTimeImmutable('2027-03-03 14:00'))->modify("+{$minute} minutes")->format('Y-m-d H:i');
            match (true) {
                $next->step->kind === StepKind::Coat => $this->fact($part, 'coat_on', $next->step->key, $at, ['grams' => 24.0]),
                $next->step->kind === StepKind::Wipe => $this->fact($part, 'wiped', $next->step->key, $at),
                $next->step->kind->isSanding() => array_map(fn (int $p): object => $this->fact($part, 'sanded', $next->step->key, $at, ['grit' => $p]), $next->ladder === null ? [$next->step->grits->to ?? 240] : array_map(fn (LadderStep $s): int => $s->grit->number, $next->ladder->steps)),
                default => $this->fact($part, 'done', $next->step->key, $at),
            };
        }

        return $part;
    }

    private function step(Part $part, string $key): PlannedStep
    {
        return $this->planned($part)->plan->step($key) ?? self::fail("no {$key}");
    }

    /** @param array<string, mixed> $other */
    private function change(array $other): void
    {
        $this->put('/shop', $other + [
            'hours' => array_fill(1, 7, [['08:00', '18:00'], [null, null]]),
            'air' => array_fill(1, 7, ['coldest_c' => 20, 'coldest_at' => '05:00', 'warmest_c' => 20, 'warmest_at' => '14:00']),
            'cup_loss_g' => 7, 'scale_step_g' => 0.1, 'target_percent' => 1,
        ])->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
    }
}
