<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/** What a defect can have come of. Each has one look that tells it from the others (`tells`, in words). */
enum Cause: string
{
    /** Silicone, grease or skin on the face that the coat went on. */
    case Contaminated = 'contaminated';
    /** A polish or spray used nearby while it was wet. */
    case Airborne = 'airborne';
    case TrappedAir = 'trapped_air';
    case CupOld = 'cup_old';
    case Cold = 'cold';
    case Warm = 'warm';
    case Damp = 'damp';
    /** A coat, or cloth, on one below that had not set. */
    case TooEarly = 'too_early';
    /** A coat on one that no longer bonds, and was not keyed. */
    case TooLate = 'too_late';
    case TooHeavy = 'too_heavy';
    /** So much at the wet-out that cloth swims. */
    case Flooded = 'flooded';
    case WetTooLean = 'wet_too_lean';
    /** A face so steep that it drains. */
    case Steep = 'steep';
    /** A coat that nothing keeps from running on an upright face: not turned, not laid flat. */
    case Upright = 'upright';
    case CoverThin = 'cover_thin';
    case SandedLong = 'sanded_long';
    case SandedShort = 'sanded_short';
    case SandedEarly = 'sanded_early';
    case EdgePressed = 'edge_pressed';
    case TooCoarse = 'too_coarse';
    /** A coarse scratch under the clear. */
    case ScratchLeft = 'scratch_left';
    case Skipped = 'skipped';
    case DirtyWater = 'dirty_water';
    case Dust = 'dust';
    case RatioOff = 'ratio_off';
    case MixedShort = 'mixed_short';
    case LotOld = 'lot_old';
    /** Sanded to its last plane while the resin still shrank. */
    case Unsettled = 'unsettled';
    case HeatSince = 'heat_since';
    case BaseHeavy = 'base_heavy';
    case PulledTight = 'pulled_tight';
    case LaidAlone = 'laid_alone';
    case CutBare = 'cut_bare';
    case Expansion = 'expansion';
    case NoUvGuard = 'no_uv_guard';
    case SprayedDry = 'sprayed_dry';
    case PolishedLong = 'polished_long';
    case Shed = 'shed';

    /** The one habit that would spare it: causes of the same habit are counted together. */
    public function habit(): Habit
    {
        return match ($this) {
            self::Contaminated, self::Dust, self::DirtyWater, self::Airborne => Habit::Clean,
            self::TrappedAir, self::CupOld, self::RatioOff, self::MixedShort, self::LotOld => Habit::Mix,
            self::Cold, self::Warm, self::Damp, self::HeatSince, self::Expansion, self::NoUvGuard => Habit::Climate,
            self::TooEarly, self::TooLate, self::SandedEarly, self::Unsettled => Habit::Window,
            self::TooHeavy, self::Flooded, self::WetTooLean, self::Steep, self::Upright, self::CoverThin, self::BaseHeavy,
            self::SprayedDry, self::Shed => Habit::Coat,
            self::SandedLong, self::SandedShort, self::EdgePressed, self::TooCoarse, self::ScratchLeft, self::Skipped,
            self::PolishedLong => Habit::Ladder,
            self::PulledTight, self::LaidAlone, self::CutBare => Habit::Cloth,
        };
    }

    /** Whether a way out would fail again for the same reason, or make it worse (ours). */
    public function forbids(Remedy $remedy): bool
    {
        return in_array($remedy, match ($this) {
            // What pushes resin away pushes it away again until it is sanded off and wiped.
            self::Contaminated => [Remedy::WorkWet, Remedy::CoatNow, Remedy::Flood, Remedy::Inject],
            // Nothing holds on what never hardens, and warmth does not harden it.
            self::RatioOff, self::MixedShort => [
                Remedy::Hold, Remedy::CoatNow, Remedy::Bury, Remedy::Flood, Remedy::SpotFill, Remedy::SandAndCoat,
            ],
            // Resin under a glossy face lifts as the layer over it did.
            self::TooLate, self::Expansion => [Remedy::Inject],
            self::TooEarly => [Remedy::CoatNow, Remedy::Bury],
            // What still shrinks prints again.
            self::Unsettled, self::SandedEarly => [Remedy::SandOut, Remedy::Reclear],
            self::CoverThin => [Remedy::SandOut, Remedy::Repolish],
            // Coats to come drain off the same face in the same way.
            self::Steep => [Remedy::Bury],
            self::WetTooLean => [Remedy::Bury, Remedy::HotAir],
            self::CupOld => [Remedy::WorkWet],
            default => [],
        }, true);
    }
}
