<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** The parts of a job, as a finisher would tell how far it is. */
enum Stage: string
{
    case Pattern = 'pattern';
    case Mould = 'mould';
    case Ground = 'ground';
    case Cloth = 'cloth';
    case Build = 'build';
    case Level = 'level';
    case Surface = 'surface';
    case Off = 'off';
    case Fit = 'fit';

    /** In which part of the job a step of a role lies. */
    public static function of(Role $role): self
    {
        return match ($role) {
            Role::Purge, Role::Strip, Role::Wipe, Role::Wash, Role::MaskFaces, Role::UnmaskFaces, Role::Key, Role::Prime, Role::BodyFill,
            Role::Seal, Role::Wax, Role::ReleaseFilm => self::Ground,
            Role::Base, Role::KeyBase, Role::Tack, Role::Veil, Role::Adhesive, Role::Lay, Role::MendLay, Role::WetOut,
            Role::InnerWetOut, Role::Insurance,
            Role::CutPlies, Role::Laminate, Role::InnerPly, Role::PeelPly, Role::TearPeel, Role::Cover => self::Cloth,
            Role::Nibs, Role::Build, Role::Spot, Role::Turn, Role::Trim => self::Build,
            Role::ResinFlat, Role::Finish, Role::PostCure, Role::LastFlat, Role::Drill, Role::OpenUp => self::Level,
            Role::FillerClear, Role::Pinholes, Role::FilmOver, Role::FillerWash, Role::FillerFlat, Role::MaskLine, Role::Stripe,
            Role::Unmask, Role::TackRag, Role::Clear, Role::Varnish, Role::SendOut, Role::BackIn, Role::ClearFlat,
            Role::Polish, Role::Inspect => self::Surface,
            Role::Demould, Role::Look, Role::Unbag => self::Off,
            Role::Surface, Role::FormFlat, Role::PartingLine => self::Pattern,
            Role::GelCoat, Role::Coupling, Role::Lift, Role::Gauge => self::Mould,
            Role::Stack, Role::Infuse, Role::Bag, Role::LeakCheck, Role::BaggedPly => self::Cloth,
            Role::Join, Role::Bond, Role::Hang => self::Fit,
            Role::MaskWide, Role::CutOut, Role::OpenBlisters, Role::FlashOff => self::Ground,
            Role::Splice, Role::FillFlush, Role::DotFill, Role::Pour, Role::Warm => self::Build,
            Role::HardTop, Role::TopWash => self::Level,
            Role::MendWet, Role::MendOpen, Role::MendSand, Role::MendCoat, Role::MendFlat => self::Build,
            Role::MendSpray => self::Surface,
        };
    }
}
