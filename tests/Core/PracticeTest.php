<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Practice\Chance;
use OakGloss\Practice\HiddenTruth;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Mistake;
use OakGloss\Practice\Move;
use OakGloss\Practice\MoveKind;
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
            $moves = self::randomActs($seed, 24);
            $part = Simulation::play($seed, [], $moves);
            self::assertEqualsWithDelta(0.0, $part->ledger->unaccountedG(), 1e-9, "cup of seed {$seed}");
            self::assertEqualsWithDelta($part->ledger->onPartG(), $part->part->filmG(), 1e-8, "film of seed {$seed}");
        }
    }

    public function testSandingNeverAddsFilmAndACoatNeverTakesAny(): void
    {
        for ($seed = 1; $seed <= 30; $seed++) {
            $moves = [];
            $before = 0.0;
            foreach (self::randomActs($seed, 16) as $move) {
                $moves[] = $move;
                $film = Simulation::play($seed, [], $moves)->part->filmG();
                match ($move->kind) {
                    MoveKind::Coat => self::assertGreaterThanOrEqual($before - 1e-9, $film),
                    MoveKind::Sand => self::assertLessThanOrEqual($before + 1e-9, $film),
                    default => self::assertEqualsWithDelta($before, $film, 1e-9, $move->kind->value),
                };
                $before = $film;
            }
        }
    }

    public function testTheSamePartAndActsComeToTheSameEnd(): void
    {
        $moves = self::randomActs(5, 20);
        self::assertEquals(Simulation::play(5, [], $moves), Simulation::play(5, [], $moves));
        self::assertNotEquals(Simulation::play(5, [], $moves)->part->section(), Simulation::play(6, [], $moves)->part->section());
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

    /** @return iterable<string, array{Lesson, list<Move>}> */
    public static function won(): iterable
    {
        yield 'base that has set' => [Lesson::Float, [Move::wait(320.0), Move::touch(), Move::mix(32.0), Move::coat()]];
        yield 'coat at tack' => [Lesson::Tack, [Move::mix(26.0), Move::coat(), Move::wait(170.0), Move::touch(), Move::mix(26.0), Move::coat()]];
        yield 'keyed the next day' => [Lesson::Tack, [Move::mix(26.0), Move::coat(), Move::wait(1440.0), self::sand(240, 2.0), Move::wipe(), Move::mix(26.0), Move::coat()]];
        yield 'flat the next day' => [Lesson::Patience, [Move::wait(1440.0), self::sand(150, 13.0, 'top'), self::sand(150, 11.0, 'flank')]];
        yield 'faces on the block, rim by hand' => [Lesson::Edge, [self::sand(150, 15.0, 'top'), self::sand(150, 13.0, 'flank'), self::sand(240, 2.6, 'rim')]];
        yield 'every grit' => [Lesson::Ladder, [...self::through(600, 1000, 1500, 2000), Move::wipe(), Move::polish(Compound::Cut, 12.0), Move::polish(Compound::Finish, 10.0)]];
        yield 'wiped' => [Lesson::Dust, [Move::wipe(), Move::mix(20.0), Move::coat()]];
        yield 'left matt' => [Lesson::Matt, [Move::spray(Finish::Matt, 2), Move::wait(1200.0)]];
    }

    /** @param list<Move> $moves */
    #[DataProvider('won')]
    public function testALessonIsWonOnAnyPart(Lesson $lesson, array $moves): void
    {
        foreach ([1, 2, 7, 42, 1234] as $seed) {
            $part = Simulation::play($seed, $lesson->before(), $moves);
            $verdict = Verdict::of($lesson, $part);
            self::assertTrue($verdict->isWon(), "part {$seed}: ".json_encode([$verdict->goals, array_map(fn (Mistake $m): string => $m->code, $verdict->mistakes)]));
        }
    }

    /** @return iterable<string, array{Lesson, list<Move>, string, string}> lesson, acts, mistake, the figure that explains it */
    public static function lost(): iterable
    {
        yield 'floated' => [Lesson::Float, [Move::mix(32.0), Move::coat()], Mistake::FLOATED, 'until'];
        yield 'coated too early' => [Lesson::Tack, [Move::mix(26.0), Move::coat(), Move::wait(20.0), Move::mix(26.0), Move::coat()], Mistake::TOO_EARLY, 'from'];
        yield 'coated too late' => [Lesson::Tack, [Move::mix(26.0), Move::coat(), Move::wait(1440.0), Move::mix(26.0), Move::coat()], Mistake::UNKEYED, 'until'];
        yield 'cup left standing' => [Lesson::Tack, [Move::mix(26.0), Move::wait(240.0), Move::coat()], Mistake::CUP, 'limit'];
        yield 'flat too soon' => [Lesson::Patience, [self::sand(150, 12.0, 'top')], Mistake::TOO_SOON, 'from'];
        yield 'burnt an edge' => [Lesson::Edge, [self::sand(150, 40.0)], Mistake::BURNT, 'reach'];
        yield 'skipped a grit' => [Lesson::Ladder, [self::sand(2000, 3.0), Move::wipe(), Move::polish(Compound::Cut, 6.0)], Mistake::SKIPPED, 'left'];
        yield 'sealed dust in' => [Lesson::Dust, [Move::mix(20.0), Move::coat()], Mistake::DUST, 'dust'];
        yield 'polished matt' => [Lesson::Matt, [Move::spray(Finish::Matt, 2), Move::wait(1200.0), Move::polish(Compound::Finish, 6.0)], Mistake::MATT, 'after'];
    }

    /** @param list<Move> $moves */
    #[DataProvider('lost')]
    public function testALessonIsLostWithTheMistakeByItsFigures(Lesson $lesson, array $moves, string $code, string $figure): void
    {
        foreach ([1, 7, 42] as $seed) {
            $verdict = Verdict::of($lesson, Simulation::play($seed, $lesson->before(), $moves));
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
        $relief = fn (float $wait, float $grams): float => Simulation::play(7, [Move::cloth(), Move::wait(125.0)], [Move::wait($wait), Move::mix($grams), Move::coat()])->patch('top')->textureUm;
        self::assertEqualsWithDelta($relief(400.0, 30.0), $relief(900.0, 30.0), 1e-9, 'set is set');
        self::assertGreaterThan($relief(400.0, 30.0) + 10.0, $relief(1.0, 30.0));
        self::assertGreaterThan($relief(60.0, 30.0), $relief(1.0, 30.0));
        self::assertGreaterThan($relief(1.0, 25.0), $relief(1.0, 45.0));
        foreach ([20.0, 30.0, 60.0] as $grams) {
            $part = Simulation::play(9, [Move::cloth()], [Move::wait(100.0), Move::mix($grams), Move::coat(), Move::wait(150.0), Move::mix(20.0), Move::coat()]);
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
        self::assertTrue(Simulation::play(42, [], [Move::mix(26.0), Move::coat()])->patch('top')->isWet);
    }

    public function testShrinkagePullsTheWeaveBackThroughAnEarlyFlattingOnly(): void
    {
        $print = fn (float $wait): float => Simulation::play(8, Lesson::Patience->before(), [Move::wait($wait), self::sand(150, 13.0, 'top'), Move::wait(5000.0)])->printUm();
        self::assertGreaterThan($print(5000.0), $print(1440.0));
        self::assertSame(0.0, Simulation::play(8, [], [Move::wait(5000.0)])->printUm());
    }

    public function testActsThatMakeNoSenseAreRefused(): void
    {
        foreach ([fn () => Move::mix(0.0), fn () => Move::mix(NAN), fn () => Move::wait(1e9), fn () => self::sand(240, 0.0), fn () => Move::spray(Finish::Gloss, 9), fn () => Move::polish(Compound::Cut, INF)] as $move) {
            try {
                $move();
                self::fail('it was taken');
            } catch (OutOfRange $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame('no_cup', Simulation::play(1, [], [Move::coat()])->answers()[0]->code);
    }

    private static function sand(int $grit, float $minutes, string $zone = ''): Move
    {
        return Move::sand(Grit::p($grit), SandingMethod::WetBlock, $minutes, $zone);
    }

    /** @return list<Move> */
    private static function through(int ...$grits): array
    {
        return array_merge(...array_map(fn (int $p): array => [self::sand($p, 8.0, 'top'), self::sand($p, 5.0, 'flank'), self::sand($p, 0.7, 'rim')], $grits));
    }

    /** @return list<Move> */
    private static function randomActs(int $seed, int $count): array
    {
        $chance = new Chance($seed + 5000);
        $pick = fn (string $what, array $of): mixed => $of[(int) floor(count($of) * $chance->even($what))];
        $moves = [];
        for ($i = 0; $i < $count; $i++) {
            $moves[] = match ($pick("kind/{$i}", ['mix', 'coat', 'coat', 'wait', 'sand', 'sand', 'wipe', 'touch', 'look'])) {
                'mix' => Move::mix(10.0 + 60.0 * $chance->even("g/{$i}")),
                'coat' => Move::coat(),
                'wait' => Move::wait($pick("w/{$i}", [10.0, 170.0, 900.0, 2880.0])),
                'sand' => self::sand($pick("p/{$i}", [120, 240, 600]), 20.0 * $chance->even("m/{$i}") + 0.2, $pick("z/{$i}", ['', 'top', 'flank', 'rim'])),
                'wipe' => Move::wipe(),
                'touch' => Move::touch(),
                default => Move::look(),
            };
        }

        return $moves;
    }
}
