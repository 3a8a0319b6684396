<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\CauseRanking;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Evidence;
use OakGloss\Inspection\Signs;
use PHPUnit\Framework\TestCase;

final class CauseTest extends TestCase
{
    /** The mistake that was put into a history is found again by its record. */
    public function testTheTrueCauseIsMostlyFirst(): void
    {
        [$first, $second, $all, $missed] = [0, 0, 0, []];
        foreach (Histories::all() as $name => [$defect, $true, $on]) {
            $ranked = array_map(fn ($s): Cause => $s->cause, CauseRanking::of($defect, $on)->suspects);
            $all++;
            $first += $ranked[0] === $true ? 1 : 0;
            $second += in_array($true, array_slice($ranked, 0, 2), true) ? 1 : 0;
            if ($ranked[0] !== $true) {
                $missed[] = "{$name}: {$ranked[0]->value} before {$true->value}";
            }
        }
        self::assertSame(60, $all, 'every mistake shows in the simulation');
        self::assertGreaterThanOrEqual(45, $first, implode("\n", $missed));
        self::assertGreaterThanOrEqual(55, $second, implode("\n", $missed));
    }

    /** What speaks for a cause, taken away, lowers it; what speaks against it, taken away, raises it. */
    public function testEvidenceTakenAwayMovesItsCause(): void
    {
        $moved = 0;
        foreach (Histories::all() as $name => [$defect, , $on]) {
            $whole = CauseRanking::of($defect, $on);
            foreach ($whole->suspects as $suspect) {
                foreach ($suspect->signs as $sign) {
                    if (! $sign->speaks() || self::speaksOfOthers($whole, $suspect->cause, $sign->of)) {
                        continue;
                    }
                    $less = CauseRanking::of($defect, $on->without($sign->of))->shareOf($suspect->cause);
                    $sign->isFor()
                        ? self::assertLessThan($suspect->share, $less, "{$name}: {$suspect->cause->value} without {$sign->of}")
                        : self::assertGreaterThan($suspect->share, $less, "{$name}: {$suspect->cause->value} without {$sign->of}");
                    $moved++;
                }
            }
        }
        self::assertGreaterThan(120, $moved);
    }

    private static function speaksOfOthers(CauseRanking $in, Cause $but, string $of): bool
    {
        foreach ($in->suspects as $suspect) {
            if ($suspect->cause !== $but && in_array($of, array_column($suspect->signs, 'of'), true)) {
                return true;
            }
        }

        return false;
    }

    /** A name that is none is no evidence that is passed over, and a record that never says one thing is no record. */
    public function testEvidenceIsReadByNameAndWhole(): void
    {
        $all = array_fill_keys(array_keys((new Evidence())->all()), null);
        self::assertEquals(new Evidence(airC: 12.0), Evidence::complete(['airC' => 12.0] + $all));
        foreach ([fn () => Evidence::read(['air_c' => 12.0]), fn () => Evidence::complete(array_diff_key($all, ['expansionIndex' => 1]))] as $wrong) {
            try {
                $wrong();
                self::fail('it is read');
            } catch (\InvalidArgumentException $e) {
                self::assertMatchesRegularExpression('/air_c|expansionIndex/', $e->getMessage());
            }
        }
    }

    /** Where nothing is on record, the priors stand. */
    public function testNothingIsClaimedFromWhatNobodyRecorded(): void
    {
        foreach (Defect::cases() as $defect) {
            $ranked = CauseRanking::of($defect, new Evidence());
            self::assertEqualsWithDelta(1.0, array_sum(array_map(fn ($s): float => $s->share, $ranked->suspects)), 1e-12);
            self::assertEqualsWithDelta(100.0, array_sum($defect->causes()), 1e-9, "{$defect->value}: of a hundred");
            foreach ($ranked->suspects as $suspect) {
                self::assertSame([], $suspect->signs);
                self::assertEqualsWithDelta($suspect->prior / 100.0, $suspect->share, 1e-12);
            }
        }
    }

    /** Checked by hand: bubbles, the cup used two minutes after the hardener, 20 °C where 15 °C are borne. */
    public function testOddsAreThePriorTimesItsSigns(): void
    {
        $ranked = CauseRanking::of(Defect::Bubbles, new Evidence(airC: 20.0, minC: 15.0, restMin: 2.0));
        self::assertSame(Cause::TrappedAir, $ranked->first()->cause);
        self::assertEqualsWithDelta(50.0 * 2.5, $ranked->first()->odds, 1e-9, 'up to three minutes 2.5 times');
        self::assertEqualsWithDelta(125.0 / (125.0 + 25.0 + 25.0 * 0.3), $ranked->first()->share, 1e-9);
    }

    public function testALookForACauseDecidesAgainstASinglePrior(): void
    {
        $plain = CauseRanking::of(Defect::Haze, new Evidence());
        self::assertSame(Cause::ScratchLeft, $plain->lookFor(), 'the first is looked for');
        $told = ['scratch_left' => false];
        $after = CauseRanking::of(Defect::Haze, new Evidence(), $told);
        self::assertSame(Cause::Dust, $after->first()->cause);
        self::assertSame(Cause::Dust, $after->lookFor($told));
        $both = $told + ['dust' => true];
        self::assertNull(CauseRanking::of(Defect::Haze, new Evidence(), $both)->lookFor($both), 'a clear lead needs no more');
    }

    public function testNoSingleFigureDecidesByMoreThanTwelve(): void
    {
        foreach ([-1e6, 0.0, 0.5, 1.0, 5.0, 1e6] as $figure) {
            $flags = ['dustLeft' => true, 'isEdge' => true, 'isInCorner' => true, 'hasUvGuard' => true, 'firstGrit' => (int) $figure];
            $on = Evidence::read($flags + array_fill_keys(array_keys((new Evidence())->all()), $figure));
            foreach (Cause::cases() as $cause) {
                foreach (Signs::of($cause, $on) as $sign) {
                    self::assertGreaterThanOrEqual(1.0 / 12.0, $sign->factor, "{$cause->value} by {$sign->of}");
                    self::assertLessThanOrEqual(12.0, $sign->factor, "{$cause->value} by {$sign->of}");
                }
            }
        }
    }

    public function testTheCalculatorRanksAndRefuses(): void
    {
        $out = Calculator::run('cause', '{"defect":"soft","evidence":{"ratio_off_percent":-7.0,"rest_min":6.0},"told":{"cold":false}}');
        self::assertSame('ratio_off', $out['causes'][0]['cause']);
        self::assertEqualsWithDelta(480.0, $out['causes'][0]['odds'], 1e-9, '40 times 12');
        self::assertEqualsWithDelta(1.0, array_sum(array_column($out['causes'], 'share')), 1e-12);
        self::assertSame('contaminated', Calculator::run('cause', '{"defect":"fisheyes","evidence":{"wiped":false}}')['causes'][0]['cause']);
        foreach (['{"defect":"rust"}' => 'defect', '{"defect":"soft","evidence":{"ratio":3}}' => 'evidence.ratio',
            '{"defect":"soft","told":{"cold":1}}' => 'told.cold', '{"defect":"soft","evidence":{"air_c":"warm"}}' => 'evidence.air_c'] as $json => $field) {
            try {
                Calculator::run('cause', $json);
                self::fail("{$json} is taken");
            } catch (BadField $e) {
                self::assertSame($field, $e->field);
            }
        }
    }
}
