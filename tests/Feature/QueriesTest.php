<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\TestWith;

/** What is read once is not read again: neither a page nor an act asks the database more for more parts. */
final class QueriesTest extends ShopCase
{
    private const BENCH = 25;
    private const COAT_ON = 30;

    #[TestWith([1])]
    #[TestWith([6])]
    public function testABenchAndACoatAskLittle(int $others): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        foreach (array_slice(range('A', 'Z'), 0, $others) as $letter) {
            $this->makePart(['letter' => $letter, 'name' => "Part {$letter}"]);
        }
        $this->keep();
        self::assertLessThanOrEqual(self::BENCH, $this->queriesOf(fn () => $this->get('/')->assertOk()));
        $this->act($part, 'ready', 'build-2')->assertSessionHasNoErrors();
        app()->forgetScopedInstances();
        $this->post("/parts/{$part->id}/weigh/build-2", ['component' => 'all', 'token' => 'all-of-it-12345678'])->assertSessionHasNoErrors();
        self::assertLessThanOrEqual(self::COAT_ON, $this->queriesOf(fn () => $this->act($part, 'coat_on', 'build-2')->assertSessionHasNoErrors()));
        self::assertLessThanOrEqual(self::BENCH, $this->queriesOf(fn () => $this->get('/')->assertOk()));
    }

    public function testEachPartIsPlannedOnceForAPageAndTheOneThatWasActedOnOnceMore(): void
    {
        $part = $this->partWithBuildCoat('2027-03-10 13:50');
        $other = $this->makePart(['letter' => 'A', 'name' => 'Part A']);
        $this->keep();
        config(['cache.default' => 'array']);
        self::assertSame([$part->id => 1, $other->id => 1], $this->plansOf(fn () => $this->get('/')->assertOk()));
        self::assertSame([], $this->plansOf(fn () => $this->get("/parts/{$part->id}")->assertOk()), 'what was planned once is found');
        self::assertSame([$part->id => 1], $this->plansOf(fn () => $this->act($part, 'remark', 'build-2', ['text' => 'a hair'])->assertSessionHasNoErrors()));
    }

    /** @return array<int, int> how many were reckoned, by part */
    private function plansOf(\Closure $request): array
    {
        app()->forgetScopedInstances();
        $plans = [];
        Event::listen(function (KeyWritten $e) use (&$plans): void {
            if (preg_match('/^plan-.*-(\d+)$/', $e->key, $of) === 1) {
                $plans[(int) $of[1]] = ($plans[(int) $of[1]] ?? 0) + 1;
            }
        });
        $request();
        Event::forget(KeyWritten::class);
        ksort($plans);

        return $plans;
    }

    private function queriesOf(\Closure $request): int
    {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $request();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }
}
