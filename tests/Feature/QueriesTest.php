<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;

/** What is read once is not read again: neither a page nor an act asks the database more for more parts. */
final class QueriesTest extends ShopCase
{
    private const BENCH = 32;
    private const COAT_ON = 82;

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
