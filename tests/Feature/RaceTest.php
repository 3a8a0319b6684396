<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Feed;
use App\Models\Lot;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\PlanOffer;
use App\Stock\Ledger;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OakGloss\Method\Slot;
use Symfony\Component\Process\Process;
use Tests\Thorough;

/** Devices in processes of their own, at one file, at the same moment. */
final class RaceTest extends FileShopCase
{
    private Part $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->part = $this->partWithBuildCoat();
        $this->keep();
    }

    public function testAConnectionHoldsTheWriteLockFromTheBeginOfItsTransaction(): void
    {
        DB::beginTransaction();
        $other = new \PDO("sqlite:{$this->file}");
        $other->exec('pragma busy_timeout = 50');
        try {
            $other->exec('update shops set town = "Elsewhere"');
            self::fail('another could write in between');
        } catch (\PDOException $e) {
            self::assertStringContainsString('locked', $e->getMessage());
        } finally {
            DB::rollBack();
        }
        $other->exec('update shops set town = "Elsewhere"');
        self::assertSame('Elsewhere', DB::table('shops')->value('town'));
        self::assertSame(2, (int) DB::scalar('pragma synchronous'), 'full');
        self::assertSame(1, (int) DB::scalar('pragma recursive_triggers'));
        self::assertFalse(DB::getPdo()->inTransaction());
    }

    public function testAWriteOutsideATransactionWaitsInTheSameRowAndAPageWaitsForNobody(): void
    {
        $feed = Feed::query()->create(['shop_id' => $this->shop->id, 'user_id' => $this->user->id, 'token_hash' => hash('sha256', str_repeat('k', 40)), 'made_at' => now()]);
        $page = fn (string $uri): array => ['user' => $this->user->id, 'method' => 'GET', 'uri' => $uri, 'data' => [], 'pause_ms' => 0];
        $this->together([$page('/'), $page('/run-sheet')]);
        $writer = new Process([PHP_BINARY, '-r', '$t = fopen($argv[1].".turn", "c"); flock($t, LOCK_EX); $d = new PDO("sqlite:".$argv[1]); $d->exec("begin immediate"); echo "has it"; sleep(6);', $this->file]);
        $writer->start();
        $writer->waitUntil(fn (string $type, string $out): bool => $out === 'has it');
        $has = microtime(true);
        foreach ($this->together([$page('/calendar/'.str_repeat('k', 40).'.ics'), $page('/'), $page('/air')]) as $answer) {
            self::assertSame(200, $answer['status']);
            self::assertLessThan(2500.0, $answer['ms'], 'while somebody writes for six seconds');
        }
        self::assertTrue($writer->isRunning());
        $feed->update(['last_read_at' => now()]);
        self::assertGreaterThan(5.0, microtime(true) - $has, 'it came after the one that had the turn');
        self::assertSame(0, $writer->wait());
    }

    public function testARowThatIsReplacedCantSlipPastTheTriggers(): void
    {
        $this->expectExceptionMessage('append-only');
        DB::statement('insert or replace into facts select * from facts limit 1');
    }

    public function testTwoDevicesOnOneStepDoItOnce(): void
    {
        $races = Thorough::isLong() ? 100 : 4;
        for ($race = 0; $race < $races; $race++) {
            $was = $this->coats('build-2');
            $answers = $this->together([
                $this->press('ready', Str::random(20)),
                $this->press('ready', Str::random(20)),
            ]);
            self::assertSame([302, 302], array_column($answers, 'status'));
            self::assertSame(1, PartFact::query()->where('kind', 'ready')->whereNotIn('id', $this->struck())->count(), "race {$race}");
            self::assertCount(1, array_filter($answers, fn (array $a): bool => $a['errors'] === []), 'the slower one is told');
            self::assertSame($was, $this->coats('build-2'));
            PartFact::query()->where('kind', 'ready')->whereNotIn('id', $this->struck())->get()->each(fn (PartFact $f) => $this->fact($this->part, 'struck', 'build-2', self::NOW, ['target' => $f->id, 'reason' => '']));
        }
    }

    public function testAPauseBetweenJudgingAndWritingDoublesNothing(): void
    {
        $answers = $this->together([$this->press('coat_on', Str::random(20), 700), $this->press('coat_on', Str::random(20), 700), $this->press('coat_on', Str::random(20))]);

        self::assertSame(1, $this->coats('build-2'));
        self::assertCount(1, array_filter($answers, fn (array $a): bool => $a['errors'] === []));
    }

    public function testOnePressThatArrivesTwiceIsOneAct(): void
    {
        $answers = $this->together([$this->press('coat_on', 'same-press', 300), $this->press('coat_on', 'same-press', 300)]);

        self::assertSame(1, $this->coats('build-2'));
        self::assertSame([[], []], array_column($answers, 'errors'));
        self::assertContains('Already kept.', array_column($answers, 'notice'));
    }

    public function testEightWhoTakeOneGramOfALotTakeEight(): void
    {
        $lot = $this->resinLot(100.0);
        $answers = $this->together(array_map(fn (int $n): array => $this->takes($lot, "take-{$n}"), range(1, 8)));

        self::assertSame(array_fill(0, 8, __('stock.kept.taken')), array_column($answers, 'notice'));
        self::assertEqualsWithDelta(92.0, $lot->refresh()->left, 1e-6);
        $this->eachLotIsTheSumOfItsMoves();
    }

    public function testNobodyTakesWhatAnotherHasTakenMeanwhile(): void
    {
        $lot = $this->resinLot(2.5);
        $answers = $this->together(array_map(fn (int $n): array => $this->takes($lot, "take-{$n}"), range(1, 5)));

        self::assertCount(2, array_filter($answers, fn (array $a): bool => $a['errors'] === []), 'the third finds too little');
        self::assertEqualsWithDelta(0.5, $lot->refresh()->left, 1e-6);
        $this->eachLotIsTheSumOfItsMoves();
    }

    public function testAPourThatRacesATakeTakesBoth(): void
    {
        $lot = $this->resinLot(100.0);
        $this->fact($this->part, 'ready', 'build-2', self::NOW);
        $answers = $this->together([
            ['uri' => "/parts/{$this->part->id}/weigh/build-2", 'data' => ['component' => 'resin', 'grams' => '15.4', 'token' => 'pour']] + $this->takes($lot, ''),
            $this->takes($lot, 'take-1'),
            $this->takes($lot, 'take-2'),
        ]);

        self::assertSame([[], [], []], array_column($answers, 'errors'));
        self::assertEqualsWithDelta(100.0 - 15.4 - 2.0, $lot->refresh()->left, 1e-6);
        $this->eachLotIsTheSumOfItsMoves();
    }

    public function testAnOfferIsTakenOrLeftAndNotBoth(): void
    {
        $offer = PlanOffer::query()->create(['shop_id' => $this->shop->id, 'kept_plan_id' => $this->shop->keptPlans()->value('id'), 'made_at' => now(), 'saves_min' => 60, 'places' => [], 'parts' => []]);
        $act = fn (string $what, string $token): array => ['user' => $this->user->id, 'method' => 'POST', 'uri' => "/plan/offers/{$offer->id}/{$what}", 'data' => ['token' => $token], 'pause_ms' => 300];
        $answers = $this->together([$act('take', 'a'), $act('refuse', 'b'), $act('take', 'c'), $act('refuse', 'd')]);

        self::assertCount(1, array_filter($answers, fn (array $a): bool => $a['errors'] === []), 'one settles it, the others are told');
        self::assertContains($offer->refresh()->settled_as, ['taken', 'refused']);
    }

    private function resinLot(float $grams): Lot
    {
        return app(Ledger::class)->receive([
            'shop_id' => $this->shop->id, 'kind' => 'resins', 'item_id' => $this->part->resin(Slot::Skin)->id, 'jar' => 'resin', 'mark' => 'L', 'quantity' => $grams, 'received_at' => now(),
        ], $this->user);
    }

    /** @return array<string, mixed> */
    private function takes(Lot $lot, string $token): array
    {
        return ['user' => $this->user->id, 'method' => 'POST', 'uri' => "/lots/{$lot->id}", 'data' => ['what' => 'taken', 'quantity' => '1', 'token' => $token], 'pause_ms' => 150];
    }

    private function eachLotIsTheSumOfItsMoves(): void
    {
        self::assertSame([], app(Ledger::class)->differing());
    }

    /** @return array<string, mixed> */
    private function press(string $kind, string $token, int $pauseMs = 0): array
    {
        return ['user' => $this->user->id, 'method' => 'POST', 'uri' => "/parts/{$this->part->id}/facts", 'data' => ['kind' => $kind, 'step' => 'build-2', 'token' => $token], 'pause_ms' => $pauseMs];
    }

    private function coats(string $step): int
    {
        return PartFact::query()->where('kind', 'coat_on')->where('step', $step)->count();
    }

    /** @return list<int> */
    private function struck(): array
    {
        return array_map(intval(...), PartFact::query()->where('kind', 'struck')->get()->pluck('data.target')->all());
    }
}
