<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

use OakGloss\Inspection\Cause as C;

/** What can be seen or felt to be wrong. */
enum Defect: string
{
    case Fisheyes = 'fisheyes';
    case Pinholes = 'pinholes';
    case Bubbles = 'bubbles';
    case DrySpot = 'dry_spot';
    case Floated = 'floated';
    case Bridged = 'bridged';
    case Skew = 'skew';
    case Frayed = 'frayed';
    case BurnThrough = 'burn_through';
    case LowSpots = 'low_spots';
    case Runs = 'runs';
    case Blush = 'blush';
    case Bleed = 'bleed';
    case Soft = 'soft';
    case Haze = 'haze';
    case Scratch = 'scratch';
    case OrangePeel = 'orange_peel';
    case Delamination = 'delamination';
    case PrintThrough = 'print_through';
    case Yellowing = 'yellowing';
    case PolishBurn = 'polish_burn';
    case Hair = 'hair';

    /** In which layer it lies. */
    public function lies(): Lies
    {
        return match ($this) {
            self::Haze, self::Scratch, self::OrangePeel, self::PolishBurn => Lies::InClear,
            self::DrySpot, self::Floated, self::Bridged, self::Skew, self::Frayed, self::Bleed, self::Delamination => Lies::InCloth,
            default => Lies::InResin,
        };
    }

    /** Whether it is a matter of a whole face, wherever on it somebody saw it first. */
    public function isOfAFace(): bool
    {
        return match ($this) {
            self::Blush, self::Soft, self::Haze, self::Scratch, self::OrangePeel, self::PrintThrough, self::Yellowing, self::Skew => true,
            default => false,
        };
    }

    /** Whether one that nobody feels is seen at arm's length: what lies in the weave is, what lies in the film may not be. */
    public function showsFlat(): bool
    {
        return ! in_array($this, [self::Pinholes, self::Bubbles, self::LowSpots, self::Hair, self::Frayed, self::Bridged], true);
    }

    /** How deep it goes where nobody felt it, µm (planning values). */
    public function usualDepthUm(): float
    {
        return match ($this) {
            self::Fisheyes => 60.0,
            self::Pinholes => 40.0,
            self::Bubbles => 35.0,
            self::LowSpots => 20.0,
            self::Runs => 80.0,
            self::Hair => 30.0,
            self::Blush, self::Haze => 3.0,
            self::Scratch => 8.0,
            self::OrangePeel, self::PrintThrough => 6.0,
            default => 0.0,
        };
    }

    /**
     * What it comes of, and how often, of a hundred (planning values; the shop's own counts are shown beside them).
     *
     * @return non-empty-array<string, float> by cause, the most frequent first
     */
    public function causes(): array
    {
        return match ($this) {
            self::Fisheyes => [C::Contaminated->value => 75.0, C::Airborne->value => 25.0],
            self::Pinholes => [
                C::TrappedAir->value => 45.0, C::WetTooLean->value => 25.0, C::Cold->value => 15.0, C::CupOld->value => 15.0,
            ],
            self::Bubbles => [C::TrappedAir->value => 50.0, C::CupOld->value => 25.0, C::Cold->value => 25.0],
            self::DrySpot => [C::WetTooLean->value => 60.0, C::Steep->value => 20.0, C::CupOld->value => 12.0, C::Cold->value => 8.0],
            self::Floated => [C::TooEarly->value => 70.0, C::Flooded->value => 30.0],
            self::Bridged => [C::PulledTight->value => 80.0, C::TooLate->value => 20.0],
            self::Skew => [C::LaidAlone->value => 65.0, C::TooEarly->value => 15.0, C::PulledTight->value => 20.0],
            self::Frayed => [C::CutBare->value => 80.0, C::LaidAlone->value => 20.0],
            self::BurnThrough => [
                C::CoverThin->value => 40.0, C::SandedLong->value => 30.0, C::EdgePressed->value => 20.0, C::TooCoarse->value => 10.0,
            ],
            self::LowSpots => [C::SandedShort->value => 45.0, C::Steep->value => 20.0, C::CoverThin->value => 35.0],
            self::Runs => [
                C::TooHeavy->value => 45.0, C::Upright->value => 20.0, C::Cold->value => 18.0, C::TooEarly->value => 17.0,
            ],
            self::Blush => [C::Damp->value => 60.0, C::Cold->value => 30.0, C::RatioOff->value => 10.0],
            self::Bleed => [C::BaseHeavy->value => 60.0, C::TooEarly->value => 40.0],
            self::Soft => [C::RatioOff->value => 40.0, C::MixedShort->value => 30.0, C::Cold->value => 20.0, C::LotOld->value => 10.0],
            self::Haze => [C::ScratchLeft->value => 50.0, C::Dust->value => 35.0, C::Damp->value => 15.0],
            self::Scratch => [C::Skipped->value => 40.0, C::DirtyWater->value => 35.0, C::SandedShort->value => 25.0],
            self::OrangePeel => [C::SprayedDry->value => 50.0, C::Warm->value => 25.0, C::TooHeavy->value => 25.0],
            self::Delamination => [
                C::TooLate->value => 40.0, C::Contaminated->value => 25.0, C::HeatSince->value => 20.0, C::Expansion->value => 15.0,
            ],
            self::PrintThrough => [C::Unsettled->value => 50.0, C::HeatSince->value => 30.0, C::SandedEarly->value => 20.0],
            self::Yellowing => [C::NoUvGuard->value => 70.0, C::LotOld->value => 20.0, C::HeatSince->value => 10.0],
            self::PolishBurn => [C::PolishedLong->value => 60.0, C::EdgePressed->value => 20.0, C::CoverThin->value => 20.0],
            self::Hair => [C::Shed->value => 65.0, C::Dust->value => 35.0],
        };
    }
}
