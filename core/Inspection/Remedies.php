<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

use OakGloss\Inspection\Remedy as R;

/** Which ways out there are of each defect and mishap, before anything is known of the part. */
final class Remedies
{
    /** Of cloth that lies wrong, by how it lies. */
    private const OF_CLOTH = [
        R::Shift, R::Relay, R::Remist, R::NewPiece, R::TackCoat, R::StripWet, R::Splice, R::StartOver, R::Accept,
    ];

    /** @return non-empty-list<Remedy> */
    public static function of(Defect $defect): array
    {
        return match ($defect) {
            Defect::Fisheyes => [R::WorkWet, R::SandAndCoat, R::SpotFill, R::Accept],
            Defect::Pinholes => [R::Bury, R::SpotFill, R::Flood, R::SandAndCoat, R::Accept],
            Defect::Bubbles => [R::HotAir, R::SandOut, R::SandAndCoat, R::Accept],
            Defect::DrySpot => [R::WorkWet, R::CoatNow, R::SpotFill, R::SandAndCoat, R::Accept],
            Defect::Floated, Defect::Bridged, Defect::Delamination => [R::Inject, R::Splice, R::Accept],
            Defect::Skew => self::OF_CLOTH,
            Defect::Frayed => [R::Trim, R::Accept],
            Defect::BurnThrough => [R::Cover, R::Flood, R::CoatNow, R::Accept],
            Defect::LowSpots => [R::Bury, R::SandOut, R::SpotFill, R::Flood, R::SandAndCoat, R::Accept],
            Defect::Runs => [R::WorkWet, R::SandOut, R::SandAndCoat, R::Accept],
            Defect::Blush => [R::Wash, R::SandOut, R::Accept],
            Defect::Bleed => [R::Splice, R::Accept],
            // While it dents paper clogs, and a coat on top seals the fault in.
            Defect::Soft => [R::Hold, R::TakeOff, R::StartOver, R::Accept],
            Defect::Haze => [R::Reclear, R::Accept],
            Defect::Scratch => [R::Finer, R::Repolish, R::Accept],
            Defect::OrangePeel => [R::Repolish, R::Reclear, R::Accept],
            Defect::PrintThrough => [R::Hold, R::SandOut, R::Reclear, R::Accept],
            Defect::Yellowing => [R::Reclear, R::Accept],
            Defect::PolishBurn => [R::Repolish, R::Reclear, R::Accept],
            Defect::Hair => [R::WorkWet, R::SandOut, R::SandAndCoat, R::Accept],
        };
    }

    /** What is tried before all others: what is soft is held warm a day before anything is scraped. */
    public static function before(Defect $defect): ?Remedy
    {
        return $defect === Defect::Soft ? R::Hold : null;
    }

    /** @return non-empty-list<Remedy> */
    public static function ofMishap(Mishap $mishap): array
    {
        return match ($mishap) {
            Mishap::CupKicked, Mishap::CupBinned => [R::NewCup, R::Later],
            Mishap::WrongJar => [R::NewCup, R::Later, R::WashOff, R::SandAndCoat],
            Mishap::ClothCreased => self::OF_CLOTH,
            Mishap::PartDropped => [R::Unharmed, R::SpotFill, R::Splice, R::StartOver, R::Accept],
            Mishap::Spoilt => [R::StartOver, R::Accept],
            Mishap::FilmTouched => [R::WorkWet, R::SandAndCoat, R::Accept],
        };
    }
}
