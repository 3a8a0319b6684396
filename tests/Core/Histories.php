<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Inspection\Cause;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Evidence;
use OakGloss\Optics\Finish;
use OakGloss\Practice\Chance;
use OakGloss\Practice\Move;
use OakGloss\Practice\Simulation;
use OakGloss\Practice\Weather;

/**
 * Histories of practice parts, each with a mistake put into it: of every kind one with all on record, one with gaps in the
 * record, and one with a second mistake or with something that speaks for another cause. What is found on the part is the
 * simulation's own word: a seed that shows nothing is no history.
 */
final class Histories
{
    /** Mistake → what it should show as, and its cause. */
    private const MISTAKES = [
        'bare hands' => [Defect::Fisheyes, Cause::Contaminated],
        'used at once' => [Defect::Bubbles, Cause::TrappedAir],
        'old cup' => [Defect::Bubbles, Cause::CupOld],
        'cold coat' => [Defect::Bubbles, Cause::Cold],
        'damp night' => [Defect::Blush, Cause::Damp],
        'wetted early' => [Defect::Floated, Cause::TooEarly],
        'flooded' => [Defect::Floated, Cause::Flooded],
        'lean' => [Defect::DrySpot, Cause::WetTooLean],
        'heavy' => [Defect::Runs, Cause::TooHeavy],
        'coat on wet coat' => [Defect::Runs, Cause::TooEarly],
        'hardener short' => [Defect::Soft, Cause::RatioOff],
        'stirred short' => [Defect::Soft, Cause::MixedShort],
        'late, no key' => [Defect::Delamination, Cause::TooLate],
        'thin cover' => [Defect::BurnThrough, Cause::CoverThin],
        'long pass' => [Defect::BurnThrough, Cause::SandedLong],
        'short pass' => [Defect::LowSpots, Cause::SandedShort],
        'coarse under clear' => [Defect::Haze, Cause::ScratchLeft],
        'dust under clear' => [Defect::Haze, Cause::Dust],
        'grit left out' => [Defect::Scratch, Cause::Skipped],
        'one bowl of water' => [Defect::Scratch, Cause::DirtyWater],
    ];

    /** @return iterable<string, array{Defect, Cause, Evidence}> 60 of them */
    public static function all(): iterable
    {
        foreach (self::MISTAKES as $mistake => [$defect, $cause]) {
            foreach (['on record', 'with gaps', 'blurred'] as $n => $kind) {
                for ($seed = 100 * $n + 1, $tries = 0; $tries < 60; $seed++, $tries++) {
                    $history = self::played($mistake, $seed, $kind === 'blurred');
                    $zone = self::zoneOf($history, $defect);
                    if ($zone !== null) {
                        $on = $history->record()->of($defect, $zone);
                        yield "{$mistake}, {$kind}" => [$defect, $cause, $kind === 'with gaps' ? self::gapped($on, $seed) : $on];

                        continue 2;
                    }
                }
            }
        }
    }

    private static function zoneOf(Simulation $history, Defect $defect): ?string
    {
        foreach ($history->flaws() as [$found, $zone]) {
            if ($found === $defect) {
                return $zone;
            }
        }

        return null;
    }

    /** A third of what is known, by lot, was never written down. */
    private static function gapped(Evidence $on, int $seed): Evidence
    {
        $chance = new Chance($seed);
        foreach ($on->known() as $name) {
            $on = $chance->even("gap/{$name}") < 0.34 ? $on->without($name) : $on;
        }

        return $on;
    }

