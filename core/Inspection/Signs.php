<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/**
 * What each thing on record says of each cause. A figure speaks by a ramp on the logarithm of its factor: up to `from` it
 * multiplies by the one bound, from `to` on by the other, straight between (ours; no more than a factor of 12 either way,
 * so that no single figure decides alone).
 */
final class Signs
{
    /** A look that was made for it multiplies by so much, or divides. */
    private const TOLD = 5.0;

    /** @return list<Sign> */
    public static function of(Cause $cause, Evidence $on): array
    {
        /** @var list<Sign|null> $signs */
        $signs = match ($cause) {
            Cause::Contaminated => [
                self::ramp('wipeAgeMin', $on->wipeAgeMin, 60.0, 600.0, 0.4, 4.0),
            ],
            Cause::TrappedAir => [self::ramp('restMin', $on->restMin, 3.0, 9.0, 2.5, 0.4)],
            Cause::CupOld => [self::ramp('cupAgeShare', $on->cupAgeShare, 0.5, 1.0, 0.25, 8.0)],
            Cause::Cold => [self::cold($on)],
            Cause::Warm => [self::ramp('airC', $on->airC, 21.0, 30.0, 0.4, 4.0)],
            Cause::Damp => [self::ramp('dewMarginC', $on->dewMarginC, 2.0, 8.0, 7.0, 0.2)],
            Cause::TooEarly => [self::ramp('belowOverTack', $on->belowOverTack, 0.7, 1.1, 9.0, 0.15)],
            Cause::TooLate => [self::ramp('belowOverBond', $on->belowOverBond, 0.9, 1.3, 0.15, 8.0)],
            Cause::TooHeavy => [self::ramp('coatOverLimit', $on->coatOverLimit, 0.6, 1.2, 0.2, 7.0)],
            Cause::Flooded => [self::ramp('wetOverDrink', $on->wetOverDrink, 1.3, 2.2, 0.3, 6.0)],
            Cause::WetTooLean => [self::ramp('wetOverDrink', $on->wetOverDrink, 0.85, 1.2, 8.0, 0.25)],
            Cause::Steep => [self::ramp('slopeDeg', $on->slopeDeg, 20.0, 75.0, 0.25, 3.5)],
            Cause::Upright => [self::ramp('slopeDeg', $on->slopeDeg, 45.0, 85.0, 0.25, 4.0)],
            Cause::CoverThin => [
                self::ramp('coverOverNeed', $on->coverOverNeed, 0.8, 2.0, 6.0, 0.2),
                self::ramp('weaveOverShows', $on->weaveOverShows, 0.5, 2.0, 0.6, 2.0),
            ],
            Cause::SandedLong => [self::ramp('passOverNeed', $on->passOverNeed, 1.1, 2.0, 0.3, 7.0)],
            Cause::SandedShort => [self::ramp('passUnderNeed', $on->passUnderNeed, 0.6, 1.0, 6.0, 0.3)],
            Cause::SandedEarly => [self::ramp('sandedOverReady', $on->sandedOverReady, 0.7, 1.1, 8.0, 0.2)],
            Cause::EdgePressed => [self::yes('isEdge', $on->isEdge, 3.5, 0.1)],
            Cause::TooCoarse => [self::ramp('firstGrit', $on->firstGrit, 100.0, 220.0, 3.0, 0.3)],
            Cause::ScratchLeft => [self::ramp('scratchOverMost', $on->scratchOverMost, 0.8, 1.5, 0.2, 8.0)],
            Cause::Skipped => [self::ramp('ladderGap', $on->ladderGap, 2.0, 3.5, 0.2, 8.0)],
            Cause::DirtyWater => [self::ramp('waterShare', $on->waterShare, 0.3, 1.0, 3.0, 0.3)],
            Cause::Dust => [self::yes('dustLeft', $on->dustLeft, 6.0, 0.3)],
            Cause::RatioOff => [self::ratio($on)],
            Cause::MixedShort => [self::ramp('restMin', $on->restMin, 1.5, 5.0, 3.0, 0.5)],
            Cause::LotOld => [self::ramp('lotOpenDays', $on->lotOpenDays, 60.0, 365.0, 0.3, 4.0)],
            Cause::Unsettled => [
                self::ramp('settledShare', $on->settledShare, 0.3, 1.0, 4.0, 0.15),
                self::ramp('weaveOverShows', $on->weaveOverShows, 0.5, 2.0, 0.5, 1.5),
            ],
            Cause::HeatSince => [self::ramp('hottestSinceC', $on->hottestSinceC, 32.0, 55.0, 0.2, 6.0)],
            Cause::BaseHeavy => [self::ramp('baseOverPlan', $on->baseOverPlan, 1.0, 1.4, 0.3, 6.0)],
            Cause::PulledTight => [self::yes('isInCorner', $on->isInCorner, 3.0, 0.7)],
            Cause::LaidAlone => [self::ramp('m2PerHand', $on->m2PerHand, 0.3, 1.0, 0.5, 3.0)],
            Cause::Expansion => [self::ramp('expansionIndex', $on->expansionIndex, 0.02, 0.2, 0.2, 5.0)],
            Cause::NoUvGuard => [self::yes('hasUvGuard', $on->hasUvGuard, 0.1, 4.0)],
            Cause::Airborne, Cause::SprayedDry, Cause::PolishedLong, Cause::Shed, Cause::CutBare => [],
        };

        return array_values(array_filter($signs, fn (?Sign $s): bool => $s !== null));
    }

    /** What a look says that was made for the cause. */
    public static function told(bool $isSo): Sign
    {
        return new Sign('told', $isSo ? self::TOLD : 1.0 / self::TOLD, $isSo ? 1.0 : 0.0);
    }

    /** By how far the air was over the coldest that the sheet bears; said is the air. */
    private static function cold(Evidence $on): ?Sign
    {
        $over = $on->airC === null || $on->minC === null ? null : $on->airC - $on->minC;
        $sign = self::ramp('airC', $over, -1.0, 5.0, 5.0, 0.3);

        return $sign === null ? null : new Sign('airC', $sign->factor, (float) $on->airC);
    }

    /** By how far it is off, whichever way; said is the way too. */
    private static function ratio(Evidence $on): ?Sign
    {
        $sign = self::ramp('ratioOffPercent', $on->ratioOffPercent === null ? null : abs($on->ratioOffPercent), 1.5, 6.0, 0.15, 12.0);

        return $sign === null ? null : new Sign('ratioOffPercent', $sign->factor, (float) $on->ratioOffPercent);
    }

    private static function ramp(string $of, float|int|null $figure, float $from, float $to, float $below, float $above): ?Sign
    {
        if ($figure === null) {
            return null;
        }
        $share = max(0.0, min(1.0, ($figure - $from) / ($to - $from)));

        return new Sign($of, exp(log($below) + $share * (log($above) - log($below))), (float) $figure);
    }

    private static function yes(string $of, ?bool $is, float $if, float $ifNot): ?Sign
    {
        return $is === null ? null : new Sign($of, $is ? $if : $ifNot, $is ? 1.0 : 0.0);
    }
}
