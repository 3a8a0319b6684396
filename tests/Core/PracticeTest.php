<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Practice\Act;
use OakGloss\Practice\ActKind;
use OakGloss\Practice\Chance;
use OakGloss\Practice\HiddenTruth;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Mistake;
use OakGloss\Practice\Simulation;
use OakGloss\Practice\Verdict;
use OakGloss\Quantity\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PracticeTest extends TestCase
{
    /** Whatever hands do, every gram of film is where the ledger says. */
    public function testNoGramIsMadeOrLost(): void
    {
        for ($seed = 1; $seed <= 60; $seed++) {
            $acts = self::randomActs($seed, 24);
            $part = Simulation::play($seed, [], $acts);
            self::assertEqualsWithDelta(0.0, $part->ledger->unaccountedG(), 1e-9, "cup of seed {$seed}");
            self::assertEqualsWithDelta($part->ledger->onPartG(), $part->part->filmG(), 1e-8, "film of seed {$seed}");
        }
    }

    public function testSandingNeverAddsFilmAndACoatNeverTakesAny(): void
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            $acts = [];
            $before = 0.0;
            foreach (self::randomActs($seed, 16) as $act) {
                $acts[] = $act;
                $film = Simulation::play($seed, [], $acts)->part->filmG();
                match ($act->kind) {
                    ActKind::Coat => self::assertGreaterThanOrEqual($before - 1e-9, $film),
                    ActKind::Sand => self::assertLessThanOrEqual($before + 1e-9, $film),
                    default => self::assertEqualsWithDelta($before, $film, 1e-9, $act->kind->value),
                };
                $before = $film;
            }
        }
    }

    public function testTheSamePartAndActsComeToTheSameEnd(): void
    {
        $acts = self::randomActs(5, 20);
        self::assertEquals(Simulation::play(5, [], $acts), Simulation::play(5, [], $acts));
        self::assertNotEquals(Simulation::play(5, [], $acts)->part->section(), Simulation::play(6, [], $acts)->part->section());
    }

    public function testTheHiddenTruthIsNearWhatSheetAndModelSay(): void
    {
        $paces = $edges = [];
        for ($seed = 1; $seed <= 300; $seed++) {
            $truth = HiddenTruth::of($seed);
            $paces[] = log($truth->pace);
            $edges[] = $truth->edgePullMm;
            self::assertGreaterThan(8.0, $truth->air->at(3000.0));
            self::assertLessThan(30.0, $truth->air->at(3000.0));
        }
        self::assertEqualsWithDelta(0.0, array_sum($paces) / 300, 0.03);
        self::assertEqualsWithDelta(0.15, sqrt(array_sum(array_map(fn (float $x): float => $x ** 2, $paces)) / 300), 0.02);
        self::assertEqualsWithDelta(0.7, array_sum($edges) / 300, 0.03);
    }

    public function testChanceIsEvenAndNormalAndTheSameInAnyOrder(): void
    {
        $chance = new Chance(9);
        $later = $chance->even('b');
        $even = array_map(fn (int $i): float => $chance->even("e{$i}"), range(1, 2000));
        $normal = array_map(fn (int $i): float => $chance->normal("n{$i}"), range(1, 2000));
        self::assertSame($later, $chance->even('b'));
        self::assertEqualsWithDelta(0.5, array_sum($even) / 2000, 0.02);
        self::assertEqualsWithDelta(0.0, array_sum($normal) / 2000, 0.06);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(fn (float $x): float => $x ** 2, $normal)) / 2000, 0.1);
    }

    /** @return iterable<string, array{Lesson, list<Act>}> */
    public static function won(): iterable
    {
        yield 'base that has set' => [Lesson::Float, [Act::wait(320.0), Act::touch(), Act::mix(32.0), Act::coat()]];
        yield 'coat at tack' => [Lesson::Tack, [Act::mix(26.0), Act::coat(), Act::wait(170.0), Act::touch(), Act::mix(26.0), Act::coat()]];
        yield 'keyed the next day' => [Lesson::Tack, [Act::mix(26.0), Act::coat(), Act::wait(1440.0), self::sand(240, 2.0), Act::wipe(), Act::mix(26.0), Act::coat()]];
        yield 'flat the next day' => [Lesson::Patience, [Act::wait(1440.0), self::sand(150, 13.0, 'top'), self::sand(150, 11.0, 'flank')]];
        yield 'faces on the block, rim by hand' => [Lesson::Edge, [self::sand(150, 15.0, 'top'), self::sand(150, 13.0, 'flank'), self::sand(240, 2.6, 'rim')]];
        yield 'every grit' => [Lesson::Ladder, [...self::through(600, 1000, 1500, 2000), Act::wipe(), Act::polish(Compound::Cut, 12.0), Act::polish(Compound::Finish, 10.0)]];
        yield 'wiped' => [Lesson::Dust, [Act::wipe(), Act::mix(20.0), Act::coat()]];
        yield 'left matt' => [Lesson::Matt, [Act::spray(Finish::Matt, 2), Act::wait(1200.0)]];
    }

    /** @param list<Act> $acts */
    #[DataProvider('won')]
    public function testALessonIsWonOnAnyPart(Lesson $lesson, array $acts): void
    {
        foreach ([1, 2, 7, 42, 1234] as $seed) {
            $part = Simulation::play($seed, $lesson->before(), $acts);
            $verdict = Verdict::of($lesson, $part);
            self::assertTrue($verdict->isWon(), "part {$seed}: ".json_encode([$verdict->goals, array_map(fn (Mistake $m): string => $m->code, $verdict->mistakes)]));
        }
    }

    /** @return iterable<string, array{Lesson, list<Act>, string, string}> lesson, acts, mistake, the figure that explains it */
    public static function lost(): iterable
    {
        yield 'floated' => [Lesson::Float, [Act::mix(32.0), Act::coat()], Mistake::FLOATED, 'until'];
        yield 'coated too early' => [Lesson::Tack, [Act::mix(26.0), Act::coat(), Act::wait(20.0), Act::mix(26.0), Act::coat()], Mistake::TOO_EARLY, 'from'];
        yield 'coated too late' => [Lesson::Tack, [Act::mix(26.0), Act::coat(), Act::wait(1440.0), Act::mix(26.0), Act::coat()], Mistake::UNKEYED, 'until'];
        yield 'cup left standing' => [Lesson::Tack, [Act::mix(26.0), Act::wait(240.0), Act::coat()], Mistake::CUP, 'limit'];
        yield 'flat too soon' => [Lesson::Patience, [self::sand(150, 12.0, 'top')], Mistake::TOO_SOON, 'from'];
        yield 'burnt an edge' => [Lesson::Edge, [self::sand(150, 40.0)], Mistake::BURNT, 'reach'];
        yield 'skipped a grit' => [Lesson::Ladder, [self::sand(2000, 3.0), Act::wipe(), Act::polish(Compound::Cut, 6.0)], Mistake::SKIPPED, 'left'];
        yield 'sealed dust in' => [Lesson::Dust, [Act::mix(20.0), Act::coat()], Mistake::DUST, 'dust'];
        yield 'polished matt' => [Lesson::Matt, [Act::spray(Finish::Matt, 2), Act::wait(1200.0), Act::polish(Compound::Finish, 6.0)], Mistake::MATT, 'after'];
    }

    /** @param list<Act> $acts */
    #[DataProvider('lost')]
    public function testALessonIsLostWithTheMistakeByItsFigures(Lesson $lesson, array $acts, string $code, string $figure): void
    {
        foreach ([1, 7, 42] as $seed) {
            $verdict = Verdict::of($lesson, Simulation::play($seed, $lesson->before(), $acts));
            self::assertFalse($verdict->isWon());
            self::assertContains($code, array_map(fn (Mistake $m): string => $m->code, $verdict->mistakes), "part {$seed}");
            self::assertArrayHasKey($figure, $verdict->mistakes[0]->args);
        }
    }

    public function testDoingNothingWinsNothing(): void
    {
        foreach (Lesson::cases() as $lesson) {
            $part = Simulation::play(3, $lesson->before(), []);
            self::assertSame([], $part->mistakes(), 'what others did is not judged');
            self::assertFalse(Verdict::of($lesson, $part)->isWon(), $lesson->value);
        }
    }

    /** On a base that did not set, and the more resin the more; every gram is where the ledger says. */
    public function testClothFloatsByWhatLiesUnderIt(): void
    {
        $relief = fn (float $wait, float $grams): float => Simulation::play(7, [Act::cloth(), Act::wait(125.0)], [Act::wait($wait), Act::mix($grams), Act::coat()])->patch('top')->textureUm;
        self::assertEqualsWithDelta($relief(400.0, 30.0), $relief(900.0, 30.0), 1e-9, 'set is set');
        self::assertGreaterThan($relief(400.0, 30.0) + 10.0, $relief(1.0, 30.0));
        self::assertGreaterThan($relief(60.0, 30.0), $relief(1.0, 30.0));
        self::assertGreaterThan($relief(1.0, 25.0), $relief(1.0, 45.0));
        foreach ([20.0, 30.0, 60.0] as $grams) {
            $part = Simulation::play(9, [Act::cloth()], [Act::wait(100.0), Act::mix($grams), Act::coat(), Act::wait(150.0), Act::mix(20.0), Act::coat()]);
            self::assertEqualsWithDelta($part->ledger->onPartG(), $part->part->filmG(), 1e-8);
        }
    }

    public function testALampSeesWhatWasDone(): void
    {
        $rough = Simulation::play(42, [], [])->patch('top');
        $flat = Simulation::play(42, Lesson::Dust->before(), [])->patch('top');
        $bare = Simulation::play(42, Lesson::Edge->before(), [self::sand(150, 40.0)])->patch('rim');
        self::assertCount(24, $rough->cells);
        self::assertGreaterThan(60.0, $rough->textureUm);
        self::assertLessThan(1.0, $flat->textureUm);
        self::assertGreaterThan(3.0, $flat->scratchUm);
        self::assertLessThan($rough->gloss, $flat->gloss);
        self::assertSame(1.0, $flat->dust);
        self::assertContains(true, array_column($bare->cells, 'burnt'));
        self::assertTrue(Simulation::play(42, [], [Act::mix(26.0), Act::coat()])->patch('top')->isWet);
    }

    public function testShrinkagePullsTheWeaveBackThroughAnEarlyFlattingOnly(): void
    {
        $print = fn (float $wait): float => Simulation::play(8, Lesson::Patience->before(), [Act::wait($wait), self::sand(150, 13.0, 'top'), Act::wait(5000.0)])->printUm();
        self::assertGreaterThan($print(5000.0), $print(1440.0));
        self::assertSame(0.0, Simulation::play(8, [], [Act::wait(5000.0)])->printUm());
    }

    public function testActsThatMakeNoSenseAreRefused(): void
    {
        foreach ([fn () => Act::mix(0.0), fn () => Act::mix(NAN), fn () => Act::wait(1e9), fn () => self::sand(240, 0.0), fn () => Act::spray(Finish::Gloss, 9), fn () => Act::polish(Compound::Cut, INF)] as $act) {
            try {
                $act();
                self::fail('it was taken');
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame('no_cup', Simulation::play(1, [], [Act::coat()])->answers()[0]->code);
    }

    private static function sand(int $grit, float $minutes, string $zone = ''): Act
    {
        return Act::sand(Grit::p($grit), SandingMethod::WetBlock, $minutes, $zone);
    }

    /** @return list<Act> */
    private static function through(int ...$grits): array
    {
        return array_merge(...array_map(fn (int $p): array => [self::sand($p, 8.0, 'top'), self::sand($p, 5.0, 'flank'), self::sand($p, 0.7, 'rim')], $grits));
    }

    /** @return list<Act> */
    private static function randomActs(int $seed, int $count): array
    {
        $chance = new Chance($seed + 5000);
        $pick = fn (string $what, array $of): mixed => $of[(int) floor(count($of) * $chance->even($what))];
        $acts = [];
        for ($i = 0; $i < $count; $i++) {
            $acts[] = match ($pick("kind/{$i}", ['mix', 'coat', 'coat', 'wait', 'sand', 'sand', 'wipe', 'touch', 'look'])) {
                'mix' => Act::mix(10.0 + 60.0 * $chance->even("g/{$i}")),
                'coat' => Act::coat(),
                'wait' => Act::wait($pick("w/{$i}", [10.0, 170.0, 900.0, 2880.0])),
                'sand' => self::sand($pick("p/{$i}", [120, 240, 600]), 20.0 * $chance->even("m/{$i}") + 0.2, $pick("z/{$i}", ['', 'top', 'flank', 'rim'])),
                'wipe' => Act::wipe(),
                'touch' => Act::touch(),
                default => Act::look(),
            };
        }

        return $acts;
    }
}
