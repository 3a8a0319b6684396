<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Planning\ChoiceGain;
use App\Planning\ChoiceGroup;
use App\Planning\ChoiceWords;
use App\Planning\PricedChoice;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;

/** What a choice changes, said as a difference, and the order of what it is worth. */
final class ChoiceGainTest extends ShopCase
{
    /** @param array<string, mixed> $but */
    private static function priced(string $value, array $but = [], string $field = 'build_coats'): PricedChoice
    {
        return new PricedChoice(...$but + [
            'field' => $field, 'value' => $value, 'isCurrent' => false, 'refusal' => null, 'readyMin' => 30_000_000.0, 'grams' => 300.0,
            'handsMin' => 200.0, 'risk' => 0.001, 'anyShows' => 0.01, 'mixes' => 5, 'nibRisk' => 0.0,
            'days' => ['2027-03-10', '2027-03-11', '2027-03-13', '2027-03-15'],
        ]);
    }

    /** @param array<string, mixed> $but */
    private static function gain(array $but, array $stands = []): ChoiceGain
    {
        return ChoiceGain::of(self::priced('3', $but), self::priced('4', ['isCurrent' => true] + $stands));
    }

    public function testOnlyWhatDiffersIsSaid(): void
    {
        $words = app(ChoiceWords::class);
        self::assertTrue(self::gain([])->isNothing());
        self::assertTrue(self::gain(['readyMin' => 30_000_009.0, 'grams' => 300.9, 'handsMin' => 200.9, 'anyShows' => 0.0104])->isNothing(), 'less than anybody would notice');
        self::assertSame('+1 day · −76.0 g · any shows: 3.0 % · keeps Sat 13 Mar free', $words->gain(self::gain([
            'readyMin' => 30_001_440.0, 'grams' => 224.0, 'anyShows' => 0.03, 'days' => ['2027-03-10', '2027-03-11', '2027-03-15', '2027-03-16'],
        ])));
        self::assertSame('−2 h 00 · +1 h 00 hands · +1 mix · needs Fri 12 Mar', $words->gain(self::gain([
            'readyMin' => 29_999_880.0, 'handsMin' => 260.0, 'mixes' => 6, 'days' => ['2027-03-10', '2027-03-11', '2027-03-12', '2027-03-13', '2027-03-15'],
        ])));
        self::assertSame([], self::gain(['days' => ['2027-03-10', '2027-03-11', '2027-03-13']])->frees, 'a last day that falls away is told by the day it is ready');
    }

    public function testWhatPlacingAnewBringsIsNoChoicesOwn(): void
    {
        $gain = self::gain(['readyMin' => 29_998_560.0], ['anewMin' => 29_998_560.0]);
        self::assertNull($gain->laterMin);
        self::assertTrue($gain->isNothing());
        self::assertSame(-1440.0, self::gain(['readyMin' => 29_998_560.0])->laterMin);
        self::assertNull(self::gain(['readyMin' => null])->laterMin);
    }

    public function testWorthIsInMinutesOfHands(): void
    {
        self::assertEqualsWithDelta(60.0, self::gain(['readyMin' => 29_998_560.0])->worthMin, 1e-9, 'a day sooner');
        self::assertEqualsWithDelta(-30.0, self::gain(['handsMin' => 230.0])->worthMin, 1e-9);
        self::assertEqualsWithDelta(4.0, self::gain(['grams' => 200.0])->worthMin, 1e-9);
        self::assertEqualsWithDelta(-180.0 * 0.09, self::gain(['anyShows' => 0.10])->worthMin, 1e-9);
    }

    public function testValuesAreSortedByWorthAndThreeOfThemHelpMost(): void
    {
        $stands = self::priced('4', ['isCurrent' => true]);
        $refused = new Finding(Severity::Refuse, 'film.thin');
        $groups = ChoiceGroup::all([
            $stands, self::priced('3', ['handsMin' => 185.0]), self::priced('5', ['handsMin' => 220.0]), self::priced('6', ['handsMin' => 150.0]),
            self::priced('7'), self::priced('8', ['refusal' => $refused, 'handsMin' => 1.0]),
            ...array_merge(...array_map(fn (string $field, float $hands): array => [
                self::priced('as it is', ['isCurrent' => true], $field), self::priced('other', ['handsMin' => $hands], $field),
            ], ['top', 'turned', 'tilted', 'plies'], [170.0, 195.0, 160.0, 180.0])),
        ]);
        self::assertSame(['6', '3', '5'], array_map(fn (ChoiceGain $g): string => $g->choice->value, $groups[0]->others));
        self::assertSame(['7'], array_map(fn (ChoiceGain $g): string => $g->choice->value, $groups[0]->nothing));
        self::assertSame(['8'], array_map(fn (PricedChoice $p): string => $p->value, $groups[0]->refused));
        self::assertSame(['build_coats', 'tilted', 'top'], array_map(fn (ChoiceGain $g): string => $g->choice->field, ChoiceGroup::helps($groups)), 'five minutes are no help, and one of a choice');
        self::assertSame([], ChoiceGroup::all([]));
    }
}
