<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What can hurt at any step of a role; a method adds what its own brings, a resin what its sheet says. */
final class Hazards
{
    /** @return list<Caution> */
    public static function of(Role $role): array
    {
        return match ($role->kind()) {
            // What the resin itself brings comes with its sheet.
            StepKind::Coat => [Caution::Exotherm, ...($role === Role::Lift || $role === Role::Infuse ? [Caution::Lift] : [])],
            StepKind::Wipe, StepKind::Inspect => match ($role) {
                Role::TackRag => [],
                // What the amine left is on the pad.
                Role::Wash => [Caution::Epoxy],
                default => [Caution::SolventRags],
            },
            StepKind::Look => [],
            StepKind::LeakCheck => [Caution::Vacuum],
            StepKind::Key, StepKind::Flat => [Caution::Dust],
            StepKind::Lay => [Caution::Epoxy, Caution::HotAir, Caution::Knife],
            StepKind::Turn => [Caution::Epoxy],
            StepKind::Polish => [Caution::PolishHeat, Caution::Rotary],
            StepKind::PostCure => [Caution::Heat],
            StepKind::Prepare => match ($role) {
                Role::Strip => [Caution::Structure, Caution::SolventRags],
                Role::Prime, Role::Adhesive => [Caution::SprayMist],
                Role::BodyFill => [Caution::Styrene],
                Role::Veil => [Caution::Knife],
                Role::Drill, Role::OpenUp => [Caution::Rotary, Caution::Dust, Caution::Structure],
                Role::FilmOver => [Caution::Styrene],
                Role::MaskLine, Role::UnmaskFaces, Role::CutPlies, Role::Demould => [Caution::Knife],
                Role::Wax, Role::ReleaseFilm => [Caution::SolventRags],
                Role::Bag => [Caution::Vacuum, Caution::Knife],
                Role::Surface => [Caution::SprayMist, Caution::Styrene],
                Role::CutOut => [Caution::Structure, Caution::Rotary, Caution::Dust],
                Role::OpenBlisters, Role::Unbag, Role::Stack, Role::TearPeel => [Caution::Knife],
                Role::PeelPly => [Caution::Epoxy, Caution::Knife],
                Role::Join => [Caution::Epoxy, Caution::Structure],
                Role::Bond => [Caution::Epoxy, Caution::Clamp, Caution::Structure],
                Role::Hang => [Caution::Structure],
                Role::DotFill => [Caution::Epoxy],
                Role::Warm => [Caution::HotAir],
                Role::FlashOff => [Caution::SolventRags],
                Role::MendWet => [Caution::Epoxy],
                Role::MendOpen => [Caution::Knife],
                Role::MendSand => [Caution::Dust],
                default => [],
            },
            StepKind::Spray => $role === Role::Stripe ? [Caution::SprayMist] : [],
        };
    }
}