    /** @param bool $isBlurred a second mistake, or something that looks like one */
    private static function played(string $mistake, int $seed, bool $isBlurred): Simulation
    {
        $coat = fn (float $grams = 26.0, float $off = 0.0, float $stir = Move::STIR_MIN, float $rest = 5.0): array => [
            Move::mix($grams, $off, $stir), ...($rest > 0.0 ? [Move::wait($rest)] : []), Move::coat(),
        ];
        $built = [...$coat(), Move::wait(160.0), ...$coat(), Move::wait(160.0), ...$coat(), Move::wait(160.0), ...$coat()];
        $sand = fn (int $grit, float $top, string $zone = 'top'): Move => Move::sand(Grit::p($grit), SandingMethod::WetBlock, $top, $zone);
        $flat = fn (int ...$grits): array => array_merge(...array_map(
            fn (int $p): array => [$sand($p, 13.0), $sand($p, 8.0, 'flank'), Move::water()],
            $grits,
        ));
        $keyed = [$sand(240, 3.0), $sand(240, 2.0, 'flank'), $sand(240, 0.4, 'rim')];
        $dry = [Move::cloth()];
        $weather = match ($mistake) {
            'cold coat' => new Weather(-6.5, 45.0),
            'damp night' => new Weather(-1.0, 86.0),
            default => $isBlurred ? new Weather(-1.5, 55.0) : new Weather(),
        };
        // Blurred: the cup was not quite fresh, the wipe not quite new, the water changed once too seldom.
        $blur = $isBlurred ? 4.0 : 0.0;
        $moves = match ($mistake) {
            'bare hands' => [...$built, Move::wait(2880.0), ...$keyed, Move::wipe(), Move::wait(600.0 + 60.0 * $blur), Move::soil(), ...$coat(rest: 5.0 + $blur)],
            'used at once' => [...$coat(), Move::wait(170.0), ...$coat(rest: 0.0)],
            'old cup' => [...$coat(), Move::wait(170.0), Move::mix(26.0), Move::wait(30.0), Move::coat()],
            'cold coat' => [...$coat(), Move::wait(290.0), ...$coat(rest: 6.0)],
            'damp night' => [...$coat(), Move::wait(200.0), ...$coat(rest: 5.0 + $blur)],
            'wetted early' => [...$dry, Move::wait(60.0), ...$coat(24.0 + $blur)],
            'flooded' => [...$dry, Move::wait(320.0 - 10.0 * $blur), ...$coat(46.0)],
            'lean' => [...$dry, Move::wait(330.0), ...$coat(19.0, rest: 5.0 + $blur)],
            'heavy' => [...$coat(), Move::wait(165.0 - 5.0 * $blur), ...$coat(70.0)],
            'coat on wet coat' => [...$coat(), Move::wait(25.0), ...$coat(24.0 + $blur)],
            'hardener short' => [...$coat(), Move::wait(170.0), ...$coat(26.0, -9.0, rest: 5.0 - $blur), Move::wait(3000.0)],
            'stirred short' => [...$coat(), Move::wait(170.0), ...$coat(26.0, 0.3 * $blur, 0.4, 0.0), Move::wait(3000.0)],
            'late, no key' => [...$coat(), Move::wait(700.0 + 60.0 * $blur), ...$coat()],
            'thin cover' => [...$coat(), Move::wait(2880.0), $sand(150, 9.0 + 0.5 * $blur), Move::water(), $sand(240, 6.0)],
            'long pass' => [...$built, Move::wait(2880.0), $sand($isBlurred ? 150 : 180, 75.0), Move::water()],
            'short pass' => [...$built, Move::wait(2880.0), $sand(180, 3.5), $sand(180, 2.0, 'flank'), Move::water(), $sand(240, 3.0)],
            'coarse under clear' => [...$built, Move::wait(2880.0), ...$flat(150, 240), ...($isBlurred ? [] : [Move::water()]), Move::wipe(), Move::spray(Finish::Gloss, 2)],
            'dust under clear' => [...$built, Move::wait(2880.0), ...$flat(150, 240, 320, 400, 600), Move::spray(Finish::Gloss, 2)],
            'grit left out' => [...$built, Move::wait(2880.0), ...$flat(150, 240), Move::water(), $sand(1000, 2.0 + 0.5 * $blur)],
            'one bowl of water' => [...$built, Move::wait(2880.0), $sand(150, 13.0), $sand(240, 9.0), $sand(320, 8.0), $sand(400, 8.0), $sand(600, 8.0), ...($isBlurred ? [Move::water()] : [])],
            default => throw new \LogicException($mistake),
        };

        return Simulation::play($seed, [], $moves, $weather);
    }
}
